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
use App\Models\WorkingHours;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Hours, services and bookings of the invented studio: the weeks behind, today, and the week ahead. */
final class DemoDay
{
    /** Name, whole wash day, minutes, price in cents, whether it trims or takes down, and what more is asked. */
    private const SERVICES = [
        ['Wash day', true, 120, 8500, null, ['quarter_cents' => 700]],
        ['First visit', false, 60, 5500, null, ['deposit_cents' => 2000]],
        ['Dry cut', false, 45, 4800, 'trim', ['long_from_mm' => 350, 'step_cents' => 400]],
        ['Hair tests', false, 20, 1500, null, []],
        ['Take-down', false, 60, 6000, 'take-down', []],
    ];

    /** Within the prices. */
    private const TAX = ['tax_hundredths' => 2300, 'tax_added' => false];

    /** Minutes of the day; somebody is there every day of the week, and everybody today. */
    private const SPANS = [[540, 750], [795, 1110]];
    private const WEEKS = [[1, 2, 3, 4, 5, 6, 7], [1, 2, 3, 4, 5, 6], [2, 3, 4, 5, 6, 7]];

    /** Who comes today: which head, at what minute from the opening on, for what, to whose hands. */
    private const TODAY = [
        [0, 0, 0, 0], [3, 15, 3, 0], [8, 20, 2, 1], [5, 90, 0, 1], [1, 45, 0, 2], [15, 150, 2, 0], [12, 255, 0, 1],
        [13, 255, 2, 2], [10, 285, 0, 0], [7, 300, 3, 0], [6, 340, 0, 2], [2, 435, 3, 1], [23, 465, 1, 1],
        [14, 480, 2, 0],
    ];

    /** Who comes in the days after: which head, in how many days, at what minute, for a wash day. */
    private const AHEAD = [
        [4, 1, 570], [7, 2, 600], [9, 3, 840], [11, 5, 540], [16, 2, 840], [17, 3, 540], [18, 4, 600],
        [19, 4, 840], [20, 5, 840], [21, 6, 570], [22, 6, 840],
    ];

    /** An invented client books so long before the salon opens. */
    private const BOOKED_BEFORE_MINUTES = 60;

    /** @throws BookingConflict never: nobody else is there */
    public static function fill(Salon $salon, DemoMoment $moment): void
    {
        $salon->update([
            'chairs' => 5, 'basins' => 2, 'dryers' => 3, 'hoods' => 2, 'phone' => '+351 555 0100',
        ] + self::TAX);
        $services = self::services($salon);
        $stylists = app(SalonSchedule::class)->working($salon)->values();
        self::hours($salon, $stylists, $moment);
        /** @var Collection<int, Head> $heads */
        $heads = Head::query()->where('salon_id', $salon->id)->orderBy('id')->get();
        DemoVisits::fill($salon, $heads, $services[0], $stylists, self::TAX);
        self::people($heads);
        self::missed($salon, $heads->get(11), $services[2], $stylists->first());
        $now = CarbonImmutable::now();
        $day = $salon->today();
        $before = max(0, $moment->opens - self::BOOKED_BEFORE_MINUTES);
        $early = SalonClock::moment($salon, $day->format('Y-m-d'), $before);
        $clock = CarbonImmutable::getTestNow();
        CarbonImmutable::setTestNow(min($now, $early ?? $now));
        try {
            foreach (self::TODAY as [$head, $minute, $service, $stylist]) {
                $hands = [$stylists->get($stylist)];
                self::book($salon, $heads->get($head), $services[$service], $hands, $day, $moment->opens + $minute);
            }
            foreach (self::AHEAD as $i => [$head, $days, $minute]) {
                $hands = [...$stylists->slice($i % 3)->all(), ...$stylists->all()];
                self::book($salon, $heads->get($head), $services[0], $hands, $day->addDays($days), $minute);
            }
            if ($moment->isUnderWay) {
                app(DemoMorning::class)->play($salon, $day, $now);
            }
        } finally {
            CarbonImmutable::setTestNow($clock);
        }
    }

    /** @return list<Service> */
    private static function services(Salon $salon): array
    {
        $services = [];
        foreach (self::SERVICES as [$name, $isWashDay, $minutes, $price, $does, $more]) {
            $services[] = $service = (new Service())->forceFill([
                'salon_id' => $salon->id, 'name' => $name, 'is_wash_day' => $isWashDay, 'minutes' => $minutes,
                'price_cents' => $price, 'does' => $does,
            ] + $more);
            $service->save();
        }

        return $services;
    }

    /** @param Collection<int, User> $stylists */
    private static function hours(Salon $salon, Collection $stylists, DemoMoment $moment): void
    {
        $today = $salon->today()->dayOfWeekIso;
        foreach ($stylists as $i => $stylist) {
            foreach (array_unique([...self::WEEKS[$i] ?? [], $today]) as $weekday) {
                foreach ($weekday === $today ? $moment->spans() : self::SPANS as [$from, $until]) {
                    WorkingHours::query()->create([
                        'salon_id' => $salon->id, 'user_id' => $stylist->id, 'weekday' => $weekday,
                        'from_minute' => $from, 'until_minute' => $until,
                    ]);
                }
            }
        }
    }

    /**
     * @param list<User|null> $hands in whose the invented client would like to be, the first who have room
     */
    private static function book(
        Salon $salon,
        ?Head $head,
        Service $service,
        array $hands,
        CarbonImmutable $date,
        int $minute,
    ): void {
        if ($head === null) {
            return;
        }
        foreach (array_filter($hands) as $stylist) {
            try {
                app(Bookings::class)->take($salon, $head, $service, $stylist, $date, $minute, $stylist->name);

                return;
            } catch (BookingConflict) {
                // The next has room, or the invented client stays at home.
                continue;
            }
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
}
