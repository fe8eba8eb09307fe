<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('imports', function (Blueprint $table): void {
            // The tables of a file and how they are read, encrypted: they hold people.
            $table->longText('tables')->nullable();
            $table->longText('reading')->nullable();
            $table->timestamp('taken_at')->nullable();
            $table->string('taken_by', 200)->nullable();
            // Keys of what came of it, and how it stood then.
            $table->longText('made')->nullable();
        });
    }
};
