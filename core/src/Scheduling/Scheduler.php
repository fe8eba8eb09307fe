<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Places the appointments of a day so that no hands are on two heads at once, no chair or equipment is taken twice, and the
 * minutes waited and worked outside the hours, as the parameters weigh them, are fewest. What is found is the best there
 * is on the grid, unless the search had to stop before; the schedule then says so and how far from the best it can be,
 * and was bettered by laying a few at a time anew for as long as that helped.
 */
final class Scheduler
{
    /**
     * @param list<Appointment> $appointments each with a key of its own
     * @param int|null          $mostPlaces   places of the search looked at; null: what a page can wait for
     */
    public static function of(SalonDay $day, array $appointments, ?int $mostPlaces = null): DaySchedule
    {
        usort(
            $appointments,
            static fn (Appointment $a, Appointment $b): int => [$a->from(), $a->key] <=> [$b->from(), $b->key],
        );
        $most = $mostPlaces ?? $day->parameters->mostPlaces;
        $placings = $none = $byHands = [];
        foreach ($appointments as $appointment) {
            $placings[$appointment->key] = Placements::of($appointment, $day);
            $none[$appointment->key] = $appointment->costOfNoPlace($day->parameters);
            $byHands[$appointment->hands ?? ''][$appointment->key] = $placings[$appointment->key];
        }
        [$placed, $proved, $least] = isset($byHands[''])
            ? [null, true, 0.0]
            : self::eachAlone($day, $byHands, $none, $most);
        if ($placed === null) {
            [$placed, $proved, $bound] = BranchAndBound::cheapest($placings, Occupancy::of($day), $most, $none);
            $least = max($least, $bound);
        }
        $schedule = new DaySchedule($day, $appointments, $placed, $proved, $least, $most);

        return $proved ? $schedule : BetteredDay::of($schedule, $placings, $none);
    }

    /**
     * Two stylists share nothing but chairs and equipment: where those are enough, the best of each is the best of all.
     *
     * @param array<string, array<string, list<Placement>>> $byHands
     * @param array<string, float>                          $none
     *
     * @return array{array<string, Placement>|null, bool, float} null where those are not enough for that
     */
    private static function eachAlone(SalonDay $day, array $byHands, array $none, int $most): array
    {
        $placed = [];
        $proved = true;
        $least = 0.0;
        foreach ($byHands as $own) {
            [$of, $best, $bound] = BranchAndBound::cheapest($own, Occupancy::of($day), $most, $none);
            $placed += $of;
            $proved = $proved && $best;
            $least += $bound;
        }

        return [self::seated($day, $placed) ? $placed : null, $proved, $least];
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
}
