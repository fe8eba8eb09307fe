<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What was read of a file and waits to be confirmed; nothing of it is in the book.
        Schema::create('imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 190);
            $table->longText('found');
            $table->timestamps();
        });
        // That somebody was deleted, by whom, and that nothing is left; not who she was.
        Schema::create('deletions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('by', 200);
            $table->json('before');
            $table->json('after');
            $table->unsignedInteger('files_before');
            $table->unsignedInteger('files_after');
            $table->timestamp('deleted_at');
        });
    }
};
