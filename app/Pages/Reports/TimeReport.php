<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;

/** Time booked against time used, for each stylist and in all; and what came of the bookings. */
final readonly class TimeReport
{
    /** So close is as booked. */
    private const CLOSE_MINUTES = 10;

    /**
     * @return array{
     *     rows: list<array{name: string, bookings: int, booked: int, used: int, close: int, earned_cents: int}>,
     *     cancelled: int, missed: int,
     * } minutes
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $rows = [];
        $cancelled = $missed = 0;
        /** @var iterable<Booking> $bookings */
        $bookings = Booking::query()
            ->with('user:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->whereBetween('date', $period->dates())
            ->get();
        foreach ($bookings as $booking) {
            $cancelled += $booking->status === BookingStatus::Cancelled ? 1 : 0;
            $missed += $booking->status === BookingStatus::NoShow ? 1 : 0;
            if (
                $booking->status !== BookingStatus::Done || $booking->begun_at === null || $booking->ended_at === null
            ) {
                continue;
            }
            $used = (int) round($booking->begun_at->diffInMinutes($booking->ended_at));
            $row = $rows[$booking->user->name]
                ?? [
                    'name' => $booking->user->name, 'bookings' => 0, 'booked' => 0, 'used' => 0, 'close' => 0,
                    'earned_cents' => 0,
                ];
            $rows[$booking->user->name] = [
                'name' => $row['name'], 'bookings' => $row['bookings'] + 1,
                'booked' => $row['booked'] + $booking->minutes, 'used' => $row['used'] + $used,
                'close' => $row['close'] + (abs($used - $booking->minutes) <= self::CLOSE_MINUTES ? 1 : 0),
                'earned_cents' => $row['earned_cents'] + $booking->price_cents,
            ];
        }
        ksort($rows);

        return ['rows' => array_values($rows), 'cancelled' => $cancelled, 'missed' => $missed];
    }
}
