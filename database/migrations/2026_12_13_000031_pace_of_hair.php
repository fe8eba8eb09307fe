<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the pace of a head is learned from beside its wash days and readings: dryings by the clock, and take-downs. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('pace_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->string('what', 20);
            $table->string('by', 20)->nullable();
            $table->decimal('minutes', 6, 1)->nullable();
            $table->boolean('heavy')->default(false);
            $table->index(['head_id', 'date']);
        });
    }

    public function down(): void
    {
        Schema::drop('pace_days');
    }
};
