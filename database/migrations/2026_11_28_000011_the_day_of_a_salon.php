<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedTinyInteger('chairs')->default(4);
            $table->char('currency', 3)->default('EUR');
        });
        Schema::table('users', function (Blueprint $table): void {
            // On a screen that clients see, names of others are not shown.
            $table->boolean('hides_names')->default(false);
        });
        Schema::table('outlooks', function (Blueprint $table): void {
            // The first day on which some stratum is likelier outside its band than in it, if nothing is done; for the
            // morning desk.
            $table->date('drifts_on')->nullable();
            $table->index(['salon_id', 'drifts_on']);
        });
        Schema::create('offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            // A whole wash day takes its minutes from the Basin; everything else from the client's own past, and from
            // these.
            $table->boolean('is_wash_day')->default(false);
            $table->unsignedSmallInteger('minutes');
            $table->unsignedInteger('price_cents')->default(0);
            $table->timestamps();
            $table->unique(['salon_id', 'name']);
        });
        Schema::create('working_hours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('weekday');
            $table->unsignedSmallInteger('from_minute');
            $table->unsignedSmallInteger('until_minute');
            $table->unique(['user_id', 'weekday', 'from_minute']);
        });
        Schema::create('leaves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->date('from');
            $table->date('until');
            $table->string('because', 120)->default('');
            $table->index(['user_id', 'until']);
        });
        Schema::create('bookings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('service', 80);
            $table->boolean('is_wash_day');
            // The salon's own day, and the moment itself: a change of the clocks moves neither.
            $table->date('date');
            $table->dateTime('starts_at');
            $table->json('stretches');
            $table->unsignedSmallInteger('minutes');
            $table->unsignedInteger('price_cents');
            $table->string('status', 16)->default('booked');
            $table->dateTime('expected_at')->nullable();
            $table->dateTime('begun_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->unsignedSmallInteger('over_minutes')->default(0);
            $table->string('because', 400)->nullable();
            // Counts up with each change: who changes what she has not seen is told, and calendars hear of it.
            $table->unsignedInteger('sequence')->default(0);
            $table->string('changed_by', 200);
            $table->timestamps();
            $table->index(['salon_id', 'date']);
            $table->index(['head_id', 'date']);
            $table->index(['user_id', 'date']);
        });
        Schema::table('stock_moves', function (Blueprint $table): void {
            $table->foreignUlid('basin_id')->nullable()->constrained()->nullOnDelete();
        });
        // Until now only the key of an act told which wash day it belonged to.
        DB::statement(
            "update stock_moves join basins on stock_moves.`key` like concat('basin ', basins.id, ' %') set stock_moves.basin_id = basins.id",
        );
    }
};
