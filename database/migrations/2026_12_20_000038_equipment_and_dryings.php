<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How much equipment of a salon works, where it is counted; how a booked wash day is dried, where somebody chose. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedTinyInteger('basins')->nullable();
            $table->unsignedTinyInteger('dryers')->nullable();
            $table->unsignedTinyInteger('hoods')->nullable();
        });
        Schema::table('bookings', fn (Blueprint $table) => $table->string('drying', 16)->nullable());
        Schema::table('waits', fn (Blueprint $table) => $table->string('drying', 16)->nullable());
    }

    public function down(): void
    {
        Schema::table('salons', fn (Blueprint $table) => $table->dropColumn(['basins', 'dryers', 'hoods']));
        Schema::table('bookings', fn (Blueprint $table) => $table->dropColumn('drying'));
        Schema::table('waits', fn (Blueprint $table) => $table->dropColumn('drying'));
    }
};
