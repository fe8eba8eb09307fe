<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What is everybody's, before there is a salon: one row, counted up by whoever holds it. Where nothing is there yet to
 * be held, two on two nodes of a database cluster would both be first.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('installations', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->unsignedBigInteger('acts_taken')->default(0);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('installations');
    }
};
