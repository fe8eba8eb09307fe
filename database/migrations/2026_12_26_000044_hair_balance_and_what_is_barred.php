<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The stored balance takes the name of its picture; a planned wash day says what must not be done on it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->renameColumn('river', 'hair_balance');
        });
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->json('barred')->nullable()->after('broken');
        });
        // Drawn and planned anew when they are next looked at.
        DB::table('outlooks')->update(['as_of' => '1000-01-01']);
    }

    public function down(): void
    {
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->dropColumn('barred');
        });
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->renameColumn('hair_balance', 'river');
        });
    }
};
