<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('taken_on');
            $table->string('kind', 16);
            $table->string('consent_by', 120);
            $table->date('consent_on');
            $table->string('by', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->timestamps();
            $table->index(['head_id', 'taken_on']);
        });
    }
};
