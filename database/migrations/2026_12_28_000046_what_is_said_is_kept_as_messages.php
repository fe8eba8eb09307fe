<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The line of a head is kept as what it says, not as a sentence of one language: that is longer. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->text('verdict')->change();
        });
    }

    public function down(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->string('verdict', 400)->change();
        });
    }
};
