<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * A day that could not be searched to its end, made better: two appointments at a time are laid anew for as long as
 * that helps, and whoever finds no place with every two of the same hands, so that nobody is told there is none where
 * there is.
 */
final readonly class BetteredDay
{
    /**
     * @param array<string, list<Placement>> $placings of each appointment, the cheapest first
     * @param array<string, float>           $none     cost of no place, by appointment
     */
    private function __construct(private SalonDay $day, private array $placings, private array $none)
    {
    }

    /**
     * @param array<string, list<Placement>> $placings of each appointment, the cheapest first
     * @param array<string, float>           $none     cost of no place, by appointment
     */
    public static function of(DaySchedule $schedule, array $placings, array $none): DaySchedule
    {
        $better = new self($schedule->day, $placings, $none);
        $placed = $better->seatAll($schedule->appointments, $better->inTwos($schedule));

        return new DaySchedule(
            $schedule->day,
            $schedule->appointments,
            $placed,
            $schedule->proved,
            $schedule->leastCost,
            $schedule->searched,
        );
    }

    /** @return array<string, Placement> */
    private function inTwos(DaySchedule $schedule): array
    {
        $placed = $schedule->placed;
        // Two who share neither hands nor a chair cannot help one another.
        $isFull = Occupancy::of($this->day, $placed)->isFull();
        foreach ($schedule->appointments as $i => $one) {
            foreach (array_slice($schedule->appointments, $i + 1) as $other) {
                if ($isFull || self::shareHands($one, $other)) {
                    $placed = $this->anew(
                        $placed,
                        [$one->key, $other->key],
                        $this->day->parameters->mostPlacesOfTwo,
                    );
                }
            }
        }

        return $placed;
    }

    private static function shareHands(Appointment $one, Appointment $other): bool
    {
        return $one->hands === null || $other->hands === null || $one->hands === $other->hands;
    }

    /**
     * @param list<Appointment>        $appointments
     * @param array<string, Placement> $placed
     *
     * @return array<string, Placement>
     */
    private function seatAll(array $appointments, array $placed): array
    {
        foreach ($appointments as $left) {
            $beside = array_values(array_filter(
                $appointments,
                static fn (Appointment $other): bool => $other->key !== $left->key
                    && self::shareHands($left, $other),
            ));
            foreach ($beside as $i => $one) {
                foreach (array_slice($beside, $i + 1) as $other) {
                    if (! isset($placed[$left->key])) {
                        $placed = $this->anew(
                            $placed,
                            [$left->key, $one->key, $other->key],
                            $this->day->parameters->mostPlaces,
                        );
                    }
                }
            }
        }

        return $placed;
    }

    /**
     * @param array<string, Placement> $placed
     * @param list<string>             $keys
     *
     * @return array<string, Placement> with these laid anew where that costs less, everybody else as before
     */
    private function anew(array $placed, array $keys, int $most): array
    {
        $before = 0.0;
        foreach ($keys as $key) {
            $before += $placed[$key]->cost ?? $this->none[$key];
        }
        if ($before <= 0.0) {
            return $placed;
        }
        $rest = array_diff_key($placed, array_flip($keys));
        $own = array_intersect_key($this->placings, array_flip($keys));
        [$anew] = BranchAndBound::cheapest($own, Occupancy::of($this->day, $rest), $most, $this->none, $before);
        $after = 0.0;
        foreach ($keys as $key) {
            $after += $anew[$key]->cost ?? $this->none[$key];
        }

        return $after < $before ? $rest + $anew : $placed;
    }
}
