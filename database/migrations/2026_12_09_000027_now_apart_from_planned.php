<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Stored rivers had one line for what was and what is planned; each is drawn anew when it is next looked at. */
return new class () extends Migration {
    public function up(): void
    {
        DB::table('outlooks')->update(['as_of' => '1000-01-01']);
    }

    public function down(): void
    {
        DB::table('outlooks')->update(['as_of' => '1000-01-01']);
    }
};
