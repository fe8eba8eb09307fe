<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Hair of a salon's own clients to practise on: measures of it and nothing that names anybody. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('lived_cases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('hair');
            $table->unique(['salon_id', 'number']);
        });
        Schema::table('played_cases', static fn (Blueprint $table) => $table->json('lived')->nullable());
    }

    public function down(): void
    {
        Schema::table('played_cases', static fn (Blueprint $table) => $table->dropColumn('lived'));
        Schema::dropIfExists('lived_cases');
    }
};
