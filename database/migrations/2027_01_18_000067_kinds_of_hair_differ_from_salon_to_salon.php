<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In what hair of one porosity, strand or curl is otherwise in a salon than its clients' hair as a whole. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('learnings', static fn (Blueprint $table) => $table->json('kinds')->nullable());
        Schema::table('salons', static fn (Blueprint $table) => $table->json('learned_kinds')->nullable());
    }

    public function down(): void
    {
        Schema::table('salons', static fn (Blueprint $table) => $table->dropColumn('learned_kinds'));
        Schema::table('learnings', static fn (Blueprint $table) => $table->dropColumn('kinds'));
    }
};
