<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Those that were handed out go on for as long as one that is made today. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('calendar_feeds', fn (Blueprint $table) => $table->dateTime('expires_at')->nullable());
        DB::table('calendar_feeds')->update(['expires_at' => now()->addYear()]);
    }

    public function down(): void
    {
        Schema::table('calendar_feeds', fn (Blueprint $table) => $table->dropColumn('expires_at'));
    }
};
