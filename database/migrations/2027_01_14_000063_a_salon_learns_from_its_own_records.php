<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a salon's own records say of the numbers it goes by, and which of them it goes by now. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('learnings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('asked_by', 120);
            $table->dateTime('asked_at');
            $table->dateTime('worked_on_at');
            $table->dateTime('ended_at')->nullable();
            $table->boolean('failed')->default(false);
            $table->unsignedInteger('heads')->default(0);
            $table->unsignedInteger('readings')->default(0);
            $table->json('work')->nullable();
            $table->json('factors')->nullable();
            $table->json('held')->nullable();
            $table->dateTime('used_at')->nullable();
            $table->string('used_by', 120)->nullable();
            $table->dateTime('left_at')->nullable();
            $table->string('left_by', 120)->nullable();
            $table->index(['salon_id', 'id']);
        });
        Schema::table('salons', static fn (Blueprint $table) => $table->json('learned')->nullable());
    }

    public function down(): void
    {
        Schema::table('salons', static fn (Blueprint $table) => $table->dropColumn('learned'));
        Schema::dropIfExists('learnings');
    }
};
