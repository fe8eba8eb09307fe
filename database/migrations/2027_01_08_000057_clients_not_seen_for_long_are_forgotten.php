<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A salon may say after how many years; until it does, nobody is forgotten by itself. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', fn (Blueprint $table) => $table->unsignedTinyInteger('forget_after_years')->nullable());
        Schema::table('heads', function (Blueprint $table): void {
            $table->date('forget_on')->nullable();
            $table->date('kept_on')->nullable();
            $table->index(['salon_id', 'forget_on']);
        });
    }

    public function down(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            $table->dropIndex(['salon_id', 'forget_on']);
            $table->dropColumn(['forget_on', 'kept_on']);
        });
        Schema::table('salons', fn (Blueprint $table) => $table->dropColumn('forget_after_years'));
    }
};
