<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\WorkingWeek;
use App\Models\Leave;
use App\Models\Salon;
use App\Models\Service;
use App\Wording\SalonClock;

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
        $stylists = $this->salonSchedule->working($salon);

        return new HoursPage(
            salon: $salon,
            stylists: $stylists,
            week: array_map(
                fn (array $days): array => array_map($this->hoursForm->lines(...), $days),
                $this->workingWeek->of($salon),
            ),
            services: Service::query()
                ->where('salon_id', $salon->id)
                ->orderByDesc('is_wash_day')
                ->orderBy('name')
                ->get(),
            leaves: $this->leaves($salon, array_values($stylists->keys()->all())),
            seen: $this->hoursForm->seen($salon),
        );
    }

    /**
     * @param list<int> $of whose; of those who have left, or have no hands any more, nobody asks
     *
     * @return list<array{leave: Leave, from: string, until: string}> those that are not over, with the days as words
     */
    private function leaves(Salon $salon, array $of): array
    {
        $leaves = [];
        foreach (
            Leave::query()
                ->where('salon_id', $salon->id)
                ->whereIn('user_id', $of)
                ->where('until', '>=', $salon->today()->format('Y-m-d'))
                ->orderBy('from')
                ->get() as $leave
        ) {
            $leaves[] = [
                'leave' => $leave,
                'from' => SalonClock::dayInWords($leave->from, 'j M') . self::at($leave->from_minute),
                'until' => SalonClock::dayInWords($leave->until, 'j M Y') . self::at($leave->until_minute),
            ];
        }

        return $leaves;
    }

    private static function at(?int $minute): string
    {
        return $minute === null ? '' : ', ' . SalonClock::shown($minute);
    }
}
