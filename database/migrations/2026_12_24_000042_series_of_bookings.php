<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Bookings that were made in one go and belong together: again every so many weeks. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bookings', function (Blueprint $table): void {
            $table->char('series', 26)->nullable();
            $table->index(['salon_id', 'series']);
        });
    }

    public function down(): void
    {
        Schema::table('bookings', function (Blueprint $table): void {
            $table->dropIndex(['salon_id', 'series']);
            $table->dropColumn('series');
        });
    }
};
