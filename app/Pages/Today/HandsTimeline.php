<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Drawings\HandsPicture;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\DaySchedule;

/** A day laid out, as the hands line draws it: what is through where it was, what is to come where it is placed. */
final readonly class HandsTimeline
{
    public function __construct(
        private SalonSchedule $salonSchedule,
    ) {
    }

    /**
     * @param Collection<int, Booking> $bookings
     * @param Collection<int, User>    $stylists by key
     */
    public function of(
        Salon $salon,
        CarbonImmutable $date,
        DaySchedule $line,
        Collection $bookings,
        Collection $stylists,
    ): HandsPicture {
        $lines = [];
        foreach ($line->day->hours as $hands => $spans) {
            $user = $this->salonSchedule->stylist($hands);
            $own = $bookings->filter(
                fn (Booking $booking): bool => $booking->user_id === $user
                    && ! in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true),
            );
            $lines[] = [
                'name' => explode(' ', $stylists->get($user)->name ?? '')[0],
                'spans' => $spans,
                'heads' => array_values($own->map(
                    fn (Booking $booking): array => $this->head($salon, $booking, $line),
                )->all()),
            ];
        }

        return HandsPicture::of(
            $line->day->opens,
            $line->day->minute($line->day->slots),
            $lines,
            $date->equalTo($salon->today()) ? SalonClock::minute($salon, CarbonImmutable::now()) : null,
        );
    }

    /**
     * @return array{
     *     id: string, label: string, class: string, says: string,
     *     pieces: non-empty-list<array{from: float, until: float, hands: bool}>,
     * }
     */
    private function head(Salon $salon, Booking $booking, DaySchedule $line): array
    {
        $placing = $booking->status === BookingStatus::UnderWay ? null : $line->placed[$booking->id] ?? null;
        $begins = $placing?->start() ?? SalonClock::minute($salon, $booking->begun_at ?? $booking->starts_at);
        $at = (float) $begins;
        $pieces = [];
        foreach ($this->salonSchedule->stretches($booking) as $i => $stretch) {
            $start = (float) ($placing->starts[$i] ?? $at);
            $through = $start + $stretch->handsMinutes;
            $at = (float) ($placing->starts[$i + 1] ?? $through + $stretch->waitingMinutes);
            $pieces[] = ['from' => $start, 'until' => $through, 'hands' => true];
            if ($at - $through >= 1) {
                $pieces[] = ['from' => $through, 'until' => $at, 'hands' => false];
            }
        }

        return [
            'id' => $booking->id,
            'label' => explode(' ', $booking->head->name)[0],
            'class' => $booking->status->value,
            'says' => SalonClock::shown($begins) . ' to about ' . SalonClock::shown((int) min(1439, $at)),
            'pieces' => $pieces,
        ];
    }
}
