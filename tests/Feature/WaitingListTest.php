<?php

declare(strict_types=1);

/* The waiting list: who found no time, and a place that is given up. */

use App\Models\Booking;
use App\Models\Head;
use App\Models\User;
use App\Models\Wait;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** Fills both stylists' Monday from nine to six with cuts, but for lunch. */
function fillMonday(FeatureTestCase $test): void
{
    $quim = User::query()->where('name', 'Quim')->firstOrFail();
    foreach ([$test->stylist, $quim] as $who) {
        foreach (['9:00', '9:50', '10:40', '11:30', '13:15', '14:05', '14:55', '15:45', '16:35'] as $time) {
            $test->post('/bookings', bookingForm($test->aNewHead(), 'Dry cut', $time, $who));
        }
    }
}

/** @param array<string, mixed> $more */
function waitFor(FeatureTestCase $test, Head $head, array $more = []): void
{
    $test->post('/waits', $more + [
        'head' => $head->id, 'service' => (string) service('Dry cut')->id, 'with' => '', 'part' => '',
        'until' => '2027-01-15',
    ])->assertSessionHasNoErrors()->assertRedirect('/today');
}

it('offers the place that is given up to who waits for one, and takes them off once it is theirs', function (): void {
    openSalon($this);
    fillMonday($this);
    expect(Booking::query()->count())->toBe(18);
    $bea = $this->aHead();
    $bea->update(['name' => 'Bea', 'phone' => '+351 555 0177']);
    $this->get("/bookings/new?head={$bea->id}&service=" . service('Dry cut')->id . '&date=2027-01-11&all=1')
        ->assertSee('There is no room on Mon 11 Jan')
        ->assertSee('No time that suits: wait for one');
    waitFor($this, $bea);
    $this->get('/today?date=2027-01-11')
        ->assertSee('Waiting for a time')
        ->assertSee('tel:+3515550177')
        ->assertSee('nothing free yet');
    // One is cancelled: the place is offered where the day is looked at, and the desk is there already.
    $gone = Booking::query()->where('user_id', $this->stylist->id)->orderBy('starts_at')->skip(2)->firstOrFail();
    $this->post("/bookings/{$gone->id}/notes", ['what' => 'cancel', 'sequence' => '0', 'because' => 'ill'])
        ->assertRedirect('/today?date=2027-01-11');
    $slot = "2027-01-11 10:40 {$this->stylist->id}";
    $this->get('/today?date=2027-01-11')->assertSee($slot)->assertDontSee('nothing free yet');
    $this->post('/bookings', [
        'head' => $bea->id, 'service' => (string) service('Dry cut')->id, 'slot' => $slot,
    ])->assertSessionHasNoErrors()->assertRedirect();
    expect(Wait::query()->count())->toBe(0);
    $this->get('/today?date=2027-01-11')->assertDontSee('Waiting for a time');
});

it('keeps to whose hands and which part of the day are waited for', function (): void {
    openSalon($this);
    $quim = User::query()->where('name', 'Quim')->firstOrFail();
    waitFor($this, $this->aHead(), ['with' => (string) $quim->id, 'part' => 'afternoon']);
    $page = (string) $this->get('/today?date=2027-01-11')->assertSee('Dry cut, afternoon')->getContent();
    preg_match_all('/name="slot" value="2027-01-11 (\d+):\d+ (\d+)"/', $page, $found);
    expect($found[0])->not->toBe([])
        ->and(array_unique($found[2]))->toBe([(string) $quim->id])
        ->and(min(array_map(intval(...), $found[1])))->toBeGreaterThanOrEqual(14);
    // A day after the last that suits says nothing of it.
    $this->get('/today?date=2027-01-16')->assertDontSee('Waiting for a time');
});

it('waits from the day that was asked for, and names it until then', function (): void {
    openSalon($this);
    waitFor($this, $this->aHead(), ['from' => '2027-01-13']);
    $early = $this->get('/today?date=2027-01-11')->assertSee('from Wed 13 Jan until Fri 15 Jan');
    expect((string) $early->getContent())->not->toContain('name="slot"')->not->toContain('nothing free yet');
    $this->get('/today?date=2027-01-13')->assertSee('name="slot" value="2027-01-13', false)
        ->assertDontSee('from Wed 13 Jan');
});

it('has somebody wait once for a service, as was said last, until they are taken off', function (): void {
    openSalon($this);
    $head = $this->aHead();
    waitFor($this, $head);
    waitFor($this, $head, ['until' => '2027-01-20', 'part' => 'morning']);
    $wait = Wait::query()->sole();
    expect($wait->until->format('Y-m-d'))->toBe('2027-01-20')->and($wait->part)->toBe('morning');
    [, $stranger] = $this->salonWithStylist('other@test.example');
    $this->actingAs($stranger)->delete("/waits/{$wait->id}")->assertNotFound();
    $this->actingAs($stranger)->get('/today?date=2027-01-11')->assertDontSee('Waiting for a time');
    $this->actingAs($this->stylist)->delete("/waits/{$wait->id}")->assertRedirect();
    expect(Wait::query()->withoutGlobalScopes()->count())->toBe(0);
});

it('says what to type instead', function (array $wrong, string $field): void {
    openSalon($this);
    [, $stranger] = $this->salonWithStylist('other@test.example');
    $form = [
        'head' => $this->aHead()->id, 'service' => (string) service('Dry cut')->id, 'until' => '2027-01-15',
    ];
    $wrong = array_map(fn (string $value): string => $value === 'stranger' ? (string) $stranger->id : $value, $wrong);
    $this->actingAs($this->stylist)->post('/waits', $wrong + $form)->assertSessionHasErrors($field);
    expect(Wait::query()->count())->toBe(0);
})->with([
    'no day' => [['until' => ''], 'until'],
    'a day gone by' => [['until' => '2027-01-08'], 'until'],
    'to begin after the end' => [['from' => '2027-01-16'], 'from'],
    'no day to begin' => [['from' => 'soon'], 'from'],
    'a day far off' => [['until' => '2028-01-08'], 'until'],
    'words' => [['until' => 'soon'], 'until'],
    'nobody' => [['head' => 'x'], 'head'],
    'somebody of another salon' => [['with' => 'stranger'], 'with'],
    'no part of a day' => [['part' => 'dawn'], 'part'],
]);
