<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Models\WashDay;
use App\Wording\SalonClock;
use Illuminate\Support\Collection;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Wash days in the salon that were, as bookings one after another in the hours of the house, each about as long as it
 * should be; and now and then somebody who did not come.
 */
final class DemoVisits
{
    private const OPENS = 540;
    private const LAST_BEGINS = 990;
    private const PAUSE_MINUTES = 15;
    private const MISSED = 0.04;

    /**
     * @param Collection<int, Head> $heads
     * @param Collection<int, User> $stylists
     * @param array{tax_hundredths: int, tax_added: bool} $tax within the prices of the salon
     */
    public static function fill(
        Salon $salon,
        Collection $heads,
        Service $service,
        Collection $stylists,
        array $tax,
    ): void {
        $chance = new SeededRandom(11);
        /** @var Collection<int, WashDay> $days */
        $days = WashDay::query()->whereIn('head_id', $heads->pluck('id'))->where('place', 'salon')
            ->where('date', '<', $salon->today()->format('Y-m-d'))->orderBy('date')->orderBy('id')->get();
        $next = [];
        foreach ($days as $i => $day) {
            $date = $day->date->format('Y-m-d');
            $stylist = $stylists->get($i % max(1, $stylists->count()));
            if ($stylist === null) {
                continue;
            }
            $minute = $next[$date][$stylist->id] ?? self::OPENS + 15 * $chance->between(0, 4);
            $starts = SalonClock::moment($salon, $date, min(self::LAST_BEGINS, $minute));
            if ($starts === null) {
                continue;
            }
            $planned = 95 + 5 * $chance->between(0, 12);
            $took = (int) round($planned * exp(0.15 * $chance->normal()));
            $next[$date][$stylist->id] = $minute + max($planned, $took) + self::PAUSE_MINUTES;
            self::visit($salon, $day->head_id, $service, $stylist, [
                'date' => $date, 'starts_at' => $starts, 'minutes' => $planned, 'status' => BookingStatus::Done,
                'begun_at' => $starts, 'ended_at' => $starts->addMinutes($took),
            ] + $tax);
            if ($chance->happens(self::MISSED)) {
                $other = $day->date->subDays(3)->format('Y-m-d');
                self::visit($salon, $day->head_id, $service, $stylist, [
                    'date' => $other, 'starts_at' => SalonClock::moment($salon, $other, self::LAST_BEGINS) ?? $starts,
                    'minutes' => $planned, 'status' => BookingStatus::NoShow,
                ] + $tax);
            }
        }
    }

    /** @param array<string, mixed> $columns */
    private static function visit(Salon $salon, string $head, Service $service, User $stylist, array $columns): void
    {
        $booking = new Booking($columns + [
            'head_id' => $head, 'user_id' => $stylist->id, 'service' => $service->name, 'is_wash_day' => true,
            'stretches' => [[
                'hands' => is_numeric($columns['minutes']) ? (float) $columns['minutes'] : 0.0, 'waiting' => 0.0,
                'spread' => 0.2, 'waiting_spread' => 0.0,
            ]],
            'price_cents' => $service->price_cents, 'changed_by' => $stylist->name,
        ]);
        $booking->salon_id = $salon->id;
        $booking->save();
    }
}
