<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A style is looked at day by day: definition, frizz, moisture. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('styles', function (Blueprint $table): void {
            $table->json('looks')->nullable()->after('log');
        });
    }

    public function down(): void
    {
        Schema::table('styles', function (Blueprint $table): void {
            $table->dropColumn('looks');
        });
    }
};
