<?php

declare(strict_types=1);

/* The end of a day: what nobody said is asked about, with its times, whatever day it is of; and the day adds up. */

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\Head;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function aVisit(FeatureTestCase $test, Head $head, string $time, string $date = '2027-01-11'): Booking
{
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time, date: $date))->assertSessionHasNoErrors();

    return Booking::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
}

/** @param array<string, string> $typed */
function ends(FeatureTestCase $test, Booking $booking, string $what, array $typed = []): TestResponse
{
    return $test->from('/today/end')->post("/bookings/{$booking->id}/end", $typed + [
        'what' => $what, 'booking' => $booking->id, 'sequence' => (string) $booking->refresh()->sequence,
    ]);
}

it('asks about every booking that has gone by, of this day and of those before, and none that is to come', function (): void {
    openSalon($this);
    [$one, $two, $three] = [$this->aHead(), $this->aHead('protein-sensitive'), $this->aHead('growing-out-bleach')];
    foreach ([$one, $two, $three] as $i => $head) {
        $head->update(['name' => ['Aud', 'Brit', 'Carla'][$i]]);
    }
    aVisit($this, $one, '9:00');
    aVisit($this, $two, '9:00', '2027-01-12');
    aVisit($this, $three, '16:00', '2027-01-12');
    $this->travelTo(CarbonImmutable::parse('2027-01-12 12:00', 'UTC'));
    $this->get('/today/end')->assertOk()
        ->assertSeeInOrder([
            'Still open: how did it go?', 'Brit', 'Monday 11 January, still open', 'Aud', 'Still to come', 'Carla',
        ])
        ->assertDontSee('Nothing is open.');
    // The day itself leads there, and what is on no day's list is in no report either, and said so.
    $this->get('/today')->assertSee('/today/end', false);
    $this->get('/reports?from=2027-01-11&until=2027-01-12')
        ->assertSee('2 visits are over and still open');
});

it('closes a visit with its times, without them, or as missed, and each is in the sums', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $one = aVisit($this, $head, '9:00');
    $two = aVisit($this, $this->aHead('protein-sensitive'), '10:00');
    $three = aVisit($this, $this->aHead('growing-out-bleach'), '11:00');
    $this->travelTo(CarbonImmutable::parse('2027-01-11 18:00', 'UTC'));
    $before = app(ServiceQuotes::class)->of($head, service('Dry cut'), $this->salon->today())->minutes;
    ends($this, $one, 'through', ['began' => '9.05', 'ended' => '10:45'])
        ->assertSessionHasNoErrors()->assertRedirect('/today/end');
    ends($this, $two, 'through')->assertSessionHasNoErrors();
    ends($this, $three, 'no-show', ['began' => 'rubbish'])->assertSessionHasNoErrors();
    expect($one->refresh()->begun_at?->format('H:i'))->toBe('09:05')->and($one->ended_at?->format('H:i'))->toBe('10:45')
        ->and($two->refresh()->status->value)->toBe('done')->and($two->begun_at)->toBeNull()
        ->and($three->refresh()->status->value)->toBe('no-show')
        // What it took teaches the next one.
        ->and(app(ServiceQuotes::class)->of($head, service('Dry cut'), $this->salon->today())->minutes)
        ->toBeGreaterThan($before);
    $this->get('/today/end')->assertSee('Nothing is open.')->assertSeeInOrder(['Earned', '€96.00'])
        ->assertSee('2 visits done, one no-show')->assertSee('100 of 45 min')->assertSee('not known, booked');
});

it('says what to type where times cannot be, keeps what was typed, and says nothing twice', function (): void {
    openSalon($this);
    $booking = aVisit($this, $this->aHead(), '9:00');
    ends($this, $booking, 'through')->assertSessionHasErrors(['what' => __('booking.day-end.to-come')]);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:30', 'UTC'));
    foreach (
        [
            [['began' => 'nine'], 'began', 'began-wrong'], [['began' => '11:00'], 'began', 'began-wrong'],
            [['began' => '9:00', 'ended' => '8:30'], 'ended', 'ended-wrong'],
            [['began' => '9:00', 'ended' => '10:45'], 'ended', 'ended-wrong'],
            [['ended' => '10:00'], 'began', 'began-wrong'],
        ] as [$typed, $field, $says]
    ) {
        ends($this, $booking, 'through', $typed)->assertSessionHasErrors([$field => __("booking.times.{$says}")]);
        expect($booking->refresh()->status->value)->toBe('booked')->and($booking->begun_at)->toBeNull();
    }
    $this->followRedirects(ends($this, $booking, 'through', ['began' => '9:00', 'ended' => '8:30']))
        ->assertSee('value="8:30"', false)->assertSee(__('booking.times.ended-wrong'));
    // Another desk was first.
    $seen = (string) $booking->sequence;
    ends($this, $booking, 'through')->assertSessionHasNoErrors();
    $this->from('/today/end')->post("/bookings/{$booking->id}/end", ['what' => 'no-show', 'sequence' => $seen])
        ->assertSessionHasErrors(['what' => __('booking.day-end.said-already')]);
    expect($booking->refresh()->status->value)->toBe('done');
});

it('keeps times to the salon’s own clock in the night that it changes', function (): void {
    openSalon($this);
    $this->salon->update(['timezone' => 'Europe/Lisbon']);
    $this->actingAs($this->stylist->fresh());
    // Summer time begins on 28 March 2027, at one in the night; the hour from one to two is not there.
    $booking = aVisit($this, $this->aHead(), '9:00', '2027-03-28');
    $this->travelTo(CarbonImmutable::parse('2027-03-28 12:00', 'UTC'));
    ends($this, $booking, 'through', ['began' => '1:30', 'ended' => '9:40'])
        ->assertSessionHasErrors(['began' => __('booking.times.began-wrong')]);
    ends($this, $booking, 'through', ['began' => '9:00', 'ended' => '9:40'])->assertSessionHasNoErrors();
    expect($booking->refresh()->begun_at?->format('Y-m-d H:i'))->toBe('2027-03-28 08:00');
});

it('shows a day that has gone by, none that is to come, and nothing of another salon', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $head->update(['name' => 'Aud']);
    $booking = aVisit($this, $head, '9:00');
    $this->travelTo(CarbonImmutable::parse('2027-01-13 10:00', 'UTC'));
    ends($this, $booking, 'through')->assertSessionHasNoErrors();
    $this->get('/today/end?date=2027-01-11')->assertSee('End of Monday 11 January')->assertSee('Aud');
    foreach (['2027-02-30', '2099-01-01', 'x', '2027-01-13'] as $date) {
        $this->get("/today/end?date={$date}")->assertOk()->assertSee('Nobody was booked on this day.');
    }
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->get('/today/end?date=2027-01-11')->assertOk()->assertDontSeeText('Aud');
    $this->actingAs($other)->post("/bookings/{$booking->id}/end", ['what' => 'through'])->assertNotFound();
    $this->actingAs($other)->put("/bookings/{$booking->id}/bill", [])->assertNotFound();
});

it('lets what was said by mistake be said again in the evening, when its time has long gone by', function (): void {
    openSalon($this);
    $booking = aVisit($this, $this->aHead(), '9:00');
    foreach (['2027-01-11 18:30', '2027-01-13 12:00'] as $moment) {
        $this->travelTo(CarbonImmutable::parse($moment, 'UTC'));
        ends($this, $booking, 'no-show')->assertSessionHasNoErrors();
        $this->post("/bookings/{$booking->id}/notes", [
            'what' => 'again', 'sequence' => (string) $booking->refresh()->sequence,
        ])->assertSessionHasNoErrors();
        expect($booking->refresh()->status->value)->toBe('booked');
    }
    ends($this, $booking, 'through', ['began' => '9:00', 'ended' => '9:40'])->assertSessionHasNoErrors();
    expect($booking->refresh()->status->value)->toBe('done');
});

it('asks nothing of who began late and is under way', function (): void {
    openSalon($this);
    $booking = aVisit($this, $this->aHead(), '9:00');
    $this->travelTo(CarbonImmutable::parse('2027-01-11 09:40', 'UTC'));
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'begin', 'sequence' => (string) $booking->sequence]);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:20', 'UTC'));
    $this->get('/today/end')->assertSee('Still to come or under way')->assertDontSee('Still open: how did it go?');
    $this->get('/reports?from=2027-01-11&until=2027-01-11')->assertDontSee('over and still open');
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:26', 'UTC'));
    $this->get('/today/end')->assertSee('Still open: how did it go?')->assertSee('value="9:40"', false);
    $this->get('/reports?from=2027-01-11&until=2027-01-11')->assertSee('One visit is over and still open');
});
