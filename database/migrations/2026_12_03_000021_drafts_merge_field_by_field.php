<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('test_drafts', function (Blueprint $table): void {
            // Two tablets at one client hold one visit; it is taken in under one key.
            $table->ulid('visit')->nullable();
            $table->unsignedInteger('revision')->default(0);
            // Field => the revision at which it was last set or emptied.
            $table->json('marks')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('test_drafts', function (Blueprint $table): void {
            $table->dropColumn(['visit', 'revision', 'marks']);
        });
    }
};
