<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Leave can begin and end at an hour; without one it takes the whole day. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('leaves', function (Blueprint $table): void {
            $table->unsignedSmallInteger('from_minute')->nullable();
            $table->unsignedSmallInteger('until_minute')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('leaves', fn (Blueprint $table) => $table->dropColumn(['from_minute', 'until_minute']));
    }
};
