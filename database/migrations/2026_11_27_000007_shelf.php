<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('products', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            // A client's own, at home; null: on the salon's shelf.
            $table->foreignUlid('head_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('kind', 24);
            $table->text('ingredients');
            // What the list was read as, stored so that a page reads instead of computing.
            $table->json('reading');
            $table->json('claims');
            $table->string('barcode', 32)->nullable();
            $table->double('size_ml')->nullable();
            $table->double('left_ml')->nullable();
            $table->double('pump_ml')->nullable();
            $table->unsignedInteger('price_cents')->nullable();
            $table->date('opened_on')->nullable();
            $table->unsignedSmallInteger('months_open')->nullable();
            $table->date('made_on')->nullable();
            $table->unsignedSmallInteger('keeps_days')->nullable();
            $table->string('batch', 40)->nullable();
            $table->date('recalled_on')->nullable();
            $table->string('recalled_because', 400)->nullable();
            $table->timestamps();
            $table->index(['salon_id', 'head_id', 'kind', 'name']);
        });
        // Everything that changed what is left: counted, bought, used.
        Schema::create('stock_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('product_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->double('ml');
            $table->double('left_ml');
            $table->string('by', 200);
            // The act it belongs to carries a key of its own, so that it counts once.
            $table->string('key', 80)->nullable();
            $table->timestamp('moved_at');
            $table->unique(['product_id', 'key']);
            $table->index(['salon_id', 'kind', 'moved_at']);
        });
        Schema::create('taught_ingredients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->json('also');
            $table->json('functions');
            $table->string('strength', 16)->default('');
            $table->string('by', 200);
            $table->timestamps();
            $table->unique(['salon_id', 'name']);
        });
        Schema::create('reactions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('product_id')->nullable()->constrained()->nullOnDelete();
            $table->string('ingredient', 120)->nullable();
            $table->date('on');
            // What the skin did is a health note: encrypted before it reaches the table.
            $table->text('what');
            $table->string('by', 200);
            $table->timestamps();
            $table->index(['head_id', 'on']);
        });
    }
};
