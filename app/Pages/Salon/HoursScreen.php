<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\WorkingWeek;
use App\Models\Leave;
use App\Models\Salon;
use App\Models\Service;

/** Hours, services and leave of a salon, as their form shows them. */
final readonly class HoursScreen
{
    public function __construct(
        private HoursForm $hoursForm,
        private SalonSchedule $salonSchedule,
        private WorkingWeek $workingWeek,
    ) {
    }

    public function of(Salon $salon): HoursPage
    {
        return new HoursPage(
            salon: $salon,
            stylists: $this->salonSchedule->stylists($salon),
            week: array_map(
                fn (array $days): array => array_map($this->hoursForm->lines(...), $days),
                $this->workingWeek->of($salon),
            ),
            services: Service::query()
                ->where('salon_id', $salon->id)
                ->orderByDesc('is_wash_day')
                ->orderBy('name')
                ->get(),
            leaves: Leave::query()
                ->where('salon_id', $salon->id)
                ->where('until', '>=', $salon->today()->format('Y-m-d'))
                ->orderBy('from')
                ->get(),
            seen: $this->hoursForm->seen($salon),
        );
    }
}
