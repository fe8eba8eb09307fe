<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/** All the ways a sitting can be placed in a day, the cheapest first. */
final class Placements
{
    /** @return list<Placement> */
    public static function of(Appointment $sitting, SalonDay $day): array
    {
        $lengths = self::lengths($sitting, $day->parameters);
        $patterns = self::patterns($lengths, $day->parameters);
        $first = max(0, $day->slot($sitting->from()));
        $last = $sitting->latest === null ? $day->slots : min($day->slots, $day->slot($sitting->latest));
        $late = $day->parameters->costOfAMinute[$sitting->promised === null ? 'wished' : 'promised'];
        $seated = $sitting->inChairSince === null ? null : max(0, min($first, $day->slot($sitting->inChairSince)));
        $placings = [];
        foreach ($sitting->hands === null ? array_keys($day->hours) : [$sitting->hands] as $hands) {
            $worked = $day->worked((string) $hands);
            for ($start = $first; $start <= $last; $start++) {
                $minute = $day->minute($start);
                foreach ($patterns as [$offsets, $length, $holds, $held]) {
                    if ($start + $length > $day->slots) {
                        continue;
                    }
                    $mask = self::mask($start, $offsets, $lengths, $worked);
                    if ($mask === null) {
                        continue;
                    }
                    $placings[] = new Placement(
                        (string) $hands,
                        array_map(static fn (int $offset): int => $day->minute($start + $offset), $offsets),
                        $holds,
                        $mask,
                        SalonDay::with([0, 0, 0], $seated ?? $start, $start + $length - ($seated ?? $start)),
                        $day->minute($start + $length),
                        $late * $sitting->waited($minute) + $day->parameters->costOfAMinute['held'] * $held,
                    );
                }
            }
        }
        usort(
            $placings,
            static fn (Placement $a, Placement $b): int => $a->cost <=> $b->cost ?: $a->finish <=> $b->finish,
        );

        return $placings;
    }

    /** @return list<array{int, int}> hands and waiting of each stretch, in slots */
    private static function lengths(Appointment $sitting, SchedulingParameters $parameters): array
    {
        $slots = static fn (float $minutes): int => (int) ceil($minutes / $parameters->gridMinutes - 1e-9);

        return array_map(
            static fn (WorkSegment $stretch): array => [
                max(1, $slots($stretch->handsMinutes)),
                $slots($stretch->waitingMinutes),
            ],
            $sitting->stretches,
        );
    }

    /**
     * @param list<int>                $offsets
     * @param list<array{int, int}>    $lengths
     * @param array{int, int, int}     $worked
     *
     * @return array{int, int, int}|null the slots that hands are busy; null: somebody does not work then
     */
    private static function mask(int $start, array $offsets, array $lengths, array $worked): ?array
    {
        $mask = [0, 0, 0];
        foreach ($offsets as $i => $offset) {
            $mask = SalonDay::with($mask, $start + $offset, $lengths[$i][0]);
            if (($mask[0] & ~$worked[0]) | ($mask[1] & ~$worked[1]) | ($mask[2] & ~$worked[2])) {
                return null;
            }
        }

        return $mask;
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
    private static function patterns(array $lengths, SchedulingParameters $parameters): array
    {
        $most = intdiv($parameters->mostHoldMinutes, $parameters->gridMinutes);
        $patterns = [[[], 0, [], 0]];
        foreach ($lengths as $i => [$hands, $waiting]) {
            $more = [];
            // After the last stretch nobody has to come back: the wait ends by itself.
            $holds = $i === count($lengths) - 1 ? 0 : $most;
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
