<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Bridge\Scheduling\GoneBy;
use App\Bridge\Scheduling\PricedVisits;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Salon;

/** Time booked against time used, for each stylist and in all; and what came of the bookings. */
final readonly class TimeReport
{
    /** So close is as booked. */
    private const CLOSE_MINUTES = 10;

    /**
     * @return array{
     *     rows: list<array{
     *         name: string, bookings: int, timed: int, booked: int, used: int, close: int, earned_cents: int,
     *         tax_cents: int,
     *     }>,
     *     cancelled: int, missed: int, unsaid: int, kept_cents: int,
     * } minutes; what was earned is with its tax; unsaid: of so many that have gone by nobody said how they went;
     *   kept: deposits of visits that did not come about
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $rows = [];
        $cancelled = $missed = $unsaid = $kept = 0;
        /** @var iterable<Booking> $bookings */
        $bookings = Booking::query()
            ->with('user:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->whereBetween('date', $period->dates())
            ->get();
        foreach ($bookings as $booking) {
            $cancelled += $booking->status === BookingStatus::Cancelled ? 1 : 0;
            $missed += $booking->status === BookingStatus::NoShow ? 1 : 0;
            if ($booking->status !== BookingStatus::Done) {
                $kept += $booking->deposit === DepositState::Kept ? $booking->deposit_cents ?? 0 : 0;
                $unsaid += GoneBy::is($booking) ? 1 : 0;
                continue;
            }
            $bill = PricedVisits::bill($booking, $salon);
            $row = $rows[$booking->user->name]
                ?? [
                    'name' => $booking->user->name, 'bookings' => 0, 'timed' => 0, 'booked' => 0, 'used' => 0,
                    'close' => 0, 'earned_cents' => 0, 'tax_cents' => 0,
                ];
            $rows[$booking->user->name] = [
                'bookings' => $row['bookings'] + 1, 'earned_cents' => $row['earned_cents'] + $bill->dueCents,
                'tax_cents' => $row['tax_cents'] + $bill->taxCents,
            ] + self::timed($booking, $row) + $row;
        }
        ksort($rows);

        return [
            'rows' => array_values($rows), 'cancelled' => $cancelled, 'missed' => $missed, 'unsaid' => $unsaid,
            'kept_cents' => $kept,
        ];
    }

    /**
     * Where nobody knows when it began or ended it counts as done, and says nothing of the time it took.
     *
     * @param array{timed: int, booked: int, used: int, close: int} $row
     *
     * @return array{timed?: int, booked?: int, used?: int, close?: int}
     */
    private static function timed(Booking $booking, array $row): array
    {
        if ($booking->begun_at === null || $booking->ended_at === null) {
            return [];
        }
        $used = (int) round($booking->begun_at->diffInMinutes($booking->ended_at));

        return [
            'timed' => $row['timed'] + 1, 'booked' => $row['booked'] + $booking->minutes,
            'used' => $row['used'] + $used,
            'close' => $row['close'] + (abs($used - $booking->minutes) <= self::CLOSE_MINUTES ? 1 : 0),
        ];
    }
}
