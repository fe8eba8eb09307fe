<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // One change, one measure agreed on before, and what the readings say of it.
        Schema::create('trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->string('change', 200);
            $table->string('sign', 32);
            // The sides of a half-head trial: the usual and the changed one.
            $table->string('usual_zone', 16)->nullable();
            $table->string('changed_zone', 16)->nullable();
            $table->date('began_on');
            $table->date('ended_on')->nullable();
            $table->string('by', 200);
            $table->timestamps();
            $table->index(['head_id', 'ended_on']);
        });
    }
};
