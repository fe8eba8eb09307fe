<?php

declare(strict_types=1);

/* A morning as it goes: silent clients, over-runs, a stylist who leaves, hands exchanged, a session tapped through. */

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\WashDays\WashSessionState;
use App\Jobs\SendReminder;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Leave;
use App\Models\OutboxMessage;
use App\Models\Reminder;
use App\Models\User;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Nagomi\Core\Scheduling\DaySchedule;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function quim(): User
{
    return User::query()->where('name', 'Quim')->firstOrFail();
}

/** @param list<array{float, float}> $stretches hands and waiting, in minutes */
function onTodaysBook(
    FeatureTestCase $test,
    Head $head,
    string $time,
    array $stretches,
    ?User $with = null,
    bool $isWashDay = false,
): Booking {
    $booking = new Booking([
        'head_id' => $head->id, 'user_id' => ($with ?? $test->stylist)->id,
        'service' => $isWashDay ? 'Wash day' : 'Dry cut', 'is_wash_day' => $isWashDay,
        'date' => '2027-01-09', 'starts_at' => CarbonImmutable::parse("2027-01-09 {$time}", 'UTC'),
        'stretches' => array_map(fn (array $of): array => [
            'hands' => $of[0], 'waiting' => $of[1], 'spread' => 0.2, 'waiting_spread' => 0.0,
        ], $stretches),
        'minutes' => (int) array_sum(array_merge(...$stretches)), 'price_cents' => 4800,
        'status' => BookingStatus::Booked, 'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $test->salon->id])->save();

    return $booking->refresh();
}

function itIs(FeatureTestCase $test, string $time): void
{
    $test->travelTo(CarbonImmutable::parse("2027-01-09 {$time}", 'UTC'));
}

function say(FeatureTestCase $test, Booking $booking, array $form): void
{
    $test->post("/bookings/{$booking->id}/notes", $form + ['sequence' => (string) $booking->refresh()->sequence])
        ->assertSessionHasNoErrors()
        ->assertRedirect();
}

function theDay(FeatureTestCase $test): DaySchedule
{
    $schedule = app(SalonSchedule::class);
    $today = $test->salon->today();

    return $schedule->of($test->salon, $today, $schedule->bookings($test->salon, $today))
        ?? throw new LogicException('Somebody works today.');
}

it('asks after a quarter of an hour who is silent, and gives the place to others after half an hour', function (): void {
    openSalon($this);
    $tamar = $this->aHead();
    $tamar->update(['phone' => '+351 555 0142']);
    $booking = onTodaysBook($this, $tamar, '10:15', [[60.0, 0.0]]);
    itIs($this, '10:29');
    $this->get('/today')->assertDontSee('Here yet?');
    itIs($this, '10:30');
    $this->get('/today')->assertSee('was due at 10:15 with Ilse. Here yet?')->assertSee('tel:+3515550142');
    // Hands are still kept: what is asked for now is offered after them.
    expect(theDay($this)->placed)->toHaveKey($booking->id);
    itIs($this, '10:45');
    expect(theDay($this)->placed)->toBe([]);
    $this->get('/today')
        ->assertSee('has not come. The place is free for others')
        ->assertSee('10:45 with Ilse')
        ->assertSee('10:45 with Quim')
        ->assertDontSee('No slot left');
    // The place is somebody else's by then; whoever comes after all begins when there is room.
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '10:45', null, '2027-01-09'))
        ->assertSessionHasNoErrors()
        ->assertRedirect();
    say($this, Booking::query()->where('service', 'Dry cut')->latest('starts_at')->firstOrFail(), ['what' => 'begin']);
    itIs($this, '10:50');
    say($this, $booking, ['what' => 'here']);
    expect($booking->refresh()->arrived_at?->format('H:i'))->toBe('10:50')
        ->and(theDay($this)->placed[$booking->id]->start())->toBe(695);
    $this->get('/today')->assertSee('Came late; starts at 11:35, after a wait of 45 min');
});

it('offers the place back with one tap', function (): void {
    openSalon($this);
    $booking = onTodaysBook($this, $this->aHead(), '10:15', [[60.0, 0.0]]);
    itIs($this, '10:50');
    $this->put("/bookings/{$booking->id}", [
        'sequence' => '0', 'slot' => '2027-01-09 10:50 ' . quim()->id,
    ])->assertSessionHasNoErrors()->assertRedirect();
    expect($booking->refresh()->user_id)->toBe(quim()->id)
        ->and($booking->starts_at->format('H:i'))->toBe('10:50');
    $this->get('/today')->assertDontSee('has not come');
});

it('forgets that somebody was here when the booking stands again', function (): void {
    openSalon($this);
    $booking = onTodaysBook($this, $this->aHead(), '11:00', [[30.0, 0.0]]);
    say($this, $booking, ['what' => 'here']);
    say($this, $booking, ['what' => 'no-show']);
    say($this, $booking, ['what' => 'again']);
    expect($booking->refresh()->arrived_at)->toBeNull()->and($booking->status)->toBe(BookingStatus::Booked);
});

it('keeps who is under way where they are, through lunch and after closing', function (string $begins, string $now): void {
    openSalon($this);
    itIs($this, $begins);
    $booking = onTodaysBook($this, $this->aHead(), $begins, [[120.0, 0.0]]);
    say($this, $booking, ['what' => 'begin']);
    itIs($this, $now);
    $line = theDay($this);
    expect($line->without())->toBe([])->and($line->placed[$booking->id]->breakMinutes
        + $line->placed[$booking->id]->closingMinutes)->toBeGreaterThan(0);
    // Those hands are sold to nobody meanwhile.
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Readings', $now, null, '2027-01-09'))
        ->assertSessionHasErrors('time');
    $this->get('/today')->assertOk()->assertDontSee('No slot left');
})->with([['11:30', '12:20'], ['17:20', '17:55'], ['22:45', '23:30']]);

it('proposes other hands, moves with one tap once the client agrees, and writes to the client', function (): void {
    openSalon($this);
    itIs($this, '09:00');
    $first = onTodaysBook($this, $this->aHead(), '09:00', [[120.0, 0.0]]);
    $noor = $this->aHead('protein-sensitive');
    $noor->update(['name' => 'Noor', 'reminded_by' => 'text', 'phone' => '+351 555 0199']);
    $booking = onTodaysBook($this, $noor, '11:00', [[60.0, 0.0]]);
    say($this, $first, ['what' => 'begin']);
    $this->get('/today')->assertDontSee('So that nobody waits');
    itIs($this, '10:40');
    foreach (range(1, 4) as $ignored) {
        say($this, $first, ['what' => 'over']);
    }
    $this->get('/today')
        ->assertSee('So that nobody waits')
        ->assertSee('Noor cannot begin with Ilse before 11:45. Quim could begin at 11:00.')
        ->assertSee('Noor agrees: Quim at 11:00');
    $this->put("/bookings/{$booking->id}", ['sequence' => '0', 'slot' => '2027-01-09 11:00 ' . quim()->id])
        ->assertSessionHasNoErrors()
        ->assertSessionHas('said', 'Noor is with Quim at 11:00. A message goes out.');
    expect($booking->refresh()->user_id)->toBe(quim()->id);
    $this->get('/today')->assertDontSee('So that nobody waits');
    $told = Reminder::query()->where('kind', 'moved')->sole();
    (new SendReminder($told->id, $this->salon->id))->handle();
    expect($told->refresh()->status)->toBe('sent')
        ->and(OutboxMessage::query()->sole()->body)->toContain('9 January at 11:00 with Quim');
    // Sent twice by a slow finger, it is told once; moved on, what was not told yet is not told any more.
    $again = Reminder::query()->create([
        'salon_id' => $this->salon->id, 'head_id' => $noor->id, 'kind' => 'moved', 'status' => 'due',
        'occasion' => "moved {$booking->id} 202701090900 {$this->stylist->id}", 'due_at' => now(),
    ]);
    (new SendReminder($again->id, $this->salon->id))->handle();
    expect($again->refresh()->status)->toBe('dropped')->and(OutboxMessage::query()->count())->toBe(1);
});

it('does not propose again what the client did not want, and tells where no message goes out', function (): void {
    openSalon($this);
    itIs($this, '10:40');
    $first = onTodaysBook($this, $this->aHead(), '10:00', [[60.0, 0.0]]);
    $noor = $this->aHead('protein-sensitive');
    $noor->update(['name' => 'Noor', 'reminded_by' => 'nobody']);
    $booking = onTodaysBook($this, $noor, '11:00', [[60.0, 0.0]]);
    say($this, $first, ['what' => 'begin']);
    $this->get('/today')->assertSee('Noor stays with Ilse');
    say($this, $booking, ['what' => 'stay']);
    $this->get('/today')->assertDontSee('So that nobody waits')->assertSee('Can’t start before 11:45, 45 min late');
    $this->put("/bookings/{$booking->id}", [
        'sequence' => (string) $booking->refresh()->sequence, 'slot' => '2027-01-09 11:00 ' . quim()->id,
    ])->assertSessionHas('said', 'Noor is with Quim at 11:00. No message goes out; tell them yourself.');
});

it('hands over who sits in the chair when a stylist leaves in the middle of the day', function (): void {
    openSalon($this);
    itIs($this, '10:00');
    $first = onTodaysBook($this, $this->aHead(), '10:00', [[90.0, 0.0]]);
    $later = onTodaysBook($this, $this->aHead('protein-sensitive'), '14:00', [[30.0, 0.0]]);
    say($this, $first, ['what' => 'begin']);
    (new Leave())->forceFill([
        'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'from' => '2027-01-09',
        'until' => '2027-01-09', 'because' => 'ill',
    ])->save();
    itIs($this, '10:30');
    $page = $this->get('/today')
        ->assertOk()
        ->assertSee('Ilse is away. Quim could take')
        ->assertSee('Quim takes over now')
        ->assertSee('Quim at 14:00');
    expect(substr_count((string) $page->getContent(), 'Ilse is away.'))->toBe(2);
    // Only who sits can be taken over; nobody from another salon takes anybody.
    [, $stranger] = $this->salonWithStylist('other@test.example');
    foreach ([[$later, quim()->id, 'what'], [$first, $stranger->id, 'stylist'], [$first, '', 'stylist']] as $wrong) {
        [$booking, $who, $field] = $wrong;
        $this->post("/bookings/{$booking->id}/notes", [
            'what' => 'take-over', 'stylist' => (string) $who, 'sequence' => (string) $booking->refresh()->sequence,
        ])->assertSessionHasErrors($field);
    }
    say($this, $first, ['what' => 'take-over', 'stylist' => (string) quim()->id]);
    expect($first->refresh()->user_id)->toBe(quim()->id)->and($first->begun_at?->format('H:i'))->toBe('10:00');
    $line = theDay($this);
    expect($line->placed[$first->id]->hands)->toBe(SalonSchedule::hands(quim()->id))
        ->and($line->placed[$first->id]->start())->toBe(630)
        ->and($line->placed[$first->id]->finish)->toBe(690);
});

it('knows who leaves for a part of the day, and neither stays for lunch nor after hours then', function (): void {
    openSalon($this);
    itIs($this, '09:00');
    $early = onTodaysBook($this, $this->aHead(), '10:00', [[60.0, 0.0]]);
    $late = onTodaysBook($this, $this->aHead('protein-sensitive'), '15:00', [[60.0, 0.0]]);
    $this->post('/salon/leave', [
        'leave_of' => (string) $this->stylist->id, 'leave_from' => '2027-01-09', 'leave_until' => '2027-01-09',
        'leave_from_time' => '14:00', 'leave_because' => 'dentist',
    ])->assertSessionHas('said', 'Noted. 1 booking falls into those days: move them, or call.');
    $this->get('/salon/hours')->assertSee('9 Jan, 14:00 to 9 Jan 2027');
    $line = theDay($this);
    expect($line->day->hours[SalonSchedule::hands($this->stylist->id)])->toBe([[540, 750], [795, 840]])
        ->and($line->placed)->toHaveKey($early->id)
        ->and($line->without())->toBe([$late->id]);
    $this->get('/today')->assertSee('Ilse is away. Quim could take')->assertSee('Quim at 15:00');
    // Nothing is booked into it, nor right before it.
    foreach (['14:00', '13:30'] as $time) {
        $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', $time, null, '2027-01-09'))
            ->assertSessionHasErrors('time');
    }
    $this->post('/bookings', bookingForm($this->aHead(), 'Readings', '13:30', null, '2027-01-09'))
        ->assertSessionHasNoErrors();
    // An hour in the middle of the morning leaves what is before and after it.
    $this->post('/salon/leave', [
        'leave_of' => (string) quim()->id, 'leave_from' => '2027-01-09', 'leave_until' => '2027-01-09',
        'leave_from_time' => '10', 'leave_until_time' => '11.30',
    ])->assertSessionHasNoErrors();
    expect(theDay($this)->day->hours[SalonSchedule::hands(quim()->id)])->toBe([[540, 600], [690, 750], [795, 1080]]);
});

it('says what hour to type instead', function (array $typed, string $field, string $says): void {
    openSalon($this);
    $this->post('/salon/leave', $typed + [
        'leave_of' => (string) $this->stylist->id, 'leave_from' => '2027-01-09', 'leave_until' => '2027-01-09',
    ])->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($says)->and(Leave::query()->count())->toBe(0);
})->with([
    'words' => [['leave_from_time' => 'after lunch'], 'leave_from_time', 'such as 14:00'],
    'no hour' => [['leave_until_time' => '25:00'], 'leave_until_time', 'such as 17:30'],
    'backwards' => [
        ['leave_from_time' => '14:00', 'leave_until_time' => '13:00'], 'leave_until_time', 'after the first',
    ],
]);

it('lays the day out by what is tapped at the wash, not by what the clock makes of the plan', function (): void {
    openSalon($this);
    $head = $this->aHead();
    itIs($this, '10:00');
    $booking = onTodaysBook($this, $head, '10:00', [[60.0, 0.0]], null, true);
    $this->post("/clients/{$head->id}/wash")->assertSessionHasNoErrors()->assertRedirect();
    $session = WashSession::query()->sole();
    expect($booking->refresh()->status)->toBe(BookingStatus::UnderWay);
    $state = WashSessionState::of($session, []);
    $hands = fn (): float => array_sum(array_map(
        static fn ($segment): float => $segment->handsMinutes,
        theDay($this)->appointments[0]->stretches,
    ));
    $whole = $hands();
    $steps = array_values(array_filter($state->steps(), fn (array $step): bool => ! $step['after_client']));
    expect($whole)->toEqualWithDelta(array_sum(array_column($steps, 'hands_on_minutes')), 0.1);
    // The first step took twice what was planned: what is left is the rest of the steps, not the rest of the hour.
    $minutes = (int) ceil(2 * $steps[0]['hands_on_minutes']);
    itIs($this, CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes($minutes)->format('H:i'));
    $session->acts()->make([
        'kind' => 'done', 'step' => $steps[0]['key'], 'value' => [], 'acted_at' => now(), 'by' => 'Ilse',
        'device' => 'test', 'key' => 'k1',
    ])->save();
    expect($hands())->toEqualWithDelta($whole - $steps[0]['hands_on_minutes'], 0.1);
    $this->get('/today')->assertOk();
});

it('says in the book what the day costs where hands give up their break', function (): void {
    openSalon($this);
    itIs($this, '11:40');
    $first = onTodaysBook($this, $this->aHead(), '11:00', [[50.0, 0.0]]);
    onTodaysBook($this, $this->aHead('protein-sensitive'), '11:50', [[40.0, 0.0]]);
    say($this, $first, ['what' => 'begin']);
    itIs($this, '11:50');
    say($this, $first, ['what' => 'over']);
    $this->get('/today')->assertSee('Ilse works about')->assertSee('of the break, so that nobody waits longer');
});

it('lays a full day out for the page at once, and looks for a better order behind it', function (): void {
    openSalon($this);
    itIs($this, '08:55');
    $this->salon->update(['chairs' => 8]);
    foreach (range(0, 6) as $i) {
        $head = $this->aHead($i % 2 === 0 ? 'mixed-porosity' : 'protein-sensitive');
        $time = CarbonImmutable::parse('2027-01-09 09:00', 'UTC')->addMinutes(20 * $i)->format('H:i');
        onTodaysBook($this, $head, $time, [[15.0, 15.0], [15.0, 10.0], [10.0, 0.0]]);
    }
    $quick = $this->get('/today')->assertOk()->assertSee('it is being looked for')->assertSee('js/screens/today.js');
    $address = html_entity_decode((string) preg_replace(
        '/^.*data-thoroughly="([^"]+)".*$/s',
        '$1',
        (string) $quick->getContent(),
    ));
    $better = (string) $this->getJson($address)->assertOk()->json('page');
    expect($better)->toContain('data-day')->not->toContain('it is being looked for');
    // What was found is kept: the next look has it at once.
    $this->get('/today')->assertOk()->assertDontSee('it is being looked for');
});
