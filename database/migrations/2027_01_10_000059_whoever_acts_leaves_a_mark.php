<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * How many acts a salon and a client have had: counted up by each that holds their lock. A lock is held on one node of
 * a database cluster alone; a row that was changed is seen by all of them, and of two that change it at once one is
 * refused and done again.
 */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['salons', 'heads'] as $of) {
            Schema::table($of, static fn (Blueprint $table) => $table->unsignedBigInteger('acts_taken')->default(0));
        }
    }

    public function down(): void
    {
        foreach (['salons', 'heads'] as $of) {
            Schema::table($of, static fn (Blueprint $table) => $table->dropColumn('acts_taken'));
        }
    }
};
