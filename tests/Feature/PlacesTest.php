<?php

declare(strict_types=1);

/* Where a client fits into a day, as its picture shows it, and what each place does to everybody before it is taken. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\User;
use App\Pages\Today\BookingScreen;
use Carbon\CarbonImmutable;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function placed(FeatureTestCase $test, string $example, string $time, string $service = 'Dry cut'): Booking
{
    $head = $test->aHead($example);
    $test->post('/bookings', bookingForm($head, $service, $time))->assertSessionHasNoErrors();

    return Booking::query()->where('head_id', $head->id)->sole();
}

/** @return array<string, mixed> */
function placesOf(FeatureTestCase $test, string $query): array
{
    return $test->getJson("/today/places?date=2027-01-11&{$query}")->assertOk()->json();
}

beforeEach(function (): void {
    openSalon($this);
    $this->salon->update(['timezone' => 'Europe/Lisbon']);
});

it('shows every place there is for a booking, its own among them, and each can be taken as it is shown', function (): void {
    $noor = placed($this, 'mixed-porosity', '10:00');
    $sefa = placed($this, 'protein-sensitive', '11:00');
    $told = placesOf($this, "booking={$noor->id}");
    $slots = array_column($told['places'], 'slot');
    expect($told['from'])->toBe(['user' => $this->stylist->id, 'minute' => 600])
        ->and($slots)->toContain("2027-01-11 10:00 {$this->stylist->id}")
        ->and($slots)->not->toContain("2027-01-11 10:45 {$this->stylist->id}")
        ->and($told['what'])->toContain('Dry cut')->and($told['do'])->toBe('Move here');
    // A client who is not booked has the same places, but for those in which this one sits.
    $asked = app(BookingScreen::class)->asked($this->salon->fresh(), [
        'head' => $this->aHead('growing-out-bleach')->id, 'service' => (string) service('Dry cut')->id,
        'date' => '2027-01-11', 'all' => '1',
    ]);
    expect(array_diff(array_map(static fn ($time): string => $time->slot, $asked->days[0]->times), $slots))->toBe([]);
    foreach ([0, intdiv(count($slots), 3), intdiv(2 * count($slots), 3), count($slots) - 1] as $i) {
        $place = $told['places'][$i];
        $this->put($told['action'], [...$told['fields'], 'slot' => $place['slot']])->assertSessionHasNoErrors()
            ->assertRedirect('/today?date=2027-01-11');
        expect($noor->refresh()->user_id)->toBe($place['user'])
            ->and($noor->starts_at->setTimezone('Europe/Lisbon')->format('G:i'))
            ->toBe(explode(' ', $place['slot'])[1])
            ->and($sefa->fresh()->starts_at->format('G:i'))->toBe('11:00');
        // Everything was looked at anew meanwhile.
        $told = placesOf($this, "booking={$noor->id}");
        expect(array_column($told['places'], 'slot'))->toBe($slots);
    }
});

it('draws each place as it would be laid out', function (): void {
    $noor = placed($this, 'mixed-porosity', '10:00', 'Wash day');
    foreach (placesOf($this, "booking={$noor->id}")['places'] as $place) {
        $before = $place['minute'];
        foreach ($place['pieces'] as [$from, $until]) {
            expect($from)->toBe($before)->and($until)->toBeGreaterThan($from);
            $before = $until;
        }
        expect($place['pieces'][0][2])->toBeTrue()->and(abs($place['finish'] - $before))->toBeLessThan(10);
    }
});

it('books who is not booked yet, on the picture, for the service that was chosen or else a wash day', function (): void {
    $head = $this->aHead();
    $told = placesOf($this, "head={$head->id}");
    expect($told['from'])->toBeNull()->and($told['what'])->toContain('Wash day')
        ->and($told['fields']['service'])->toBe(service('Wash day')->id);
    $told = placesOf($this, "head={$head->id}&service=" . service('Readings')->id);
    expect($told['what'])->toContain('Readings, 20 min')->and($told['do'])->toBe('Book here');
    $place = $told['places'][5];
    $says = placesOf($this, "head={$head->id}&service=" . service('Readings')->id . '&at='
        . urlencode($place['slot']))['says'];
    expect($says[0])->toBe('Everyone else keeps their time.');
    $this->post($told['action'], [...$told['fields'], 'slot' => $place['slot']])->assertSessionHasNoErrors();
    expect(Booking::query()->sole()->service)->toBe('Readings');
});

it('says before it is taken who begins sooner for it, what was promised, and whether a message goes out', function (): void {
    $noor = placed($this, 'mixed-porosity', '10:00');
    $sefa = placed($this, 'protein-sensitive', '10:50');
    $noor->head->update(['reminded_by' => 'text', 'phone' => '+351 555 0123']);
    $sefa->head->update(['name' => 'Sefa Lindgaard']);
    // Whoever is in the chair before takes an hour longer, so that both begin late.
    $before = placed($this, 'growing-out-bleach', '9:00');
    $this->travelTo(CarbonImmutable::parse('2027-01-11 9:00', 'Europe/Lisbon'));
    $this->actingAs($this->stylist->fresh());
    $this->post("/bookings/{$before->id}/notes", ['sequence' => '0', 'what' => 'begin'])->assertSessionHasNoErrors();
    $before->refresh()->update(['over_minutes' => 60]);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:00', 'Europe/Lisbon'));
    $this->post("/bookings/{$noor->id}/notes", ['sequence' => '0', 'what' => 'here'])->assertSessionHasNoErrors();
    $quim = User::query()->where('name', 'Quim')->sole();
    $says = placesOf($this, "booking={$noor->id}&at=" . urlencode("2027-01-11 10:00 {$quim->id}"))['says'];
    expect($says[0])->toMatch('/^Sefa begins at 10:5\d instead of 11:[345]\d\.$/')
        ->and($says)->toContain('Agreed until now: 10:00 with Ilse. A message goes out.');
    $noor->head->update(['reminded_by' => 'nobody']);
    $says = placesOf($this, "booking={$noor->id}&at=" . urlencode("2027-01-11 10:00 {$quim->id}"))['says'];
    expect($says)->toContain('Agreed until now: 10:00 with Ilse. No message goes out: call +351 555 0123.');
    $this->stylist->update(['hides_names' => true]);
    $this->actingAs($this->stylist->fresh());
    $told = placesOf($this, "booking={$noor->id}&at=" . urlencode("2027-01-11 10:00 {$quim->id}"));
    $says = implode(' ', $told['says']);
    expect($says)->not->toContain('555')->not->toContain('Sefa');
});

it('says so where a place is taken meanwhile, where none is left, and where nobody is meant', function (): void {
    $noor = placed($this, 'mixed-porosity', '10:00');
    placed($this, 'protein-sensitive', '11:00');
    $this->getJson("/today/places?date=2027-01-11&booking={$noor->id}&at=" . urlencode("2027-01-11 11:00 {$this->stylist->id}"))
        ->assertStatus(422)->assertJsonPath('message', 'That slot was just taken: choose another.');
    $this->getJson("/today/places?date=2027-01-11&booking={$noor->id}&at=nonsense")->assertStatus(422);
    $this->getJson('/today/places?date=2027-01-11')->assertOk();
    $this->getJson('/today/places?date=2027-01-11&booking[]=x&head[]=y')->assertNotFound();
    // Of another day, of one that has begun, of another salon's.
    $this->getJson("/today/places?date=2027-01-12&booking={$noor->id}")->assertStatus(422);
    $noor->update(['status' => BookingStatus::UnderWay, 'begun_at' => now()]);
    $this->getJson("/today/places?date=2027-01-11&booking={$noor->id}")->assertStatus(422)
        ->assertJsonPath('message', 'That booking has begun, or is on another day: open the day again.');
    [$other] = $this->salonWithStylist('maren@test.example');
    $this->getJson("/today/places?head={$this->aHead('mixed-porosity', $other)->id}")->assertStatus(422);
    // Hands for twelve hours there are none.
    service('Readings')->update(['minutes' => 600]);
    $told = placesOf($this, "head={$this->aHead('growing-out-bleach')->id}&service=" . service('Readings')->id);
    expect($told['places'])->toBe([])->and($told['none'])->toContain('hands are free for 600 minutes');
});

it('offers the picture where it can be used, and not on days that have gone by', function (): void {
    $noor = placed($this, 'mixed-porosity', '10:00');
    $this->get('/today?date=2027-01-11')->assertSee("data-places-of=\"booking={$noor->id}\"", false)
        ->assertSee('use the arrow keys');
    $this->get("/bookings/{$noor->id}")->assertSee("/today?date=2027-01-11&amp;booking={$noor->id}", false);
    $this->get("/bookings/new?head={$noor->head_id}&service=" . service('Readings')->id . '&date=2027-01-12')
        ->assertSee('/today?date=2027-01-12&amp;head=', false);
    $this->travelTo(CarbonImmutable::parse('2027-01-12 10:00', 'Europe/Lisbon'));
    $this->actingAs($this->stylist->fresh());
    $this->get('/today?date=2027-01-11')->assertDontSee('data-places-of', false)->assertDontSee('use the arrow keys');
    $this->get("/bookings/{$noor->id}")->assertDontSee('/today?date=2027-01-11&amp;booking=', false);
});
