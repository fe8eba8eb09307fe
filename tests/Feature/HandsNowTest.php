<?php

declare(strict_types=1);

/* What everybody's hands are at now, as the cards above the picture say it. */

use App\Models\Booking;
use App\Models\User;
use App\Pages\Today\HandsCard;
use App\Pages\Today\TodayScreen;
use App\Wording\Said;
use Carbon\CarbonImmutable;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** @return array<string, HandsCard> by stylist */
function cardsAt(FeatureTestCase $test, string $time): array
{
    $test->travelTo(CarbonImmutable::parse("2027-01-11 {$time}", 'Europe/Lisbon'));
    $page = app(TodayScreen::class)->of($test->salon->fresh(), $test->salon->fresh()->today());

    return collect($page->cards)->keyBy('name')->all();
}

/** Somebody who sat down at a time. */
function sits(FeatureTestCase $test, string $example, string $name, string $time): Booking
{
    $head = $test->aHead($example);
    $head->update(['name' => $name]);
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time))->assertSessionHasNoErrors();
    $booking = Booking::query()->where('head_id', $head->id)->sole();
    $test->travelTo(CarbonImmutable::parse("2027-01-11 {$time}", 'Europe/Lisbon'));
    $test->actingAs($test->stylist->fresh());
    $test->post("/bookings/{$booking->id}/notes", ['sequence' => '0', 'what' => 'begin'])->assertSessionHasNoErrors();

    return $booking->refresh();
}

beforeEach(function (): void {
    openSalon($this);
    $this->salon->update(['timezone' => 'Europe/Lisbon']);
});

it('says whose hands are on whom until when, who is free, and who comes next', function (): void {
    $next = $this->aHead('protein-sensitive');
    $next->update(['name' => 'Sefa Lindgaard']);
    $quim = User::query()->where('name', 'Quim')->sole();
    $this->post('/bookings', bookingForm($next, 'Dry cut', '11:00', $quim))->assertSessionHasNoErrors();
    sits($this, 'mixed-porosity', 'Noor Haddad', '10:00');
    $cards = cardsAt($this, '10:20');
    expect($cards['Ilse'])->toEqual(new HandsCard('Ilse', 'Noor', 'Dry cut', 'done about 10:45', true))
        ->and($cards['Quim'])->toEqual(new HandsCard('Quim', 'free', 'Sefa next, at 11:00', 'until 11:00', false));
    $booking = Booking::query()->where('head_id', $next->id)->sole();
    $this->actingAs($this->stylist->fresh());
    $this->post("/bookings/{$booking->id}/notes", ['sequence' => (string) $booking->sequence, 'what' => 'here'])
        ->assertSessionHasNoErrors();
    expect(cardsAt($this, '10:40')['Quim']->detail)->toBe('Sefa is here');
    // In the break, before the doors open, when everybody has gone, and on another day.
    expect(cardsAt($this, '13:00')['Quim']->at)->toBe('break')
        ->and(cardsAt($this, '13:00')['Quim']->until)->toBe('until 13:15')
        ->and(cardsAt($this, '8:00')['Quim']->until)->toBe('from 9:00')
        ->and(cardsAt($this, '19:30')['Quim'] ?? null)->toBeNull();
    $this->actingAs($this->stylist->fresh());
    $this->get('/today?date=2027-01-12')->assertOk()->assertDontSee('class="hands-card', false);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:20', 'Europe/Lisbon'));
    $this->get('/today')->assertSee('done about 10:45')->assertSee('In the chair')->assertSee('Still to come');
});

it('says until when hands are free while something processes, and who else sits meanwhile', function (): void {
    $noor = sits($this, 'mixed-porosity', 'Noor Haddad', '10:00');
    $stretch = static fn (int $hands, int $waiting): array => [
        'hands' => $hands, 'waiting' => $waiting, 'spread' => 0.0, 'waiting_spread' => 0.0,
    ];
    $noor->update(['stretches' => [$stretch(20, 30), $stretch(20, 0)], 'minutes' => 70]);
    expect(cardsAt($this, '10:10')['Ilse']->until)->toBe('done about 11:10')
        ->and(cardsAt($this, '10:30')['Ilse'])
        ->toEqual(new HandsCard('Ilse', 'Noor', 'processing', 'hands free until 10:50', true));
    $sefa = sits($this, 'protein-sensitive', 'Sefa Lindgaard', '11:15');
    $at = CarbonImmutable::parse('2027-01-11 10:20', 'Europe/Lisbon')->utc();
    $sefa->update(['stretches' => [$stretch(25, 0)], 'minutes' => 25, 'starts_at' => $at, 'begun_at' => $at]);
    $card = cardsAt($this, '10:30')['Ilse'];
    expect($card->at)->toBe('Sefa')->and($card->detail)->toBe('Dry cut; Noor is processing until 10:50')
        ->and($card->until)->toBe('done about 10:45');
});

it('says the step a wash day has come to', function (): void {
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Wash day', '10:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->where('head_id', $head->id)->sole();
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:00', 'Europe/Lisbon'));
    $this->actingAs($this->stylist->fresh());
    $this->post("/bookings/{$booking->id}/notes", [
        'sequence' => (string) $booking->refresh()->sequence, 'what' => 'begin',
    ])->assertSessionHasNoErrors();
    $this->post("/clients/{$head->id}/wash", [])->assertSessionHasNoErrors();
    $card = cardsAt($this, '10:01')['Ilse'];
    $first = $head->washSessions()->sole()->plan['steps'][0]['label'] ?? null;
    expect($card->detail)->toBe(Said::kept($first ?? 'no first step'))->and($card->isBusy)->toBeTrue();
});
