<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Salon;
use App\Models\WorkingHours;
use App\Wording\SalonClock;

/** Whose hands are there when, as a form shows it. */
final readonly class WorkingWeek
{
    /**
     * @return array<int, array<int, string>> as typed, such as 9:00–12:30 13:30–18:00, by stylist and weekday; days off
     *     are left out
     */
    public function of(Salon $salon): array
    {
        $week = [];
        foreach (WorkingHours::query()->where('salon_id', $salon->id)->orderBy('from_minute')->get() as $span) {
            $shown = SalonClock::shown($span->from_minute) . '–' . SalonClock::shown($span->until_minute);
            $week[$span->user_id][$span->weekday] = trim(($week[$span->user_id][$span->weekday] ?? '') . " {$shown}");
        }

        return $week;
    }
}
