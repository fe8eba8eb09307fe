<?php

declare(strict_types=1);

namespace App\Care\Desk;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Pictures\HandsPicture;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\HandsLine\DayLine;

/** A day laid out, as the hands line draws it: what is through where it was, what is to come where it is placed. */
final class DayDrawing
{
    /**
     * @param Collection<int, Booking> $bookings
     * @param Collection<int, User>    $stylists by key
     */
    public static function of(Salon $salon, CarbonImmutable $date, DayLine $line, Collection $bookings, Collection $stylists): HandsPicture
    {
        $lines = [];
        foreach ($line->day->hours as $hands => $spans) {
            $user = DayPlan::stylist($hands);
            $own = $bookings->filter(fn (Booking $booking): bool => $booking->user_id === $user && ! in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true));
            $lines[] = ['name' => explode(' ', $stylists->get($user)->name ?? '')[0], 'spans' => $spans, 'heads' => array_values($own->map(fn (Booking $booking): array => self::head($salon, $booking, $line))->all())];
        }

        return HandsPicture::of($line->day->opens, $line->day->minute($line->day->slots), $lines, $date->equalTo($salon->today()) ? Clock::minute($salon, CarbonImmutable::now()) : null);
    }

    /** @return array{id: string, label: string, class: string, says: string, pieces: non-empty-list<array{from: float, until: float, hands: bool}>} */
    private static function head(Salon $salon, Booking $booking, DayLine $line): array
    {
        $placing = $booking->status === BookingStatus::UnderWay ? null : $line->placed[$booking->id] ?? null;
        $begins = $placing?->start() ?? Clock::minute($salon, $booking->begun_at ?? $booking->starts_at);
        $at = (float) $begins;
        $pieces = [];
        foreach (DayPlan::stretches($booking) as $i => $stretch) {
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
            'says' => Clock::shown($begins) . ' to about ' . Clock::shown((int) min(1439, $at)),
            'pieces' => $pieces,
        ];
    }
}
