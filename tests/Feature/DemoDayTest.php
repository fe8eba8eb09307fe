<?php

declare(strict_types=1);

/* The day of the demo is alive at whatever hour it is built: some done, two under way, some to come, nobody late. */

use App\Bridge\Clients\RecordImporter;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoDay;
use Database\Seeders\DemoMoment;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecord;

/** A salon of three without hours yet, and two dozen clients of whom nothing is known but their porosity. */
function twoDozen(int $turns = 0): Salon
{
    $salon = Salon::query()->create([
        'name' => 'Demo', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => 150, 'humidity_percent' => 50,
        'method' => (new Method())->choices, 'climate' => 'none', 'day_turns_minute' => $turns,
    ]);
    foreach (['Ilse', 'Quim', 'Wren'] as $name) {
        User::query()->create([
            'salon_id' => $salon->id, 'name' => $name, 'email' => "{$name}@demo.example", 'password' => 'demo-password',
        ]);
    }
    $parts = array_map(
        fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, Porosity::Medium, StrandDiameter::Medium),
        Zone::cases(),
    );
    for ($i = 0; $i < 24; $i++) {
        $record = new CareRecord("c{$i}", "Client Number{$i}", new Head($parts), [], [], []);
        app(RecordImporter::class)->record($record, $salon);
    }

    return $salon->fresh();
}

it('is in its middle whenever it is built', function (string $now, int $toCome): void {
    $this->travelTo(CarbonImmutable::parse($now, 'Europe/Lisbon'));
    $limits = Parameters::shipped()->scheduling;
    $moment = DemoMoment::round(CarbonImmutable::now('Europe/Lisbon'), $limits->latestClosingMinute);
    $salon = twoDozen($limits->dayTurnsMinute($moment->closes()));
    DemoDay::fill($salon, $moment);
    $today = $salon->today()->format('Y-m-d');
    $of = fn (BookingStatus ...$those): int => Booking::query()->where('salon_id', $salon->id)
        ->where('date', $today)->whereIn('status', $those)->count();
    expect(CarbonImmutable::now('Europe/Lisbon')->format('Y-m-d H:i'))->toBe($now)
        ->and($of(BookingStatus::Done))->toBeGreaterThanOrEqual(3)
        ->and($of(BookingStatus::UnderWay))->toBe(2)
        ->and($of(BookingStatus::Booked, BookingStatus::Arrived))->toBeGreaterThanOrEqual($toCome)
        // Whoever was to begin by now is in the chair or through; a quarter of an hour is left to sit down in.
        ->and(Booking::query()->where('date', $today)->where('status', BookingStatus::Booked)
            ->where('starts_at', '<', CarbonImmutable::now()->subMinutes(15))->count())->toBe(0)
        ->and(WashSession::query()->where('salon_id', $salon->id)->whereNull('finished_at')->count())->toBe(1)
        ->and(Booking::query()->where('ended_at', '>', CarbonImmutable::now())->count())->toBe(0)
        // Washed by people, not by the plan that changed a booking.
        ->and(WashSession::query()->where('salon_id', $salon->id)->pluck('by')->diff(['Ilse', 'Quim', 'Wren'])->all())
        ->toBe([]);
    $this->actingAs(User::query()->where('salon_id', $salon->id)->firstOrFail())
        ->get('/today')->assertOk()->assertSee(__('today.under-way'));
})->with([
    ['2027-01-09 13:40', 5], ['2027-01-09 23:50', 3], ['2027-01-10 01:10', 1], ['2027-01-09 05:20', 5],
    ['2027-03-28 12:05', 5],
]);

it('begins when it is told to, and nobody has come yet', function (): void {
    $salon = twoDozen();
    DemoDay::fill($salon, DemoMoment::before('9:00'));
    $bookings = Booking::query()->where('date', $salon->today()->format('Y-m-d'))->orderBy('starts_at')->get();
    expect($bookings->count())->toBeGreaterThan(8)
        ->and($bookings->every(fn (Booking $one): bool => $one->status === BookingStatus::Booked))->toBeTrue()
        ->and($bookings->first()?->starts_at->setTimezone('Europe/Lisbon')->format('H:i'))->toBe('09:00');
    $this->artisan('nagomi:demo', ['--opens' => 'noon'])->assertFailed();
});

it('lays the day round any hour, in the night that of the day before', function (string $time, int $opens): void {
    expect(DemoMoment::round(CarbonImmutable::parse("2027-01-09 {$time}"), 1680)->opens)->toBe($opens);
})->with([
    ['13:30', 540], ['09:05', 270], ['04:00', 0], ['02:00', 0], ['01:59', 1275], ['00:00', 1170], ['23:59', 1155],
]);
