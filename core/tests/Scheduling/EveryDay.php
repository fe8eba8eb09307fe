<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Scheduling;

use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\SalonDay;

/**
 * Every way to lay out a small day, minute by minute and without any bound: slow, plain, and apart from the search it
 * is held against.
 */
final class EveryDay
{
    /** @var list<string> hands and minute taken */
    private const NONE = [];

    /**
     * @param list<Appointment> $sittings the least any layout of the day costs, with the weights written out anew: 12,
     *     1 and 2 a minute, 10,000 without a place
     */
    public static function leastCost(SalonDay $day, array $sittings): float
    {
        return self::rest($day, $sittings, self::NONE, [], 0.0);
    }

    /**
     * @param list<Appointment>          $sittings
     * @param array<int|string, mixed> $hands
     * @param array<int, int>        $chairs
     */
    private static function rest(SalonDay $day, array $sittings, array $hands, array $chairs, float $cost): float
    {
        if ($sittings === []) {
            return $cost;
        }
        $sitting = array_shift($sittings);
        $least = self::rest($day, $sittings, $hands, $chairs, $cost + 10_000.0);
        foreach ($sitting->hands === null ? array_keys($day->hours) : [$sitting->hands] as $whose) {
            for ($start = $sitting->from(); $start < 1440; $start += 5) {
                if ($sitting->latest !== null && $start > $sitting->latest) {
                    break;
                }
                foreach (self::holds(count($sitting->stretches) - 1) as $holds) {
                    $busy = [];
                    $at = $start;
                    foreach ($sitting->stretches as $i => $stretch) {
                        $hand = (int) ceil($stretch->handsMinutes / 5) * 5;
                        for ($minute = $at; $minute < $at + $hand; $minute++) {
                            $busy[] = $minute;
                        }
                        $at += $hand + (int) ceil($stretch->waitingMinutes / 5) * 5 + ($holds[$i] ?? 0);
                    }
                    if (! self::fits($day, (string) $whose, $busy, $start, $at, $hands, $chairs)) {
                        continue;
                    }
                    $more = $hands;
                    foreach ($busy as $minute) {
                        $more["{$whose} {$minute}"] = true;
                    }
                    $seats = $chairs;
                    for ($minute = $start; $minute < $at; $minute++) {
                        $seats[$minute] = ($seats[$minute] ?? 0) + 1;
                    }
                    $waited = $sitting->promised === null
                        ? $start - $sitting->earliest
                        : 12 * ($start - $sitting->promised);
                    $least = min(
                        $least,
                        self::rest($day, $sittings, $more, $seats, $cost + $waited + 2 * array_sum($holds)),
                    );
                }
            }
        }

        return $least;
    }

    /**
     * @param list<int>                $busy
     * @param array<int|string, mixed> $hands
     * @param array<int, int>          $chairs
     */
    private static function fits(
        SalonDay $day,
        string $whose,
        array $busy,
        int $from,
        int $until,
        array $hands,
        array $chairs,
    ): bool {
        $closes = max(array_map(fn (array $spans): int => max(array_column($spans, 1)), $day->hours));
        if ($until > $closes) {
            return false;
        }
        foreach ($busy as $minute) {
            $there = array_filter(
                $day->hours[$whose],
                fn (array $span): bool => $minute >= $span[0] && $minute < $span[1],
            ) !== [];
            if (! $there || isset($hands["{$whose} {$minute}"])) {
                return false;
            }
        }
        for ($minute = $from; $minute < $until; $minute++) {
            if (($chairs[$minute] ?? 0) >= $day->chairs) {
                return false;
            }
        }

        return true;
    }

    /** @return list<list<int>> every choice of 0, 5, 10 or 15 minutes for so many waits */
    private static function holds(int $waits): array
    {
        $all = [[]];
        for ($i = 0; $i < $waits; $i++) {
            $all = array_merge(...array_map(
                fn (array $so): array => array_map(fn (int $hold): array => [...$so, $hold], [0, 5, 10, 15]),
                $all,
            ));
        }

        return $all;
    }
}
