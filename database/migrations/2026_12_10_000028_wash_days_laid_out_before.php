<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A wash day can be laid out and changed before it begins. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('wash_sessions', function (Blueprint $table): void {
            $table->dateTime('began_at')->nullable()->after('by');
        });
        DB::table('wash_sessions')->update(['began_at' => DB::raw('created_at')]);
    }

    public function down(): void
    {
        DB::table('wash_sessions')->whereNull('began_at')->delete();
        Schema::table('wash_sessions', function (Blueprint $table): void {
            $table->dropColumn('began_at');
        });
    }
};
