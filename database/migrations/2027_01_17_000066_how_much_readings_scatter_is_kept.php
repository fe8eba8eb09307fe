<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How much a salon's stylists, and its tests, scatter beside what is usual. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table(
            'stylist_biases',
            static fn (Blueprint $table) => $table->double('noise_factor')->default(1.0),
        );
        Schema::table('salons', static fn (Blueprint $table) => $table->json('reading_noise')->nullable());
    }

    public function down(): void
    {
        Schema::table('salons', static fn (Blueprint $table) => $table->dropColumn('reading_noise'));
        Schema::table('stylist_biases', static fn (Blueprint $table) => $table->dropColumn('noise_factor'));
    }
};
