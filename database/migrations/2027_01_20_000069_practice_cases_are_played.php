<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Practice cases as people play them, each act kept; nothing of it is of a client. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('played_cases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40)->default('');
            $table->unsignedInteger('seed');
            $table->date('from_on');
            $table->dateTime('begun_at');
            $table->dateTime('ended_at')->nullable();
            $table->json('score')->nullable();
            $table->json('beside')->nullable();
            $table->index(['user_id', 'id']);
        });
        Schema::create('played_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('played_case_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('place');
            $table->string('kind', 12);
            $table->json('content');
            $table->dateTime('taken_at');
            $table->unique(['played_case_id', 'place']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('played_acts');
        Schema::dropIfExists('played_cases');
    }
};
