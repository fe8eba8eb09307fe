<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * How fast each head was detangled lately, kept with its outlook: what is alike among a salon's heads is then asked of
 * one row a head, and no longer of all their wash days. What came of it for a head is kept as well, so that plan, wash
 * and record say one thing until it is next worked out. Until then, by the next morning, it counts as one that was not
 * timed.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', static function (Blueprint $table): void {
            $table->double('detangling_minutes')->nullable();
            $table->unsignedInteger('detangling_times')->default(0);
            $table->double('similar_minutes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('outlooks', static fn (Blueprint $table) => $table->dropColumn([
            'detangling_minutes', 'detangling_times', 'similar_minutes',
        ]));
    }
};
