<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A sign that bars treatments, from the day it was raised until a named person cleared it.
        Schema::create('clearances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('sign', 16);
            $table->date('raised_on');
            $table->string('raised_by', 120);
            // What was seen is a health note: encrypted before it reaches the table.
            $table->text('seen');
            $table->date('cleared_on')->nullable();
            $table->string('cleared_by', 120)->nullable();
            $table->timestamps();
            $table->index(['head_id', 'sign', 'cleared_on']);
        });
    }
};
