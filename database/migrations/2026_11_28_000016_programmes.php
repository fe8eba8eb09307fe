<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Something kept to for so many weeks, and the measure it is looked at by.
        Schema::create('programmes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 24);
            $table->string('sign', 32);
            $table->date('began_on');
            $table->unsignedTinyInteger('weeks');
            $table->date('broken_off_on')->nullable();
            $table->string('by', 200);
            $table->timestamps();
            $table->index(['head_id', 'began_on']);
        });
    }
};
