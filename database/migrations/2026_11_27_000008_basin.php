<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A wash day as it is run; where it stands follows from its acts.
        Schema::create('basins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->json('plan');
            $table->string('by', 200);
            $table->timestamp('finished_at')->nullable();
            $table->string('wash_day', 64)->nullable();
            $table->string('visit', 32)->nullable();
            // Balance before and after, planned and actual minutes.
            $table->json('outcome')->nullable();
            $table->timestamps();
            $table->index(['head_id', 'finished_at']);
        });
        // Every tap, with a key of its own: applied once, whoever sends it how often.
        Schema::create('basin_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('basin_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('kind', 16);
            $table->string('step', 40);
            $table->json('value')->nullable();
            $table->timestamp('acted_at', 3);
            $table->string('by', 200);
            $table->string('device', 40);
            $table->string('refused', 200)->nullable();
            $table->unique(['basin_id', 'key']);
        });
    }
};
