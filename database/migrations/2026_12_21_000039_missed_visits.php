<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When somebody cancelled, and what the salon does about visits that are missed again and again. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bookings', fn (Blueprint $table) => $table->dateTime('cancelled_at')->nullable());
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedSmallInteger('late_cancel_hours')->nullable();
            $table->unsignedTinyInteger('missed_from')->nullable();
            $table->string('missed_rule', 200)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('bookings', fn (Blueprint $table) => $table->dropColumn('cancelled_at'));
        Schema::table(
            'salons',
            fn (Blueprint $table) => $table->dropColumn(['late_cancel_hours', 'missed_from', 'missed_rule']),
        );
    }
};
