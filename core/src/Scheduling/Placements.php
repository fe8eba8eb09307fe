<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/** All the ways an appointment can be placed in a day, the cheapest first. */
final class Placements
{
    /** @return list<Placement> */
    public static function of(Appointment $appointment, SalonDay $day): array
    {
        $lengths = self::lengths($appointment, $day->parameters);
        $tools = self::clean($day->parameters);
        $counts = array_map(
            static fn (array $length, int $i): int => $length[0] + ($i === count($lengths) - 1 ? $tools : 0),
            $lengths,
            array_keys($lengths),
        );
        $patterns = self::patterns($appointment, $lengths, $day->parameters);
        $first = max(0, $day->slot($appointment->from()));
        $last = $appointment->latest === null ? $day->slots : min($day->slots, $day->slot($appointment->latest));
        $placings = [];
        foreach ($appointment->hands === null ? array_keys($day->hours) : [$appointment->hands] as $hands) {
            $hours = HandsHours::of($day, (string) $hands, $appointment->isUnderWay());
            for ($start = $first; $start <= $last; $start++) {
                $waited = $appointment->costOfWaiting($day->minute($start), $day->parameters);
                foreach ($patterns as $pattern) {
                    if (
                        $start + max($pattern[1], $pattern[4]) <= $day->slots
                        && $hours->has($start, $pattern[0], $counts)
                    ) {
                        $placings[] = self::placing(
                            $appointment,
                            $day,
                            (string) $hands,
                            $hours,
                            $start,
                            $counts,
                            $pattern,
                            $waited,
                        );
                    }
                }
            }
        }

        return self::sorted($placings);
    }

    /**
     * @param list<Placement> $placings
     *
     * @return list<Placement> the cheapest first, and of those that cost the same the one that is over first
     */
    private static function sorted(array $placings): array
    {
        $costs = $finishes = [];
        foreach ($placings as $placing) {
            $costs[] = $placing->cost;
            $finishes[] = $placing->finish;
        }
        $order = array_keys($placings);
        array_multisort($costs, SORT_NUMERIC, $finishes, SORT_NUMERIC, $order, SORT_NUMERIC);

        return array_map(static fn (int $at): Placement => $placings[$at], $order);
    }

    /**
     * @param list<int>                                  $counts  slots of hands of each stretch, with the tools after the last
     * @param array{list<int>, int, list<int>, int, int} $pattern {@see self::patterns()}
     * @param float                                      $waited  what beginning at that slot costs
     */
    private static function placing(
        Appointment $appointment,
        SalonDay $day,
        string $hands,
        HandsHours $hours,
        int $start,
        array $counts,
        array $pattern,
        float $waited,
    ): Placement {
        [$offsets, $length, $holds, $held] = $pattern;
        $mask = [0, 0, 0];
        $break = $closing = 0;
        $starts = [];
        foreach ($offsets as $i => $offset) {
            $mask = SalonDay::with($mask, $start + $offset, $counts[$i]);
            $break += $hours->breakMinutes($start + $offset, $counts[$i]);
            $closing += $hours->closingMinutes($start + $offset, $counts[$i]);
            $starts[] = $day->minute($start + $offset);
        }
        $costs = $day->parameters->costOfAMinute;
        $seated = $appointment->inChairSince === null
            ? $start
            : max(0, min($start, $day->slot($appointment->inChairSince)));

        return new Placement(
            $hands,
            $starts,
            $holds,
            $mask,
            SalonDay::with([0, 0, 0], $seated, $start + $length - $seated),
            $day->minute($start + $length),
            $waited + $costs['held'] * $held + $costs['break'] * $break + $costs['closing'] * $closing,
            $break,
            $closing,
        );
    }

    /** @return int slots of hands after each head */
    private static function clean(SchedulingParameters $parameters): int
    {
        return (int) ceil($parameters->cleanMinutes / $parameters->gridMinutes);
    }

    /** @return list<array{int, int}> hands and waiting of each stretch, in slots */
    private static function lengths(Appointment $appointment, SchedulingParameters $parameters): array
    {
        $slots = static fn (float $minutes): int => (int) ceil($minutes / $parameters->gridMinutes - 1e-9);

        return array_map(
            static fn (WorkSegment $stretch): array => [
                max(1, $slots($stretch->handsMinutes)),
                $slots($stretch->waitingMinutes),
            ],
            $appointment->stretches,
        );
    }

    /**
     * Where each stretch begins after the first, with every choice of how long the waits are drawn out.
     *
     * @param list<array{int, int}> $lengths hands and waiting, in slots
     *
     * @return list<array{
     *     list<int>, int, list<int>, int, int,
     * }> offsets and whole length in slots, minutes held after each stretch and in all, and slots until the tools are clean
     */
    private static function patterns(Appointment $appointment, array $lengths, SchedulingParameters $parameters): array
    {
        $patterns = [[[], 0, [], 0]];
        foreach ($lengths as $i => [$hands, $waiting]) {
            $more = [];
            // After the last stretch nobody has to come back: the wait ends by itself.
            $holds = $i === count($lengths) - 1
                ? 0
                : intdiv($appointment->stretches[$i]->holdMinutes($parameters), $parameters->gridMinutes);
            foreach ($patterns as [$offsets, $at, $held, $sum]) {
                for ($hold = 0; $hold <= $holds; $hold++) {
                    $minutes = $hold * $parameters->gridMinutes;
                    $more[] = [
                        [...$offsets, $at],
                        $at + $hands + $waiting + $hold,
                        [...$held, $minutes],
                        $sum + $minutes,
                    ];
                }
            }
            $patterns = $more;
        }
        $tools = $lengths[count($lengths) - 1][0] + self::clean($parameters);

        return array_map(
            static fn (array $pattern): array => [...$pattern, $pattern[0][count($lengths) - 1] + $tools],
            $patterns,
        );
    }
}
