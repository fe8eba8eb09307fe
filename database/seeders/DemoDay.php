<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bridge\Scheduling\SalonSchedule;
use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\Bookings;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Models\WashDay;
use App\Models\WorkingHours;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Statistics\SeededRandom;

/** Hours, services and bookings of the invented studio: the weeks behind, today, and the week ahead. */
final class DemoDay
{
    /** Name, whole wash day, minutes, price in cents, whether it trims or takes down, and what more is asked. */
    private const SERVICES = [
        ['Wash day', true, 120, 8500, null, ['quarter_cents' => 700]],
        ['First visit', false, 60, 5500, null, ['deposit_cents' => 2000]],
        ['Dry cut', false, 45, 4800, 'trim', ['long_from_mm' => 350, 'step_cents' => 400]],
        ['Readings', false, 20, 1500, null, []],
        ['Take-down', false, 60, 6000, 'take-down', []],
    ];

    /** Within the prices. */
    private const TAX = ['tax_hundredths' => 2300, 'tax_added' => false];

    /** Minutes of the day; somebody is there every day of the week. */
    private const SPANS = [[540, 750], [795, 1110]];
    private const WEEKS = [[1, 2, 3, 4, 5, 6, 7], [1, 2, 3, 4, 5, 6], [2, 3, 4, 5, 6, 7]];

    /** Who comes today: which head, at what minute, for what, to whose hands. */
    private const TODAY = [
        [0, 540, 0, 0], [3, 555, 3, 0], [8, 560, 2, 1], [5, 630, 0, 1], [1, 585, 0, 2], [10, 810, 0, 0], [7, 825, 3, 0],
        [6, 840, 0, 2], [2, 960, 3, 1],
    ];

    public static function fill(Salon $salon): void
    {
        $salon->update([
            'chairs' => 5, 'basins' => 2, 'dryers' => 3, 'hoods' => 2, 'phone' => '+351 555 0100',
        ] + self::TAX);
        $services = [];
        foreach (self::SERVICES as [$name, $isWashDay, $minutes, $price, $does, $more]) {
            $services[] = $service = (new Service())->forceFill([
                'salon_id' => $salon->id, 'name' => $name, 'is_wash_day' => $isWashDay, 'minutes' => $minutes,
                'price_cents' => $price, 'does' => $does,
            ] + $more);
            $service->save();
        }
        $stylists = app(SalonSchedule::class)->stylists($salon)->values();
        foreach ($stylists as $i => $stylist) {
            foreach (self::WEEKS[$i] ?? [] as $weekday) {
                foreach (self::SPANS as [$from, $until]) {
                    WorkingHours::query()->create([
                        'salon_id' => $salon->id, 'user_id' => $stylist->id, 'weekday' => $weekday,
                        'from_minute' => $from, 'until_minute' => $until,
                    ]);
                }
            }
        }
        /** @var Collection<int, Head> $heads */
        $heads = Head::query()->where('salon_id', $salon->id)->orderBy('id')->get();
        self::behind($salon, $heads, $services, $stylists);
        self::people($heads);
        self::missed($salon, $heads->last(), $services[2], $stylists->first());
        foreach (self::TODAY as [$head, $minute, $service, $stylist]) {
            self::book(
                $salon,
                $heads->get($head),
                $services[$service],
                $stylists->get($stylist),
                $salon->today(),
                $minute,
            );
        }
        foreach ([[4, 1, 570], [7, 2, 600], [9, 3, 840], [11, 5, 540]] as $i => [$head, $days, $minute]) {
            self::book(
                $salon,
                $heads->get($head),
                $services[0],
                $stylists->get($i % max(1, $stylists->count())),
                $salon->today()->addDays($days),
                $minute,
            );
        }
    }

    private static function book(
        Salon $salon,
        ?Head $head,
        Service $service,
        ?User $stylist,
        CarbonImmutable $date,
        int $minute,
    ): void {
        if ($head === null || $stylist === null) {
            return;
        }
        // On a day these hands are not there, the invented client stays at home.
        try {
            app(Bookings::class)->take($salon, $head, $service, $stylist, $date, $minute, $stylist->name);
        } catch (BookingConflict) {
            return;
        }
    }

    /**
     * How some of them are reached, who comes together, and one who has a card.
     *
     * @param Collection<int, Head> $heads
     */
    private static function people(Collection $heads): void
    {
        foreach ($heads as $i => $head) {
            $first = strtolower(explode(' ', $head->name)[0]);
            $head->update([
                'email' => "{$first}@home.example",
                'phone' => sprintf('+351 900 000 %03d', $i + 1),
                'reminded_by' => ['mail', 'text', 'nobody'][$i % 3],
                'household' => in_array($i, [2, 5], true) ? 'Lighthouse steps 4' : null,
            ]);
        }
        $head = $heads->first();
        if ($head !== null) {
            $link = new HomeLink([
                'head_id' => $head->id,
                'by' => 'Ilse Varga-Moen',
                'expires_at' => CarbonImmutable::now()->addDays(60),
            ]);
            $link->salon_id = $head->salon_id;
            $link->save();
        }
    }

    /** One who did not come the other day. */
    private static function missed(Salon $salon, ?Head $head, Service $service, ?User $stylist): void
    {
        $day = $salon->today()->subDays(2)->format('Y-m-d');
        $starts = SalonClock::moment($salon, $day, 660);
        if ($head !== null && $stylist !== null && $starts !== null) {
            $booking = new Booking([
                'head_id' => $head->id, 'user_id' => $stylist->id, 'service' => $service->name, 'is_wash_day' => false,
                'date' => $day, 'starts_at' => $starts, 'minutes' => $service->minutes,
                'price_cents' => $service->price_cents,
                'stretches' => [[
                    'hands' => (float) $service->minutes,
                    'waiting' => 0.0,
                    'spread' => 0.2,
                    'waiting_spread' => 0.0,
                ]],
                'status' => BookingStatus::NoShow,
                'changed_by' => $stylist->name,
            ]);
            $booking->salon_id = $salon->id;
            $booking->save();
        }
    }

    /**
     * Wash days in the salon that were, as bookings that took about as long as they should.
     *
     * @param Collection<int, Head> $heads
     * @param list<Service>         $services
     * @param Collection<int, User> $stylists
     */
    private static function behind(Salon $salon, Collection $heads, array $services, Collection $stylists): void
    {
        $chance = new SeededRandom(11);
        foreach ($heads as $i => $head) {
            /** @var iterable<WashDay> $days */
            $days = $head
                ->washDays()
                ->where('place', 'salon')
                ->where('date', '>=', $salon->today()->subWeeks(10)->format('Y-m-d'))
                ->get();
            foreach ($days as $day) {
                $stylist = $stylists->get($i % max(1, $stylists->count()));
                $starts = SalonClock::moment($salon, $day->date->format('Y-m-d'), 540 + 30 * $chance->between(0, 8));
                if ($stylist === null || $starts === null) {
                    continue;
                }
                $planned = 95 + 5 * $chance->between(0, 12);
                $booking = new Booking([
                    'head_id' => $head->id, 'user_id' => $stylist->id, 'service' => $services[0]->name,
                    'is_wash_day' => true, 'date' => $day->date->format('Y-m-d'), 'starts_at' => $starts,
                    'stretches' => [[
                        'hands' => (float) $planned,
                        'waiting' => 0.0,
                        'spread' => 0.2,
                        'waiting_spread' => 0.0,
                    ]],
                    'minutes' => $planned,
                    'price_cents' => $services[0]->price_cents,
                    'status' => BookingStatus::Done, 'changed_by' => $stylist->name,
                    'begun_at' => $starts,
                    'ended_at' => $starts->addMinutes((int) round($planned * exp(0.15 * $chance->normal()))),
                ] + self::TAX);
                $booking->salon_id = $salon->id;
                $booking->save();
            }
        }
    }
}
