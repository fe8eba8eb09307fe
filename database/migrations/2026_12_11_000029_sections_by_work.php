<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Hair is parted otherwise for washing, detangling and styling. */
return new class () extends Migration {
    private const COLUMNS = ['washing_sections', 'detangling_sections', 'styling_sections'];

    public function up(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            foreach (self::COLUMNS as $column) {
                $table->unsignedTinyInteger($column)->nullable()->after('sections');
            }
        });
    }

    public function down(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            $table->dropColumn(self::COLUMNS);
        });
    }
};
