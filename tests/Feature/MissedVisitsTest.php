<?php

declare(strict_types=1);

/* The end of the day: visits that are over with no time, those that were missed, and what the salon does then. */

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\Head;
use App\Pages\Reports\ReportPeriod;
use App\Pages\Reports\TimeReport;
use Carbon\CarbonImmutable;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** Books a cut, on the Monday the tests of booking look at. */
function aCut(FeatureTestCase $test, Head $head, string $time): Booking
{
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time))->assertSessionHasNoErrors()->assertRedirect();

    return Booking::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
}

function isSaid(FeatureTestCase $test, Booking $booking, string $what, string $because = ''): Booking
{
    $test->post("/bookings/{$booking->id}/notes", [
        'what' => $what, 'sequence' => (string) $booking->refresh()->sequence, 'because' => $because,
    ])->assertSessionHasNoErrors()->assertRedirect();

    return $booking->refresh();
}

/** Lisbon's winter clock is that of UTC. */
function atTime(FeatureTestCase $test, string $moment): void
{
    $test->travelTo(CarbonImmutable::parse($moment, 'UTC'));
}

it('takes what is said to be over hours later for over, and the minutes for unknown until somebody says them', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $booking = aCut($this, $head, '9:00');
    atTime($this, '2027-01-11 09:02');
    isSaid($this, $booking, 'begin');
    atTime($this, '2027-01-11 18:30');
    isSaid($this, $booking, 'through');
    expect($booking->status->value)->toBe('done')->and($booking->ended_at)->toBeNull();
    $this->get("/bookings/{$booking->id}")->assertSee('how long it took is not known');
    $report = fn (): array => app(TimeReport::class)
        ->of($this->salon, ReportPeriod::asked($this->salon, '2027-01-11', '2027-01-11'))['rows'][0];
    // It is earned and counted all the same.
    expect($report()['bookings'])->toBe(1)->and($report()['timed'])->toBe(0)
        ->and($report()['earned_cents'])->toBe(4800);
    $before = app(ServiceQuotes::class)->of($head, service('Dry cut'), $this->salon->today())->minutes;
    $times = fn (string $began, string $ended): array => [
        'began' => $began, 'ended' => $ended, 'sequence' => (string) $booking->refresh()->sequence,
    ];
    $this->put("/bookings/{$booking->id}/times", $times('9:05', '10.35'))
        ->assertSessionHasNoErrors()
        ->assertRedirect("/bookings/{$booking->id}");
    expect($booking->refresh()->begun_at?->format('H:i'))->toBe('09:05')
        ->and($booking->ended_at?->format('H:i'))->toBe('10:35')
        ->and($report()['used'])->toBe(90)->and($report()['timed'])->toBe(1)
        // The next one is told to take longer.
        ->and(app(ServiceQuotes::class)->of($head, service('Dry cut'), $this->salon->today())->minutes)
        ->toBeGreaterThan($before);
    $this->get("/bookings/{$booking->id}")->assertSee('begun 9:05')->assertDontSee('is not known');
});

it('takes what is said to be over at the time for over then, also where nobody said it was begun', function (): void {
    openSalon($this);
    $booking = aCut($this, $this->aHead(), '9:00');
    atTime($this, '2027-01-11 09:50');
    isSaid($this, $booking, 'begin');
    isSaid($this, $booking, 'through');
    expect($booking->ended_at?->format('H:i'))->toBe('09:50');
});

it('says what to type where times cannot be, and keeps those there were', function (string $began, string $ended, string $at): void {
    openSalon($this);
    $booking = aCut($this, $this->aHead(), '9:00');
    atTime($this, '2027-01-11 09:00');
    isSaid($this, $booking, 'begin');
    $this->from("/bookings/{$booking->id}")->put("/bookings/{$booking->id}/times", [
        'began' => '9:00', 'ended' => '9:30', 'sequence' => (string) $booking->sequence,
    ])->assertSessionHasErrors(['began' => 'It is not over yet: mark it as done first.']);
    atTime($this, '2027-01-11 09:40');
    isSaid($this, $booking, 'through');
    $this->from("/bookings/{$booking->id}")->put("/bookings/{$booking->id}/times", [
        'began' => $began, 'ended' => $ended, 'sequence' => (string) $booking->sequence,
    ])->assertRedirect("/bookings/{$booking->id}")->assertSessionHasErrors($at);
    expect($booking->refresh()->ended_at?->format('H:i'))->toBe('09:40');
    $this->get("/bookings/{$booking->id}")->assertSee('value="' . e($began) . '"', false);
})->with([
    'no time' => ['soon', '9:30', 'began'], 'ends before it began' => ['9:30', '9:10', 'ended'],
    'no minute long' => ['9:30', '9:30', 'ended'], 'ends later than now' => ['9:00', '11:00', 'ended'],
    'past midnight' => ['23:00', '25:00', 'ended'],
]);

it('lets only one of two who correct at once be right, and tells the other', function (): void {
    openSalon($this);
    $booking = aCut($this, $this->aHead(), '9:00');
    atTime($this, '2027-01-11 09:00');
    isSaid($this, $booking, 'begin');
    atTime($this, '2027-01-11 09:45');
    isSaid($this, $booking, 'through');
    $form = ['sequence' => (string) $booking->sequence, 'began' => '9:01', 'ended' => '9:44'];
    $this->put("/bookings/{$booking->id}/times", $form)->assertSessionHasNoErrors();
    $this->from("/bookings/{$booking->id}")->put("/bookings/{$booking->id}/times", ['ended' => '9:20'] + $form)
        ->assertSessionHasErrors('time');
    expect($booking->refresh()->ended_at?->format('H:i'))->toBe('09:44');
    // Another salon has no such booking.
    [, $stranger] = $this->salonWithStylist('other@test.example');
    $this->actingAs($stranger)->put("/bookings/{$booking->id}/times", $form)->assertNotFound();
});

it('counts who did not come or cancelled late, and shows the salon’s own rule from so many on', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $house = [
        'chairs' => '3', 'late_cancel_hours' => '24', 'missed_from' => '2',
        'missed_rule' => 'A deposit of half the price.',
        'services' => ['a' => [
            'id' => (string) service('Dry cut')->id, 'name' => 'Dry cut', 'minutes' => '45', 'price' => '48',
        ]],
        'hours' => array_fill_keys(
            App\Models\User::query()->where('salon_id', $this->salon->id)->pluck('id')->all(),
            array_fill_keys(range(1, 7), '9:00–18:00'),
        ),
    ];
    $this->put('/salon/hours', $house)->assertSessionHasNoErrors()->assertRedirect();
    $this->actingAs($this->stylist->fresh());
    $page = "/bookings/new?head={$head->id}&service=" . service('Dry cut')->id . '&date=2027-01-12';
    $this->get($page)->assertDontSee('In the last twelve months');
    // Two days before is early enough; an hour before is not.
    [$early, $late] = [aCut($this, $head, '9:00'), aCut($this, $head, '11:00')];
    atTime($this, '2027-01-09 08:00');
    isSaid($this, $early, 'cancel', 'away');
    $this->get($page)->assertDontSee('In the last twelve months');
    atTime($this, '2027-01-11 10:00');
    isSaid($this, $late, 'cancel', 'forgot');
    $this->get($page)->assertSee('In the last twelve months: one late cancellation.')->assertDontSee('deposit of half');
    $missed = aCut($this, $head, '14:00');
    atTime($this, '2027-01-11 15:00');
    isSaid($this, $missed, 'no-show');
    $this->get($page)
        ->assertSee('In the last twelve months: one missed visit, one late cancellation.')
        ->assertSee('The salon’s rule: A deposit of half the price.');
    // What was said by mistake and taken back was never missed; and after a year nobody counts it.
    isSaid($this, $late, 'again');
    $this->get($page)->assertSee('one missed visit.')->assertDontSee('late cancellation');
    atTime($this, '2028-01-12 09:00');
    $this->get($page)->assertDontSee('In the last twelve months');
});

it('says what a rule needs, and keeps none that is half', function (array $typed, string $at): void {
    openSalon($this);
    $this->from('/salon/hours')->put('/salon/hours', $typed + ['chairs' => '3', 'services' => []])
        ->assertRedirect('/salon/hours')->assertSessionHasErrors($at);
    expect($this->salon->refresh()->missed_from)->toBeNull()->and($this->salon->missed_rule)->toBeNull();
})->with([
    'hours in words' => [['late_cancel_hours' => 'a day'], 'late_cancel_hours'],
    'hours of weeks' => [['late_cancel_hours' => '337'], 'late_cancel_hours'],
    'a rule from nowhere on' => [['missed_from' => '', 'missed_rule' => 'A deposit.'], 'missed_from'],
    'no rule' => [['missed_from' => '2', 'missed_rule' => ''], 'missed_rule'],
    'never' => [['missed_from' => '0', 'missed_rule' => 'A deposit.'], 'missed_from'],
    'a page of rules' => [['missed_from' => '2', 'missed_rule' => str_repeat('a', 201)], 'missed_rule'],
]);
