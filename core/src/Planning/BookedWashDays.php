<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Treatments\Calendar;

/**
 * The terms of a plan with wash days that are booked in the salon. They are washed on; what was set by hand for a day
 * near one, and a style that comes down near one, moves onto it: nobody washes at home two days before a salon wash.
 */
final class BookedWashDays
{
    /**
     * @param array<string, int|null> $booked    longest in minutes, 10 to 480, by day as Y-m-d; null: as long as planned
     * @param int                     $movesDays how near is near, 0 or more
     */
    public static function within(PlanTerms $terms, array $booked, int $movesDays): PlanTerms
    {
        if ($booked === []) {
            return $terms;
        }
        ksort($booked);
        $days = array_map(
            static fn (string $day): DateTimeImmutable => new DateTimeImmutable("{$day} UTC"),
            array_keys($booked),
        );
        $said = array_filter(
            $terms->salonDays ?? [],
            static fn (DateTimeImmutable $day): bool => ! array_key_exists($day->format('Y-m-d'), $booked),
        );

        return new PlanTerms(...[
            ...$terms->all(),
            'salonDays' => [...array_values($said), ...$days],
            'byHand' => self::moved($terms->byHand, $days, $movesDays),
            'takeDownOn' => $terms->takeDownOn === null
                ? null
                : self::nearest($days, $terms->takeDownOn, $movesDays) ?? $terms->takeDownOn,
            'week' => $terms->week->withDates(array_filter($booked, is_int(...))),
        ]);
    }

    /**
     * @param list<FixedWashDay>      $byHand
     * @param list<DateTimeImmutable> $days booked
     *
     * @return list<FixedWashDay> one at most on a day that is booked: what was set for it itself, else the nearest
     */
    private static function moved(array $byHand, array $days, int $movesDays): array
    {
        $kept = $onto = [];
        foreach ($byHand as $set) {
            $day = self::nearest($days, $set->date, $movesDays);
            if ($day === null) {
                $kept[] = $set;
                continue;
            }
            $apart = abs(Calendar::daysBetween($set->date, $day));
            $key = $day->format('Y-m-d');
            if (! isset($onto[$key]) || $apart < $onto[$key][0]) {
                $onto[$key] = [$apart, new FixedWashDay($day, $set->choice, $set->reason, $set->by)];
            }
        }

        return [...$kept, ...array_column($onto, 1)];
    }

    /** @param list<DateTimeImmutable> $days */
    private static function nearest(array $days, DateTimeImmutable $to, int $within): ?DateTimeImmutable
    {
        $nearest = null;
        foreach ($days as $day) {
            $apart = abs(Calendar::daysBetween($to, $day));
            if ($apart <= $within && ($nearest === null || $apart < abs(Calendar::daysBetween($to, $nearest)))) {
                $nearest = $day;
            }
        }

        return $nearest;
    }
}
