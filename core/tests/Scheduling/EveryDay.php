<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Scheduling;

use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\HeatedWait;
use Nagomi\Core\Scheduling\SalonDay;

/**
 * Every way to lay out a small day: slow, plain, and apart from the search it is held against. The weights are written
 * out anew: 12 a minute after a promise, 4 for who came late, 1 for who was not promised a time, 2 under a mask that is
 * through, 3 of hands in a break, 5 after closing, 240 for who is under way; 10,000 without a place, 200,000 for who
 * sits already. A break may be worked into for 20 minutes and half of it, after closing
 * for 60; after each head five minutes go to the tools. Under a hood or a cap somebody is in the salon; who sits already
 * sits where they sit, and is dried in another way where no hood works.
 */
final class EveryDay
{
    private float $least = INF;

    /**
     * @param list<list<array{string, int, int, int, float, list<string>}>> $ways hands, busy, from, until, cost and
     *     what is used in which five minutes
     * @param list<float>                                     $none what it costs to have no place
     */
    private function __construct(
        private readonly array $ways,
        private readonly array $none,
        private readonly int $chairs,
        private readonly array $equipment,
    ) {
    }

    /** @param list<Appointment> $appointments of a day of at most 315 minutes, on a grid of five */
    public static function leastCost(SalonDay $day, array $appointments): float
    {
        $all = new self(
            array_map(static fn (Appointment $one): array => self::ways($day, $one), $appointments),
            array_map(static fn (Appointment $one): float => self::isIn($one) ? 200_000.0 : 10_000.0, $appointments),
            $day->chairs,
            $day->equipment,
        );
        $all->rest(0, [], [], 0.0, []);

        return $all->least;
    }

    private static function isIn(Appointment $one): bool
    {
        return $one->inChairSince !== null;
    }

    /**
     * @param array<string, int> $busy  a bit for each five minutes, by hands
     * @param array<int, int>    $seats taken, by five minutes
     * @param array<string, int> $uses  of equipment, by its name and the five minutes
     */
    private function rest(int $i, array $busy, array $seats, float $cost, array $uses): void
    {
        if ($cost >= $this->least) {
            return;
        }
        if ($i === count($this->ways)) {
            $this->least = $cost;

            return;
        }
        foreach ($this->ways[$i] as [$hands, $mask, $from, $until, $more, $used]) {
            if ((($busy[$hands] ?? 0) & $mask) !== 0) {
                continue;
            }
            $then = $seats;
            $fits = true;
            for ($slot = $from; $slot < $until; $slot++) {
                $then[$slot] = ($then[$slot] ?? 0) + 1;
                $fits = $fits && $then[$slot] <= $this->chairs;
            }
            $with = $uses;
            foreach (array_unique($used) as $use) {
                $with[$use] = ($with[$use] ?? 0) + 1;
                $fits = $fits && $with[$use] <= $this->equipment[explode(' ', $use)[0]];
            }
            if ($fits) {
                $this->rest($i + 1, [$hands => ($busy[$hands] ?? 0) | $mask] + $busy, $then, $cost + $more, $with);
            }
        }
        $this->rest($i + 1, $busy, $seats, $cost + $this->none[$i], $uses);
    }

    /** @return list<array{string, int, int, int, float, list<string>}> */
    private static function ways(SalonDay $day, Appointment $one): array
    {
        $opens = min(array_map(static fn (array $spans): int => $spans[0][0], $day->hours));
        $closes = max(array_map(static fn (array $spans): int => max(array_column($spans, 1)), $day->hours)) + 60;
        $ways = [];
        foreach ($one->hands === null ? array_keys($day->hours) : [$one->hands] as $hands) {
            for ($start = $one->from(); $start <= min($closes, $one->latest ?? $closes); $start += 5) {
                foreach (self::holds($one) as $holds) {
                    [$mask, $outside, $at, $isOver] = [0, 0.0, $start, false];
                    $used = $one->isUnderHood
                        ? self::used($day, $one, 'hood', $opens, $one->inChairSince, $start)
                        : [];
                    foreach ($one->stretches as $i => $stretch) {
                        // After the last of it the tools are cleaned, for five minutes.
                        $hand = 5 * (int) ceil($stretch->handsMinutes / 5);
                        $clean = $i === count($one->stretches) - 1 ? 5 : 0;
                        for ($minute = $at; $minute < $at + $hand + $clean; $minute += 5) {
                            $outside += self::outside($day->hours[$hands], $minute, self::isIn($one));
                            $mask |= 1 << intdiv($minute - $opens, 5);
                            $isOver = $isOver || $minute >= $closes;
                        }
                        $wait = 5 * (int) ceil($stretch->waitingMinutes / 5) + ($holds[$i] ?? 0);
                        for ($minute = $at + $hand; $stretch->heat !== null && $minute < $at + $hand + $wait; $minute += 5) {
                            $isOver = $isOver || ! self::isIn($one) && ! self::isStaffed($day, $minute);
                        }
                        if ($stretch->heat === HeatedWait::Hood) {
                            [$from, $until] = [$at + $hand, $at + $hand + $wait];
                            $used = [...$used, ...self::used($day, $one, 'hood', $opens, $from, $until)];
                        }
                        foreach ($stretch->uses as $use) {
                            [$from, $until] = [$at + $use->fromMinute, $at + $use->untilMinute];
                            $name = $use->equipment->value;
                            $used = [...$used, ...self::used($day, $one, $name, $opens, $from, $until)];
                        }
                        $at += $hand + $wait;
                    }
                    if ($outside < INF && $at <= $closes && ! $isOver) {
                        $ways[] = [
                            (string) $hands, $mask, intdiv(max($opens, $one->inChairSince ?? $start) - $opens, 5),
                            intdiv($at - $opens, 5), self::waiting($one, $start) + 2 * array_sum($holds) + $outside,
                            $used,
                        ];
                    }
                }
            }
        }

        return $ways;
    }

    /** @return list<string> what is used in which five minutes, where it is counted */
    private static function used(
        SalonDay $day,
        Appointment $one,
        string $name,
        int $opens,
        float $from,
        float $until,
    ): array {
        $used = [];
        $many = $day->equipment[$name] ?? null;
        for ($slot = 0; $many !== null && ! ($many === 0 && self::isIn($one)) && $slot < 180; $slot++) {
            if ($opens + 5 * $slot < $until && $opens + 5 * $slot + 5 > $from) {
                $used[] = "{$name} {$slot}";
            }
        }

        return $used;
    }

    private static function isStaffed(SalonDay $day, int $minute): bool
    {
        foreach ($day->hours as $spans) {
            if ($minute >= $spans[0][0] && $minute < max(array_column($spans, 1))) {
                return true;
            }
        }

        return false;
    }

    private static function waiting(Appointment $one, int $start): float
    {
        if (self::isIn($one)) {
            return $start - $one->promised <= $one->mayHold
                ? 2 * ($start - $one->promised)
                : 2 * $one->mayHold + 240 * ($start - $one->promised - $one->mayHold);
        }

        return match (true) {
            $one->promised === null => $start - $one->earliest,
            $one->ownDelay > 5 => 4 * ($start - $one->promised - $one->ownDelay),
            default => 12 * ($start - $one->promised - $one->ownDelay),
        };
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return float what five minutes of hands cost beside the waiting; INF where they cannot be
     */
    private static function outside(array $spans, int $minute, bool $isIn): float
    {
        foreach ($spans as $i => [$from, $until]) {
            if ($minute >= $from && $minute < $until) {
                return 0.0;
            }
            if ($minute >= $until && $minute < ($spans[$i + 1][0] ?? PHP_INT_MAX)) {
                if (! isset($spans[$i + 1])) {
                    return $isIn || $minute + 5 <= $until + 60 ? 25.0 : INF;
                }
                $most = min(20, ($spans[$i + 1][0] - $until) / 2);

                return $isIn || $minute + 5 - $until <= $most ? 15.0 : INF;
            }
        }

        return $isIn ? 25.0 : INF;
    }

    /** @return list<list<int>> every choice of 0, 5, 10 or 15 minutes for each wait, as long as it may sit on */
    private static function holds(Appointment $one): array
    {
        $all = [[]];
        foreach (array_slice($one->stretches, 0, -1) as $stretch) {
            $may = array_filter([0, 5, 10, 15], fn (int $hold): bool => $hold <= ($stretch->mostHoldMinutes ?? 15));
            $all = array_merge(...array_map(
                fn (array $so): array => array_map(fn (int $hold): array => [...$so, $hold], $may),
                $all,
            ));
        }

        return $all;
    }
}
