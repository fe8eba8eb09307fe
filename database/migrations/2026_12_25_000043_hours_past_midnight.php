<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where hours go past midnight, the night belongs to the day before it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedSmallInteger('day_turns_minute')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('salons', function (Blueprint $table): void {
            $table->dropColumn('day_turns_minute');
        });
    }
};
