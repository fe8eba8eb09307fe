<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\BookingStatus;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Who goes out of balance within the week is due, unless seen to today or booked in it: on every screen alike. */
final readonly class DueClients
{
    private const WITHIN_DAYS = 7;

    /** The last day on which who goes out of balance is due by now. */
    public static function until(CarbonImmutable $today): string
    {
        return $today->addDays(self::WITHIN_DAYS)->format('Y-m-d');
    }

    /**
     * @param string $head column of the outer query that names the client
     *
     * @return Builder days of bookings by which somebody is seen to in time
     */
    public static function seenTo(string $head, CarbonImmutable $today): Builder
    {
        return DB::table('bookings')
            ->select('bookings.date')
            ->whereColumn('bookings.head_id', $head)
            ->whereBetween('bookings.date', [$today->format('Y-m-d'), self::until($today)])
            ->whereIn('bookings.status', [...BookingStatus::open(), BookingStatus::Done]);
    }
}
