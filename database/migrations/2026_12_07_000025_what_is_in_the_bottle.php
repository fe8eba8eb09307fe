<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('wash_steps', function (Blueprint $table): void {
            // What the bottle of the step held on that day; null where it is not known.
            $table->json('contents')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('wash_steps', function (Blueprint $table): void {
            $table->dropColumn('contents');
        });
    }
};
