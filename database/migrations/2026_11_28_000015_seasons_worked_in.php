<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Each change of what a season must keep to, with what it was before: undone and done again from here.
        Schema::create('season_edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->json('before')->nullable();
            $table->json('after')->nullable();
            $table->string('says', 400);
            $table->string('by', 200);
            $table->timestamp('made_at');
            $table->timestamp('undone_at')->nullable();
            $table->index(['head_id', 'undone_at']);
        });
        // What a client was promised, version after version.
        Schema::create('promises', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->json('items');
            $table->string('by', 200);
            $table->timestamp('made_at');
            $table->timestamp('released_at')->nullable();
            $table->index(['head_id', 'released_at']);
        });
        Schema::table('outlooks', function (Blueprint $table): void {
            // Days out of band to be expected over the season, and its minutes: what a change is held against.
            $table->double('days_out')->default(0);
            $table->double('plan_minutes')->default(0);
        });
    }
};
