<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            // How the scalp stands, what it asks for and how it is foretold; null where it was not read lately.
            $table->json('scalp')->nullable();
            // What relaxing a limit would free; null where none costs anything worth saying.
            $table->json('limits')->nullable();
            $table->boolean('limits_due')->default(true);
        });
        Schema::table('clearances', function (Blueprint $table): void {
            $table->boolean('by_reading')->default(false);
            $table->date('confirmed_on')->nullable();
            $table->string('confirmed_by', 120)->nullable();
            $table->boolean('withdrawn')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->dropColumn(['scalp', 'limits', 'limits_due']);
        });
        Schema::table('clearances', function (Blueprint $table): void {
            $table->dropColumn(['by_reading', 'confirmed_on', 'confirmed_by', 'withdrawn']);
        });
    }
};
