<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the minutes of a wash day are made of, as it was planned and as it was booked. */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['plan_items', 'bookings'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->json('parts')->nullable()->after('minutes');
            });
        }
    }

    public function down(): void
    {
        foreach (['plan_items', 'bookings'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->dropColumn('parts');
            });
        }
    }
};
