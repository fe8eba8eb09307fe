<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Models\Booking;
use App\Models\WashDay;
use Illuminate\Support\Facades\DB;

/**
 * How what an import made stands, as prints: where one is the same later, nobody has touched it. What the product works
 * out by itself is not in them.
 */
final readonly class ImportPrints
{
    /** Worked out, told or sent, and not written by anybody. */
    private const DERIVED = [
        'outlooks', 'head_snapshots', 'balance_days', 'plan_foretold',
        'plan_items', 'visit_statements', 'activity_log', 'reminders',
        'outbox_messages', 'zone_parts',
    ];
    private const OF_BOOKING = [
        'head_id', 'user_id', 'service', 'starts_at', 'status', 'arrived_at', 'begun_at', 'ended_at', 'discount_cents',
        'discount_hundredths', 'deposit', 'price_by_hand', 'kept_minutes', 'drying',
    ];

    /** @return array<'heads'|'bookings'|'wash_days'|'filled', array<string, string>> */
    public function ofMade(TakenImport $taken): array
    {
        $heads = array_map(strval(...), array_keys($taken->heads));
        /** @var list<string> $washDays */
        $washDays = array_merge(...[[], ...array_map(
            static fn (array $keys): array => WashDay::query()
                ->whereIn('key', $keys)
                ->whereIn('head_id', $heads)
                ->pluck('id')
                ->all(),
            array_chunk($taken->washDayKeys, 500),
        )]);

        return [
            'heads' => $this->heads(array_map(strval(...), array_keys($taken->new))),
            'bookings' => $this->bookings(array_map(
                static fn (Booking $booking): string => $booking->id,
                $taken->bookings,
            )),
            'wash_days' => $this->washDays(array_map(strval(...), $washDays)),
            'filled' => $taken->filled,
        ];
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string> by id, of those that are there
     */
    public function heads(array $ids): array
    {
        $parts = $this->rows('heads', 'id', $ids, ['updated_at', 'outlook_due_from']);
        foreach ($this->rows('zone_parts', 'head_id', $ids) as $id => $zones) {
            $parts[$id] .= $zones;
        }
        foreach ($this->children() as $child) {
            foreach (array_chunk($ids, 500) as $some) {
                foreach (
                    DB::table($child)->whereIn('head_id', $some)->groupBy('head_id')->selectRaw(
                        'head_id, count(*) as many, max(id) as latest',
                    )->get() as $counted
                ) {
                    /** @var object{head_id: string, many: int, latest: int|string} $counted */
                    $parts[$counted->head_id] .= " {$child} {$counted->many} {$counted->latest}";
                }
            }
        }

        return array_map(md5(...), $parts);
    }

    /** @return list<string> tables that hold what somebody wrote of a client */
    private function children(): array
    {
        /** @var list<string> $children */
        $children = DB::table('information_schema.KEY_COLUMN_USAGE')
            ->where('TABLE_SCHEMA', DB::getDatabaseName())
            ->where('REFERENCED_TABLE_NAME', 'heads')
            ->where('COLUMN_NAME', 'head_id')
            ->orderBy('TABLE_NAME')
            ->pluck('TABLE_NAME')
            ->all();

        return array_values(array_diff($children, self::DERIVED));
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string>
     */
    public function bookings(array $ids): array
    {
        return array_map(md5(...), $this->rows('bookings', 'id', $ids, only: self::OF_BOOKING));
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string>
     */
    public function washDays(array $ids): array
    {
        $parts = $this->rows('wash_days', 'id', $ids, ['updated_at']);
        foreach ($this->rows('wash_steps', 'wash_day_id', $ids, ['created_at', 'updated_at']) as $id => $steps) {
            $parts[$id] = ($parts[$id] ?? '') . $steps;
        }

        return array_map(md5(...), $parts);
    }

    /**
     * @param list<string>      $ids
     * @param list<string>      $but  columns that say nothing
     * @param list<string>|null $only null: all others
     *
     * @return array<string, string> the rows as text, by id
     */
    private function rows(string $table, string $by, array $ids, array $but = [], ?array $only = null): array
    {
        $texts = [];
        foreach (array_chunk($ids, 500) as $some) {
            foreach (DB::table($table)->whereIn($by, $some)->orderBy('id')->get() as $row) {
                $columns = array_diff_key((array) $row, array_flip($but));
                $said = $only === null ? $columns : array_intersect_key($columns, array_flip($only));
                $id = ((array) $row)[$by] ?? '';
                $id = is_scalar($id) ? (string) $id : '';
                $texts[$id] = ($texts[$id] ?? '') . json_encode($said, JSON_INVALID_UTF8_SUBSTITUTE);
            }
        }

        return $texts;
    }
}
