<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Places the sittings of a day so that no hands are on two heads at once, no chair is taken twice, and the minutes
 * waited, as the
 * parameters weigh them, are fewest. What is found is the best there is on the grid, unless the search had to stop
 * before; the
 * line then says so, and was bettered by laying two heads at a time anew for as long as that helped.
 */
final class Scheduler
{
    /** @param list<Appointment> $sittings each with a key of its own */
    public static function of(SalonDay $day, array $sittings): DaySchedule
    {
        usort(
            $sittings,
            static fn (Appointment $a, Appointment $b): int => [$a->from(), $a->key] <=> [$b->from(), $b->key],
        );
        $placings = $byHands = [];
        foreach ($sittings as $sitting) {
            $placings[$sitting->key] = Placements::of($sitting, $day);
            $byHands[$sitting->hands ?? ''][$sitting->key] = $placings[$sitting->key];
        }
        if (! isset($byHands[''])) {
            // Two stylists share nothing but the chairs: where those are enough, the best of each is the best of all.
            $placed = [];
            $proved = true;
            foreach ($byHands as $own) {
                [$of, $best] = BranchAndBound::cheapest(
                    $own,
                    Occupancy::of($day),
                    $day->parameters->mostPlaces,
                    $day->parameters->costOfNoPlace,
                );
                $placed += $of;
                $proved = $proved && $best;
            }
            if (self::seated($day, $placed)) {
                return new DaySchedule(
                    $day,
                    $sittings,
                    $proved ? $placed : self::bettered($day, $placings, $placed),
                    $proved,
                );
            }
        }
        [$placed, $proved] = BranchAndBound::cheapest(
            $placings,
            Occupancy::of($day),
            $day->parameters->mostPlaces,
            $day->parameters->costOfNoPlace,
        );

        return new DaySchedule($day, $sittings, $proved ? $placed : self::bettered($day, $placings, $placed), $proved);
    }

    /** @param array<string, Placement> $placed */
    private static function seated(SalonDay $day, array $placed): bool
    {
        $room = Occupancy::of($day);
        foreach ($placed as $placing) {
            if (! $room->has($placing)) {
                return false;
            }
            $room = $room->with($placing);
        }

        return true;
    }

    /**
     * @param array<string, list<Placement>> $placings
     * @param array<string, Placement>       $placed
     *
     * @return array<string, Placement>
     */
    private static function bettered(SalonDay $day, array $placings, array $placed): array
    {
        $keys = array_map('strval', array_keys($placings));
        $none = $day->parameters->costOfNoPlace;
        foreach ($keys as $i => $one) {
            foreach (array_slice($keys, $i + 1) as $other) {
                $before = ($placed[$one]->cost ?? $none) + ($placed[$other]->cost ?? $none);
                if ($before <= 0.0) {
                    continue;
                }
                $rest = array_diff_key($placed, [$one => true, $other => true]);
                [$anew] = BranchAndBound::cheapest(
                    [$one => $placings[$one], $other => $placings[$other]],
                    Occupancy::of($day, $rest),
                    $day->parameters->mostPlacesOfTwo,
                    $none,
                );
                if (
                    array_sum(array_map(
                        static fn (Placement $placing): float => $placing->cost,
                        $anew,
                    )) + $none * (2 - count($anew)) < $before
                ) {
                    $placed = $rest + $anew;
                }
            }
        }

        return $placed;
    }
}
