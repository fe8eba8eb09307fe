<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A style from the day it was made to the day it was no longer good.
        Schema::create('styles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('styling', 16);
            $table->date('made_on');
            // Days it may stay in, where that is set for this client.
            $table->unsignedSmallInteger('stays_days')->nullable();
            // What was done to it, by day.
            $table->json('log');
            $table->date('ended_on')->nullable();
            $table->timestamps();
            $table->index(['head_id', 'ended_on']);
        });
    }
};
