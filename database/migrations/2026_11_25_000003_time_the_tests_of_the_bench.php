<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            // How long the test took at the chair; null where nobody timed it.
            $table->unsignedSmallInteger('seconds')->nullable();
            $table->index(['salon_id', 'test', 'seconds']);
        });
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->json('worth')->nullable();
        });
    }
};
