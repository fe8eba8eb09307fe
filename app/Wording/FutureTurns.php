<?php

declare(strict_types=1);

namespace App\Wording;

use DateTimeImmutable;

/** Where two futures of the hair balance part: which hair leaves its comfort or comes back, and about when. */
final readonly class FutureTurns
{
    /** Days apart from which two dates are worth telling apart. */
    private const APART_DAYS = 4;

    /** Sentences that one reads at a glance. */
    private const MOST = 3;

    /**
     * @param StoredBalance $planned       days ahead, the first one today
     * @param StoredBalance $changed       of the same hair and days
     * @param float         $bandHalfWidth in points of the reserve
     *
     * @return list<string> the soonest first; none where both go the same way
     */
    public static function of(array $planned, array $changed, float $bandHalfWidth): array
    {
        $turns = [];
        foreach ($changed['strata'] as $s => $stratum) {
            foreach (['moisture' => 0, 'protein' => 1] as $what => $at) {
                $turn = self::turn(
                    self::sides($planned['strata'][$s], $at, $bandHalfWidth),
                    self::sides($stratum, $at, $bandHalfWidth),
                );
                if ($turn !== null) {
                    $key = "{$turn['how']} {$what} {$turn['side']} {$turn['day']} {$turn['other']}";
                    $turns[$key] ??= $turn + ['what' => $what, 'where' => []];
                    $turns[$key]['where'][] = Said::stratum($stratum['name']);
                }
            }
        }
        usort($turns, static fn (array $a, array $b): int => $a['first'] <=> $b['first']);
        $strata = count($changed['strata']);
        $from = new DateTimeImmutable($changed['from']);

        return array_map(static fn (array $turn): string => Words::say("what-if.turns.{$turn['how']}", [
            'where' => count($turn['where']) === $strata
                ? Words::say('what-if.whole')
                : ucfirst(implode(', ', $turn['where'])),
            'state' => Words::say("what-if.states.{$turn['what']}-" . ($turn['side'] < 0 ? 'low' : 'high')),
            'other-state' => Words::say("what-if.states.{$turn['what']}-" . ($turn['side'] < 0 ? 'high' : 'low')),
            'day' => SalonClock::dayInWords($from->modify("+{$turn['day']} days"), 'j M'),
            'other' => SalonClock::dayInWords($from->modify("+{$turn['other']} days"), 'j M'),
        ]), array_slice($turns, 0, self::MOST));
    }

    /**
     * @param StoredCurrent $stratum
     * @param 0|1           $at      moisture, protein
     *
     * @return list<int> by day: −1 below its comfort, 0 within, 1 above
     */
    private static function sides(array $stratum, int $at, float $bandHalfWidth): array
    {
        return array_map(static function (array $day) use ($stratum, $at, $bandHalfWidth): int {
            $points = $day[$at === 0 ? 0 : 2] - $stratum['targets'][$at];

            return abs($points) <= $bandHalfWidth ? 0 : $points <=> 0.0;
        }, $stratum['ahead']);
    }

    /**
     * @param list<int> $planned side by day
     * @param list<int> $changed side by day
     *
     * @return array{how: string, side: int, day: int, other: int, first: int}|null null where nobody would tell them
     *     apart
     */
    private static function turn(array $planned, array $changed): ?array
    {
        [$starts, $plannedStarts] = [$changed[0] ?? 0, $planned[0] ?? 0];
        if ($starts !== $plannedStarts) {
            return self::partToday($planned, $changed, $starts === 0 ? $plannedStarts : $starts);
        }
        $day = self::first($changed, $starts);
        $other = self::first($planned, $starts);
        if ($day === $other || $day !== null && $other !== null && abs($day - $other) < self::APART_DAYS) {
            return null;
        }
        $isOut = $starts !== 0;
        $how = match (true) {
            // One gets too little and the other too much.
            ! $isOut && $day !== null && $other !== null && $changed[$day] !== $planned[$other] => 'either',
            $other === null => $isOut ? 'back' : 'new',
            $day === null => $isOut ? 'not-back' : 'spared',
            default => $isOut ? 'back-moved' : 'moved',
        };

        return [
            'how' => $how,
            'side' => $isOut ? $starts : ($day === null ? $planned[(int) $other] : $changed[$day]),
            'day' => $day ?? 0,
            'other' => $other ?? 0,
            'first' => min($day ?? PHP_INT_MAX, $other ?? PHP_INT_MAX),
        ];
    }

    /**
     * One of them is out from today on; the other may follow.
     *
     * @param list<int> $planned side by day
     * @param list<int> $changed side by day
     * @param int       $side    on which one of them is
     *
     * @return array{how: string, side: int, day: int, other: int, first: int}|null
     */
    private static function partToday(array $planned, array $changed, int $side): ?array
    {
        [$day, $other] = [array_search($side, $changed, true), array_search($side, $planned, true)];
        $turn = static fn (string $how, ?int $day, ?int $other, int $side): array => [
            'how' => $how, 'side' => $side, 'day' => $day ?? 0, 'other' => $other ?? 0, 'first' => 0,
        ];
        if ($day !== false && $other !== false) {
            return abs($day - $other) < self::APART_DAYS ? null : $turn('moved', $day, $other, $side);
        }
        // Whoever is not out on that side may be on the other one.
        $against = self::first($day === false ? $changed : $planned, 0);

        return match (true) {
            $day === false && $against === null => $turn('spared', null, (int) $other, $side),
            $day === false => $turn('either', $against, (int) $other, -$side),
            $against === null => $turn('new', $day, null, $side),
            default => $turn('either', $day, $against, $side),
        };
    }

    /**
     * @param list<int> $sides
     *
     * @return int|null the first day on another side; null: none
     */
    private static function first(array $sides, int $starts): ?int
    {
        foreach ($sides as $day => $side) {
            if ($side !== $starts) {
                return $day;
            }
        }

        return null;
    }
}
