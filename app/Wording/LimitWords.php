<?php

declare(strict_types=1);

namespace App\Wording;

/** What the limits of a plan cost, and what would free most, in words. */
final class LimitWords
{
    /** So many of those that free less are named as well. */
    private const BESIDES = 2;

    /**
     * @param list<StoredLimit>|null $limits what frees most first
     * @param int                    $days   of the season
     */
    public static function sentence(?array $limits, int $days): ?string
    {
        if ($limits === null || $limits === []) {
            return null;
        }
        $others = array_map(
            static fn (array $one): string => Words::say('limits.one', [
                'what' => self::what($one),
                'gained' => self::days($one['gained']),
            ]),
            array_slice($limits, 1, self::BESIDES),
        );

        return implode(' ', array_filter([
            // Today counts as well: no more days can be out than are spoken of.
            Words::say('limits.cost', ['out' => min($days, (int) round($limits[0]['out'])), 'of' => $days]),
            Words::say('limits.frees-most', [
                'what' => ucfirst(self::what($limits[0])),
                'gained' => self::days($limits[0]['gained']),
            ]),
            $others === [] ? '' : Words::say('limits.besides', ['others' => implode('; ', $others)]),
        ]));
    }

    /** @param StoredLimit $limit */
    private static function what(array $limit): string
    {
        return Words::say("limits.what.{$limit['limit']}", [
            'to' => $limit['to'] ?? 0,
            'weekday' => isset($limit['weekday']) ? Words::say("weekdays.on.{$limit['weekday']}") : '',
        ]);
    }

    private static function days(float $days): string
    {
        return trans_choice('limits.days', (int) round($days));
    }
}
