<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many of the coming days a plan foretold in balance, made on a day of hair tests: to be held beside what came. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('plan_foretold', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('made_on');
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->double('in_balance');
            $table->unique(['head_id', 'made_on']);
            $table->index(['salon_id', 'made_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_foretold');
    }
};
