<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who waits for a time that is not free yet. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('waits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->foreignId('service_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('part', 12)->default('');
            $table->date('from');
            $table->date('until');
            $table->json('stretches');
            $table->timestamps();
            $table->unique(['head_id', 'service_id']);
            $table->index(['salon_id', 'until']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('waits');
    }
};
