<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a client does at home by habit, as far as was told until that day; missing: what is assumed of anybody. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('head_snapshots', static fn (Blueprint $table) => $table->binary('habits')->nullable());
    }

    public function down(): void
    {
        Schema::table('head_snapshots', static fn (Blueprint $table) => $table->dropColumn('habits'));
    }
};
