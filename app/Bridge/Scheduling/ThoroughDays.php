<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use Illuminate\Contracts\Cache\Repository;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;

/**
 * Days that a page cannot wait for to be searched to their end: what a longer look found is kept for as long as the day
 * stands as it does.
 */
final readonly class ThoroughDays
{
    private const KEPT_SECONDS = 900;

    public function __construct(private Repository $kept)
    {
    }

    /** @param list<Appointment> $appointments */
    public function of(SalonDay $day, array $appointments, bool $thoroughly): DaySchedule
    {
        $quick = Scheduler::of($day, $appointments);
        if (! $quick->isWorthALongerLook()) {
            return $quick;
        }
        $key = 'salon-day.' . hash('xxh128', serialize([$day, $appointments]));
        $found = $this->kept->get($key);
        if (! is_string($found) && $thoroughly) {
            $found = serialize(Scheduler::of($day, $appointments, $day->parameters->mostPlacesBehind));
            $this->kept->put($key, $found, self::KEPT_SECONDS);
        }
        $longer = is_string($found) ? unserialize($found) : null;

        return $longer instanceof DaySchedule && $longer->cost() <= $quick->cost() ? $longer : $quick;
    }
}
