<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A signed link to one head's card; the signature is made from the row, so a row withdrawn opens nothing.
        Schema::create('home_links', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('by', 200);
            $table->dateTime('expires_at');
            $table->dateTime('withdrawn_at')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->timestamps();
            $table->index(['head_id', 'expires_at']);
        });
        // What came from home, with keys of its own: applied once, however often it is sent.
        Schema::create('home_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('kind', 16);
            $table->date('date');
            $table->string('says', 400);
            $table->string('refused', 400)->nullable();
            $table->timestamp('came_at');
            $table->unique(['head_id', 'key']);
            $table->index(['salon_id', 'came_at']);
        });
    }
};
