<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A drying knows the step of the wash day it was timed on, so that its minutes can be corrected there. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('pace_days', function (Blueprint $table): void {
            $table->foreignUlid('wash_session_id')->nullable()->constrained()->nullOnDelete();
            $table->string('step', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('pace_days', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('wash_session_id');
            $table->dropColumn('step');
        });
    }
};
