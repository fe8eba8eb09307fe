<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In what language a client is written to, and the number a message says to call. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('heads', fn (Blueprint $table) => $table->string('language', 5)->nullable());
        Schema::table('salons', function (Blueprint $table): void {
            $table->string('language', 5)->default('en');
            $table->string('phone', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('heads', fn (Blueprint $table) => $table->dropColumn('language'));
        Schema::table('salons', fn (Blueprint $table) => $table->dropColumn(['language', 'phone']));
    }
};
