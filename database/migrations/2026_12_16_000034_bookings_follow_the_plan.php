<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A booked wash day follows the plan: the minutes the plan asks for where they do not fit, and those that somebody said
 * it is to keep to.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bookings', function (Blueprint $table): void {
            $table->unsignedSmallInteger('asks_minutes')->nullable();
            $table->unsignedSmallInteger('kept_minutes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('bookings', fn (Blueprint $table) => $table->dropColumn(['asks_minutes', 'kept_minutes']));
    }
};
