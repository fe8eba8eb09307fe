<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** A few of the times at which one more client can begin: the first, and then some that lie apart. */
final class FreeSlots
{
    /**
     * @return list<Placement> the earliest first, each at least half an hour after the one before with the same hands
     */
    public static function in(DaySchedule $line, Appointment $appointment, int $most = 6): array
    {
        $apart = $line->day->parameters->offersApartMinutes;
        $openings = $last = [];
        foreach (Openings::of($line, $appointment) as $opening) {
            $placement = $opening->placement;
            if (
                count($openings) < $most
                    && $placement->start() >= ($last[$placement->hands] ?? -$apart) + $apart
            ) {
                $openings[] = $placement;
                $last[$placement->hands] = $placement->start();
            }
        }

        return $openings;
    }
}
