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
        $patterns = self::patterns($appointment, $lengths, $day->parameters);
        $first = max(0, $day->slot($appointment->from()));
        $last = $appointment->latest === null ? $day->slots : min($day->slots, $day->slot($appointment->latest));
        $placings = [];
        foreach ($appointment->hands === null ? array_keys($day->hours) : [$appointment->hands] as $hands) {
            $hours = HandsHours::of($day, (string) $hands, $appointment->isUnderWay());
            for ($start = $first; $start <= $last; $start++) {
                foreach ($patterns as $pattern) {
                    $placing = $start + self::whole($pattern, $lengths, $day) > $day->slots
                        ? null
                        : self::placing($appointment, $day, (string) $hands, $hours, $start, $lengths, $pattern);
                    if ($placing !== null) {
                        $placings[] = $placing;
                    }
                }
            }
        }
        usort(
            $placings,
            static fn (Placement $a, Placement $b): int => $a->cost <=> $b->cost ?: $a->finish <=> $b->finish,
        );

        return $placings;
    }

    /**
     * @param list<array{int, int}>                           $lengths
     * @param array{list<int>, int, list<int>, int} $pattern offsets, whole length, holds, held in all
     *
     * @return Placement|null null: hands cannot work then
     */
    private static function placing(
        Appointment $appointment,
        SalonDay $day,
        string $hands,
        HandsHours $hours,
        int $start,
        array $lengths,
        array $pattern,
    ): ?Placement {
        [$offsets, $length, $holds, $held] = $pattern;
        $mask = [0, 0, 0];
        $break = $closing = 0;
        foreach ($offsets as $i => $offset) {
            $count = $lengths[$i][0] + ($i === count($offsets) - 1 ? self::clean($day->parameters) : 0);
            $mask = SalonDay::with($mask, $start + $offset, $count);
            if (
                ($mask[0] & ~$hours->can[0]) | ($mask[1] & ~$hours->can[1]) | ($mask[2] & ~$hours->can[2])
            ) {
                return null;
            }
            $break += $hours->breakMinutes($start + $offset, $count);
            $closing += $hours->closingMinutes($start + $offset, $count);
        }
        $costs = $day->parameters->costOfAMinute;
        $seated = $appointment->inChairSince === null
            ? $start
            : max(0, min($start, $day->slot($appointment->inChairSince)));

        return new Placement(
            $hands,
            array_map(static fn (int $offset): int => $day->minute($start + $offset), $offsets),
            $holds,
            $mask,
            SalonDay::with([0, 0, 0], $seated, $start + $length - $seated),
            $day->minute($start + $length),
            $appointment->costOfWaiting($day->minute($start), $day->parameters)
                + $costs['held'] * $held
                + $costs['break'] * $break
                + $costs['closing'] * $closing,
            $break,
            $closing,
        );
    }

    /**
     * @param array{list<int>, int, list<int>, int} $pattern
     * @param list<array{int, int}>                 $lengths
     *
     * @return int slots until the client goes and the tools are clean
     */
    private static function whole(array $pattern, array $lengths, SalonDay $day): int
    {
        $last = count($lengths) - 1;

        return max($pattern[1], $pattern[0][$last] + $lengths[$last][0] + self::clean($day->parameters));
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
     *     list<int>, int, list<int>, int,
     * }> offsets and whole length in slots, minutes held after each stretch and in all
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

        return $patterns;
    }
}
