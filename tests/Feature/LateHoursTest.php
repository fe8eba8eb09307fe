<?php

declare(strict_types=1);

/* A salon that works past midnight: the night belongs to the day before it, on every screen and to the minute. */

use App\Bridge\Scheduling\StylistHours;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Leave;
use App\Models\User;
use App\Models\WorkingHours;
use App\Pages\Today\BookingScreen;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** Saturdays from six in the evening to two in the morning, the other days as always. */
function openLate(FeatureTestCase $test, string $saturday = '18:00–2:00'): TestResponse
{
    if (User::query()->where('salon_id', $test->salon->id)->count() === 1) {
        openSalon($test);
    }
    $hours = [];
    foreach (User::query()->where('salon_id', $test->salon->id)->pluck('id') as $id) {
        $hours[$id] = [1 => '9:00–18:00', 5 => '12–22', 6 => $saturday, 7 => '10:00–16:00'];
    }
    $services = [];
    foreach (['Wash day', 'Dry cut', 'Readings'] as $i => $name) {
        $services["s{$i}"] = [
            'id' => (string) service($name)->id, 'name' => $name, 'minutes' => (string) service($name)->minutes,
            'price' => '40', 'is_wash_day' => $name === 'Wash day' ? '1' : '0',
        ];
    }

    return $test->put('/salon/hours', ['chairs' => '3', 'hours' => $hours, 'services' => $services]);
}

function bookedLate(FeatureTestCase $test, string $time = '0:30', string $date = '2027-01-16'): Booking
{
    $head = $test->aHead();
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time, date: $date))->assertSessionHasNoErrors()
        ->assertRedirect("/today?date={$date}");

    return Booking::query()->where('head_id', $head->id)->sole();
}

/** @return list<string> every time offered on a day, with these hands */
function lateOffers(FeatureTestCase $test, string $date): array
{
    $page = app(BookingScreen::class)->asked($test->salon->fresh(), [
        'head' => $test->aHead('protein-sensitive')->id, 'service' => (string) service('Dry cut')->id, 'date' => $date,
        'all' => '1', 'with' => (string) $test->stylist->id,
    ]);

    return array_map(static fn ($time): string => $time->words(), $page->days[0]->times ?? []);
}

it('keeps hours past midnight as they are typed, and says which day lasts until when', function (): void {
    openLate($this)->assertSessionHasNoErrors()->assertRedirect();
    $this->get('/salon/hours')->assertSee('Saturday lasts until 2:00 at night.')->assertSee('18:00–2:00');
    expect(WorkingHours::query()->where('weekday', 6)->where('user_id', $this->stylist->id)->sole()->until_minute)
        ->toBe(1560)->and($this->salon->refresh()->day_turns_minute)->toBe(240);
    openLate($this, '18:00–24:00')->assertSessionHasNoErrors();
    expect(WorkingHours::query()->where('weekday', 6)->where('user_id', $this->stylist->id)->sole()->until_minute)
        ->toBe(1440)->and($this->salon->refresh()->day_turns_minute)->toBe(120);
    openLate($this, '10–20')->assertSessionHasNoErrors();
    expect($this->salon->refresh()->day_turns_minute)->toBe(0);
});

it('says what to type where the night is too long, or another day begins in it', function (
    string $saturday,
    string $field,
    string $says,
): void {
    openLate($this, $saturday)->assertSessionHasErrors(str_replace('STYLIST', (string) $this->stylist->id, $field));
    expect(implode(' ', session('errors')->all()))->toContain($says)
        ->and(WorkingHours::query()->where('weekday', 6)->where('user_id', $this->stylist->id)->count())->toBe(2)
        ->and($this->salon->refresh()->day_turns_minute)->toBe(0);
})->with([
    'until five' => ['18:00–5:00', 'hours.STYLIST.6', 'Hours end at 4:00 at night at the latest.'],
    'no length' => ['18:00–18:00', 'hours.STYLIST.6', 'Saturday: type from and until'],
    'more than fifteen hours' => ['10:00–2:00', 'hours', 'at most fifteen hours'],
    'begins in its own night' => ['3:00–4:00 20:00–2:00', 'hours', 'Saturday: someone works until 2:00 at night'],
]);

it('offers and books times after midnight on the day before, and tells the client the date on the wall', function (): void {
    openLate($this);
    expect(lateOffers($this, '2027-01-16'))->toContain('23:45')->toContain('0:30 after midnight')
        ->toContain('1:10 after midnight')->not->toContain('1:15 after midnight')->not->toContain('17:55');
    $query = ['head' => $this->aHead('growing-out-bleach')->id, 'date' => '2027-01-16', 'part' => 'night'];
    $page = app(BookingScreen::class)->asked($this->salon->fresh(), $query + [
        'service' => (string) service('Dry cut')->id, 'all' => '1',
    ]);
    expect(min(array_column($page->days[0]->times, 'minute')))->toBe(1320)
        ->and(max(array_column($page->days[0]->times, 'minute')))->toBe(1510);
    $this->get('/bookings/new?' . http_build_query($query))->assertSee('<option value="night"', false);
    $booking = bookedLate($this);
    expect($booking->date->format('Y-m-d'))->toBe('2027-01-16')
        ->and($booking->starts_at->format('Y-m-d H:i'))->toBe('2027-01-17 00:30');
    $this->get("/bookings/{$booking->id}")->assertSee('Saturday 16 January at 0:30 after midnight')
        ->assertSee('Before 4:00 it is the night after that day.');
    // The same hands at the same time once more: the night is as full as a day would be.
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '0:45', date: '2027-01-16'))
        ->assertSessionHasErrors('time');
    // At half past midnight of Sunday, which begins at ten, nobody is there.
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '0:30', date: '2027-01-17'))
        ->assertSessionHasErrors('time');
    expect(Booking::query()->count())->toBe(1);
});

it('is still today after midnight until everybody has gone: who comes is on the page and is begun and done', function (): void {
    openLate($this);
    $booking = bookedLate($this);
    $this->travelTo(CarbonImmutable::parse('2027-01-17 00:29', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('Today')->assertSee('Saturday 16 January')->assertSee($booking->head->name);
    $this->post("/bookings/{$booking->id}/notes", ['sequence' => '0', 'what' => 'here'])->assertSessionHasNoErrors();
    $this->post("/bookings/{$booking->id}/notes", ['sequence' => '1', 'what' => 'begin'])->assertSessionHasNoErrors();
    $this->travelTo(CarbonImmutable::parse('2027-01-17 01:20', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('Saturday 16 January')->assertSee('In the chair');
    $this->post("/bookings/{$booking->id}/notes", ['sequence' => '2', 'what' => 'through'])
        ->assertSessionHasNoErrors();
    expect($booking->refresh()->status)->toBe(BookingStatus::Done);
    $this->put("/bookings/{$booking->id}/times", ['sequence' => '3', 'began' => '0:31', 'ended' => '1:10'])
        ->assertSessionHasNoErrors();
    expect($booking->refresh()->begun_at->format('Y-m-d H:i'))->toBe('2027-01-17 00:31')
        ->and($booking->ended_at->format('Y-m-d H:i'))->toBe('2027-01-17 01:10');
    $this->travelTo(CarbonImmutable::parse('2027-01-17 03:59', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('Saturday 16 January');
    $this->travelTo(CarbonImmutable::parse('2027-01-17 04:00', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('Sunday 17 January');
});

it('asks about who does not come after midnight, and sets them aside', function (): void {
    openLate($this);
    $booking = bookedLate($this, '23:45');
    $this->travelTo(CarbonImmutable::parse('2027-01-17 00:05', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('was due at 23:45');
    $this->post("/bookings/{$booking->id}/notes", ['sequence' => '0', 'what' => 'later', 'expected' => '0:50'])
        ->assertSessionHasNoErrors();
    expect($booking->refresh()->expected_at->format('Y-m-d H:i'))->toBe('2027-01-17 00:50');
    $this->get('/today')->assertSee('said they come at 0:50')->assertDontSee('was due at');
    $this->travelTo(CarbonImmutable::parse('2027-01-17 01:21', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('has not come');
});

it('ends the hours where the clocks change in the night, so that no minute is sold twice and none that is not', function (
    string $saturday,
    int $ends,
    string $last,
    string $says,
): void {
    openLate($this, '18:00–3:00');
    $hours = StylistHours::on($this->salon->fresh(), CarbonImmutable::parse($saturday, 'Europe/Lisbon'))->there;
    expect($hours["stylist {$this->stylist->id}"])->toBe([[1080, $ends]]);
    $offered = lateOffers($this, $saturday);
    expect($offered[count($offered) - 1])->toBe($last);
    $this->get("/today?date={$saturday}")->assertSee($says);
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '1:45', date: $saturday))
        ->assertSessionHasErrors('time');
})->with([
    'summer begins at one' => ['2027-03-27', 1500, '0:10 after midnight', 'The clocks change at 1:00 in this night'],
    'summer ends at two' => ['2027-10-30', 1560, '1:10 after midnight', 'The clocks change at 2:00 in this night'],
]);

it('counts the minutes of every night as they go by', function (string $date): void {
    openLate($this);
    $salon = $this->salon->fresh();
    $day = CarbonImmutable::parse($date, 'Europe/Lisbon');
    $midnight = new DateTimeImmutable("{$date} 24:00", new DateTimeZone('Europe/Lisbon'));
    foreach (range(1440, 1679) as $minute) {
        $moment = SalonClock::moment($salon, $date, $minute);
        expect($moment?->getTimestamp())->toBe($midnight->getTimestamp() + 60 * ($minute - 1440))
            ->and(SalonClock::minute($salon, $day, $moment))->toBe($minute);
        $wall = (int) $moment->setTimezone('Europe/Lisbon')->format('G');
        expect($salon->dayAt($moment)->format('Y-m-d'))->toBe($wall < 4 ? $date : $day->addDay()->format('Y-m-d'));
    }
})->with(['2027-01-16', '2027-03-27', '2027-10-30']);

it('is away for the night as for the day, or from an hour of the night on', function (): void {
    openLate($this);
    $leave = [
        'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'from' => '2027-01-16',
        'until' => '2027-01-16', 'because' => 'sea',
    ];
    Leave::query()->create($leave);
    expect(lateOffers($this, '2027-01-16'))->toBe([]);
    Leave::query()->delete();
    $this->post('/salon/leave', [
        'leave_of' => (string) $this->stylist->id, 'leave_from' => '2027-01-16', 'leave_until' => '2027-01-16',
        'leave_from_time' => '0:15', 'leave_because' => 'home',
    ])->assertSessionHasNoErrors();
    $offered = lateOffers($this, '2027-01-16');
    expect($offered[count($offered) - 1])->toBe('23:25');
});

it('lets a booking of the night stand where hours are shortened later, on the day it was made for', function (): void {
    openLate($this);
    $booking = bookedLate($this);
    WorkingHours::query()->where('weekday', 6)->update(['until_minute' => 1320]);
    $this->salon->update(['day_turns_minute' => 0]);
    $this->actingAs($this->stylist->fresh());
    $this->get('/today?date=2027-01-16')->assertOk()->assertSee($booking->head->name)->assertSee('0:30');
    $this->get("/bookings/{$booking->id}")->assertOk()->assertSee('Saturday 16 January at 0:30 after midnight');
    expect(Booking::query()->sole()->starts_at->format('Y-m-d H:i'))->toBe('2027-01-17 00:30');
});

it('says on the plan that a wash day of the night is after midnight, beside the day it belongs to', function (): void {
    openLate($this, '18:00–4:00');
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Wash day', '0:30', date: '2027-01-16'))->assertSessionHasNoErrors();
    $this->get("/clients/{$head->id}/plan")->assertSee('0:30 after midnight');
    expect($head->planItems()->where('date', '2027-01-16')->count())->toBe(1)
        ->and($head->planItems()->where('date', '2027-01-17')->count())->toBe(0);
});
