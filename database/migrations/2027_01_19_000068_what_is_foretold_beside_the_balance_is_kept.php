<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How the scalp and the minutes of detangling came out beside what was foretold of them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', static fn (Blueprint $table) => $table->json('foretold')->nullable());
    }

    public function down(): void
    {
        Schema::table('outlooks', static fn (Blueprint $table) => $table->dropColumn('foretold'));
    }
};
