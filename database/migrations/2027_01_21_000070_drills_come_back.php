<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which questions of the drills somebody was asked, and when each comes back. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('drill_cards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->unsignedTinyInteger('item');
            $table->unsignedTinyInteger('box');
            $table->date('due_on');
            $table->unsignedInteger('asked')->default(0);
            $table->unsignedInteger('missed')->default(0);
            $table->unique(['user_id', 'salon_id', 'kind', 'item']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('drill_cards');
    }
};
