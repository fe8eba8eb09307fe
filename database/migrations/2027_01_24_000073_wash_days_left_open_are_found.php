<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each day asks which wash days of the salon were never finished: few of many. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('wash_sessions', static function (Blueprint $table): void {
            $table->index(['salon_id', 'finished_at']);
        });
    }

    public function down(): void
    {
        // The key of the salon leans on whichever index begins with it.
        Schema::table('wash_sessions', static function (Blueprint $table): void {
            $table->index('salon_id', 'basins_salon_id_foreign');
            $table->dropIndex(['salon_id', 'finished_at']);
        });
    }
};
