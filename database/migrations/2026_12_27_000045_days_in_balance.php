<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How likely each day's hair was in balance, as it was known on that day: what reports look back over. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('balance_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->double('in_balance');
            $table->unique(['head_id', 'date']);
            $table->index(['salon_id', 'date']);
        });
        // Followed anew from the first day, by the clock or by whoever opens the client.
        DB::table('heads')->update(['outlook_due_from' => '1000-01-01']);
    }

    public function down(): void
    {
        Schema::dropIfExists('balance_days');
    }
};
