<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            $table->date('overloaded_on')->nullable()->after('chemical_history');
            $table->string('overloaded_by', 200)->nullable()->after('overloaded_on');
        });
    }

    public function down(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            $table->dropColumn(['overloaded_on', 'overloaded_by']);
        });
    }
};
