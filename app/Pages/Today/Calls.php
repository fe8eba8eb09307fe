<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\Attendance;
use App\Bridge\Scheduling\BookedAppointments;
use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Clearance;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\DaySchedule;

/** Whom to call, and why: begins late, has no place, did not come, has a sign that is not cleared. */
final readonly class Calls
{
    /** A no-show is called within so many days. */
    private const CALLED_WITHIN_DAYS = 7;

    public function __construct(
        private Parameters $parameters,
        private SalonSchedule $salonSchedule,
    ) {
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<array{head: Head, why: string}> whom to call, and why
     */
    public function of(Salon $salon, Collection $bookings, ?DaySchedule $line): array
    {
        $calls = $line === null ? [] : $this->late($bookings, $line);
        $today = $salon->today();
        /** @var iterable<Booking> $noShows */
        $noShows = Booking::query()
            ->with('head:id,salon_id,name,phone')
            ->where('salon_id', $salon->id)
            ->where('status', BookingStatus::NoShow)
            ->whereBetween(
                'date',
                [$today->subDays(self::CALLED_WITHIN_DAYS)->format('Y-m-d'), $today->format('Y-m-d')],
            )
            ->get();
        foreach ($noShows as $missed) {
            $calls[] = [
                'head' => $missed->head,
                'why' => Words::say('today.calls.missed', ['day' => SalonClock::dayInWords($missed->date, 'D j M')]),
            ];
        }

        return [...$calls, ...$this->barred($salon)];
    }

    /** @return list<array{head: Head, why: string}> whose treatments a sign bars: looked at again, or asked about */
    private function barred(Salon $salon): array
    {
        $calls = [];
        /** @var Collection<int, Clearance> $unlooked */
        $unlooked = Clearance::query()
            ->with('head:id,salon_id,name,phone')
            ->where('salon_id', $salon->id)
            ->where('by_reading', true)
            ->whereNull('confirmed_on')
            ->whereNull('cleared_on')
            ->orderBy('id')
            ->get();
        foreach ($unlooked->unique('head_id') as $raised) {
            $calls[] = [
                'head' => $raised->head,
                'why' => Words::say('scalp.raised.call', ['seen' => $raised->seen]),
            ];
        }
        /** @var iterable<Head> $signed */
        $signed = Head::query()
            ->where('salon_id', $salon->id)
            ->where('red_sign', true)
            ->whereNotIn('id', $unlooked->pluck('head_id'))
            ->orderBy('name')
            ->get(['id', 'salon_id', 'name', 'phone']);
        foreach ($signed as $head) {
            $calls[] = [
                'head' => $head,
                'why' => Words::say('today.calls.sign'),
            ];
        }

        return $calls;
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<array{head: Head, why: string}> those who begin later than promised, or find no place any more
     */
    private function late(Collection $bookings, DaySchedule $line): array
    {
        $calls = [];
        foreach ($bookings as $booking) {
            if (
                $booking->status === BookingStatus::Booked
                    && ! $this->isSilent($booking)
                    && $line->lateMinutes($booking->id) >= $this->parameters->scheduling->lateFromMinutes
            ) {
                $calls[] = [
                    'head' => $booking->head,
                    'why' => Words::say('booking.call.late', [
                        'time' => SalonClock::shown($line->placed[$booking->id]->start()),
                        'minutes' => $line->lateMinutes($booking->id),
                    ]),
                ];
            }
            if ($booking->status->isOpen() && in_array($booking->id, $line->without(), true)) {
                $calls[] = [
                    'head' => $booking->head,
                    'why' => Words::say('booking.call.' . (BookedAppointments::lacks($booking) ?? 'no-place')),
                ];
            }
        }

        return $calls;
    }

    /** Who is not here yet is asked about above; that they begin late is not the salon's news. */
    private function isSilent(Booking $booking): bool
    {
        $now = $this->salonSchedule->now($booking->salon, $booking->date);

        return Attendance::of($booking, $now, $this->parameters->scheduling) !== Attendance::AsBooked;
    }
}
