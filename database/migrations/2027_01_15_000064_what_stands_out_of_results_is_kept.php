<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which of a salon's hair test results did not come as foretold, when it was last looked at. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', static fn (Blueprint $table) => $table->json('results_stand_out')->nullable());
    }

    public function down(): void
    {
        Schema::table('salons', static fn (Blueprint $table) => $table->dropColumn('results_stand_out'));
    }
};
