<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use App\Models\Outlook;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\WashDay\SimilarPace;

/** The salon's other heads, as far as one is like them. */
final class SimilarHeads
{
    /** What a head was last planned with, so that all that is said of it agrees; worked out where it never was. */
    public static function keptMinutes(Head $head, WashDayParameters $parameters): float
    {
        $kept = DB::table('outlooks')->where('head_id', $head->id)->value('similar_minutes');

        return is_numeric($kept) ? (float) $kept : self::minutesASection($head, $parameters);
    }

    /** Minutes a section on a usual day, of a head of which nothing but its length and density is known. */
    public static function minutesASection(Head $head, WashDayParameters $parameters): float
    {
        return (new SimilarPace($parameters))->minutes(
            $head->length_mm,
            $head->density,
            $head->length_mm === null || $head->density === 'not-measured' ? [] : self::others($head),
        );
    }

    /**
     * Each other head that was measured, at its own pace on a usual day, as its outlook keeps it.
     *
     * @return list<array{minutes: float, times: int, length_mm: int, density: string}>
     */
    private static function others(Head $head): array
    {
        $rows = Outlook::query()
            ->join('heads', 'heads.id', '=', 'outlooks.head_id')
            ->where('outlooks.salon_id', $head->salon_id)
            ->where('outlooks.head_id', '!=', $head->id)
            ->where('outlooks.detangling_times', '>', 0)
            ->whereNotNull('heads.length_mm')
            ->where('heads.density', '!=', 'not-measured')
            ->orderBy('outlooks.head_id')
            ->toBase()
            ->get(['detangling_minutes', 'detangling_times', 'heads.length_mm', 'heads.density']);

        return array_values($rows->map(static fn (object $row): array => self::other((array) $row))->all());
    }

    /**
     * @param array<mixed> $of
     *
     * @return array{minutes: float, times: int, length_mm: int, density: string}
     */
    private static function other(array $of): array
    {
        $number = static fn (string $name): float => is_numeric($of[$name] ?? null) ? (float) $of[$name] : 0.0;

        return [
            'minutes' => $number('detangling_minutes'), 'times' => (int) $number('detangling_times'),
            'length_mm' => (int) $number('length_mm'), 'density' => is_string($of['density']) ? $of['density'] : '',
        ];
    }
}
