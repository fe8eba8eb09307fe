<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('plan_items', function (Blueprint $table): void {
            // The wash day is too short for its styling, which is done on the day after.
            $table->boolean('styles_after')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->dropColumn('styles_after');
        });
    }
};
