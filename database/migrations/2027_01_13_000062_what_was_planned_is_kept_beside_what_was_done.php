<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What the plan asked for on a wash day at home, beside what was told of it; and what comes of plans at home, as it
 * stands.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('wash_days', static fn (Blueprint $table) => $table->json('planned')->nullable());
        Schema::table('outlooks', static fn (Blueprint $table) => $table->json('done_at_home')->nullable());
    }

    public function down(): void
    {
        Schema::table('wash_days', static fn (Blueprint $table) => $table->dropColumn('planned'));
        Schema::table('outlooks', static fn (Blueprint $table) => $table->dropColumn('done_at_home'));
    }
};
