<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\BookedAppointments;
use App\Models\Booking;
use App\Models\Salon;
use App\Models\Wait;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\DaySchedule;

/** Who waits for a time on a day, and what is free for them: a place that was given up does not stay empty. */
final readonly class WaitingClients
{
    private const TIMES = 3;

    public function __construct(private OfferedDays $offeredDays)
    {
    }

    /**
     * @param Collection<int, Booking> $bookings of the day
     *
     * @return list<WaitingClient> those something is free for first, then who has waited longest
     */
    public function on(Salon $salon, CarbonImmutable $date, ?DaySchedule $line, Collection $bookings): array
    {
        /** @var Collection<int, Wait> $waits */
        $waits = Wait::query()
            ->with(['head', 'service'])
            ->where('salon_id', $salon->id)
            ->where('until', '>=', $date->format('Y-m-d'))
            ->orderBy('id')
            ->get();
        $waiting = [];
        foreach ($date->lessThan($salon->today()) ? [] : $waits as $wait) {
            $isLater = $wait->from->format('Y-m-d') > $date->format('Y-m-d');
            $waiting[] = new WaitingClient(
                $wait,
                $line === null || $isLater ? [] : $this->times($salon, $wait, $date, $line, $bookings),
                $wait->head->phone ?? '',
                $isLater,
            );
        }
        usort($waiting, static fn (WaitingClient $a, WaitingClient $b): int => [
            $a->times === [], $a->wait->id,
        ] <=> [$b->times === [], $b->wait->id]);

        return $waiting;
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<OfferedTime>
     */
    private function times(
        Salon $salon,
        Wait $wait,
        CarbonImmutable $date,
        DaySchedule $line,
        Collection $bookings,
    ): array {
        $times = $this->offeredDays->on(
            $salon,
            $wait->head,
            $date,
            $line,
            $bookings,
            BookedAppointments::segments($wait->stretches),
            new BookingWish($wait->user_id, $wait->part),
        );
        $best = array_merge(...array_map(
            static fn (OfferedRow $row): array => $row->times,
            $this->offeredDays->day($date, $times)->best(),
        ), ...[[]]);

        return array_slice($best, 0, self::TIMES);
    }
}
