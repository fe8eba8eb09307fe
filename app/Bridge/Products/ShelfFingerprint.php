<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\ZonePart;
use Illuminate\Support\Facades\DB;

/** All that the choice of bottles for a client hangs on, in one line: where it is the same, so is the choice. */
final readonly class ShelfFingerprint
{
    private const SQL = <<<'SQL'
        select
            (select concat(count(*), '.', coalesce(sum(crc32(concat_ws('|', id, name, kind, ingredients, size_ml,
                left_ml, pump_ml, price_cents, label_minutes, opened_on, months_open, made_on, keeps_days,
                recalled_on))), 0))
                from products where salon_id = :salon_of_products
                and (head_id is null or head_id = :head_of_products)) products,
            (select concat(count(*), '.', coalesce(sum(crc32(concat_ws('|', product_id, ingredient))), 0))
                from reactions where head_id = :head_of_reactions) reactions,
            (select concat(count(*), '.', coalesce(sum(crc32(concat_ws('|', date, raw))), 0))
                from readings where head_id = :head_of_readings and test = 'result') results,
            (select concat(count(*), '.', coalesce(sum(crc32(concat_ws('|', date, product))), 0))
                from wash_steps join wash_days on wash_days.id = wash_steps.wash_day_id
                where wash_days.head_id = :head_of_days) days,
            (select count(*) from wash_session_acts
                join wash_sessions on wash_sessions.id = wash_session_acts.wash_session_id
                where wash_sessions.head_id = :head_of_acts and wash_session_acts.kind = 'bottle') bottles,
            (select concat(count(*), '.', coalesce(sum(crc32(concat_ws('|', name, functions, strength, also))), 0))
                from taught_ingredients where salon_id = :salon_of_book) taught
        SQL;

    /** Taken up where what is kept under it changes its shape, or the data that ship do. */
    private const VERSION = 3;

    public static function of(Head $head, float $humidityPercent): string
    {
        $found = DB::selectOne(self::SQL, [
            'salon_of_products' => $head->salon_id, 'head_of_products' => $head->id, 'head_of_reactions' => $head->id,
            'head_of_readings' => $head->id, 'head_of_days' => $head->id, 'head_of_acts' => $head->id,
            'salon_of_book' => $head->salon_id,
        ]);

        return hash('sha256', serialize([
            self::VERSION, $found, $head->getAttributes(), $humidityPercent,
            $head->salon->today()->format('Y-m-d'),
            $head->zoneParts->map(static fn (ZonePart $part): array => $part->getAttributes())->all(),
        ]));
    }
}
