<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whoever is asked to join is asked as somebody. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('invitations', function (Blueprint $table): void {
            $table->string('role', 20)->default('stylist');
        });
    }

    public function down(): void
    {
        Schema::table('invitations', function (Blueprint $table): void {
            $table->dropColumn('role');
        });
    }
};
