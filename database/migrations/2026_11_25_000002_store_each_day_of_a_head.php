<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A head's state at the end of each day on which something happened, so that the next event goes on from there.
        Schema::create('head_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->boolean('sealed');
            $table->boolean('tight');
            $table->json('signs');
            $table->binary('state');
            $table->json('ledger');
            $table->json('checks');
            $table->boolean('was_read');
            $table->unique(['head_id', 'date']);
            $table->index(['salon_id', 'was_read', 'date']);
        });
        // The zones of a head as they were until a day on which they were sorted anew.
        Schema::create('zones_before', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('until');
            $table->json('zones');
            $table->unique(['head_id', 'until']);
        });
        Schema::create('stylist_biases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('by', 200);
            $table->string('sign', 32);
            $table->double('mean');
            $table->double('sd');
            $table->unique(['salon_id', 'by', 'sign']);
        });
        Schema::table('salons', function (Blueprint $table): void {
            $table->string('climate', 16)->default('none');
            // Daily humidity by day of the year, from the salon's own weather file.
            $table->json('air')->nullable();
        });
        Schema::table('heads', function (Blueprint $table): void {
            $table->json('season')->nullable();
        });
        // What was stored by the earlier shape is worked out anew.
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->json('clashes')->nullable();
            $table->json('learned')->nullable();
            $table->json('length')->nullable();
        });
        Schema::getConnection()->table('outlooks')->delete();
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->json('by_hand')->nullable();
            $table->json('clash')->nullable();
            $table->double('broken_hairs')->default(0);
        });
    }
};
