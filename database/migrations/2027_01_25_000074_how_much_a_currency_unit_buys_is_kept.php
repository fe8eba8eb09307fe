<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a treatment costs is weighed in the money of the salon: read off what its wash days cost. */
return new class () extends Migration {
    private const USUAL_WASH_DAY_CENTS = 8000;

    public function up(): void
    {
        Schema::table('salons', static function (Blueprint $table): void {
            $table->unsignedInteger('price_level')->default(1);
        });
        $asked = DB::table('services')
            ->where('is_wash_day', true)
            ->where('price_cents', '>', 0)
            ->groupBy('salon_id')
            ->selectRaw('salon_id, AVG(price_cents) AS cents')
            ->pluck('cents', 'salon_id');
        foreach ($asked as $salon => $cents) {
            $power = is_numeric($cents) ? max(0, (int) round(log10((float) $cents / self::USUAL_WASH_DAY_CENTS))) : 0;
            DB::table('salons')->where('id', $salon)->update(['price_level' => 10 ** $power]);
        }
    }

    public function down(): void
    {
        Schema::table('salons', static function (Blueprint $table): void {
            $table->dropColumn('price_level');
        });
    }
};
