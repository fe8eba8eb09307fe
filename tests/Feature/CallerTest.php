<?php

declare(strict_types=1);

/* Somebody new calls: a name and a number, and booked on the same page. */

use App\Models\Booking;
use App\Models\Head;

require_once __DIR__ . '/OpenSalon.php';

it('takes a caller in and books on the same page, and everything else works for them', function (string $service): void {
    openSalon($this);
    $this->get('/bookings/new')->assertOk()->assertSee('Someone new is calling');
    $to = $this->post('/bookings/callers', [
        'name' => ' Bruna Achterberg ', 'phone' => '+351 555 0101', 'written_to' => '1',
        'service' => (string) service($service)->id, 'date' => '2027-01-11',
    ])->assertSessionHasNoErrors()->assertRedirect()->headers->get('Location');
    $head = Head::query()->where('name', 'Bruna Achterberg')->sole();
    expect($head->phone)->toBe('+351 555 0101')
        ->and($head->reminded_by)->toBe('text')
        ->and($head->consent_on)->toBeNull()
        ->and($head->salon_id)->toBe($this->salon->id);
    $page = (string) $this->get((string) $to)
        ->assertOk()
        ->assertSee('Consent and hair come at the first visit')
        ->getContent();
    preg_match('/name="slot" value="(2027-01-11 [^"]+)"/', $page, $slot);
    $this->post('/bookings', [
        'head' => $head->id, 'service' => (string) service($service)->id, 'slot' => $slot[1],
    ])->assertSessionHasNoErrors()->assertRedirect();
    expect(Booking::query()->sole()->head_id)->toBe($head->id);
    foreach (['', '/plan', '/wash', '/hair-tests', '/edit', '/home-routine', '/trends', '/history'] as $path) {
        $this->get("/clients/{$head->id}{$path}")->assertOk();
    }
    $this->get('/today?date=2027-01-11')->assertOk()->assertSee('Bruna Achterberg');
})->with(['Wash day', 'Dry cut']);

it('says what to type instead, and keeps what was typed', function (array $typed, string $field, string $says): void {
    openSalon($this);
    $before = Head::query()->count();
    $this->from('/bookings/new')->post('/bookings/callers', $typed)->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($says)->and(Head::query()->count())->toBe($before);
    $this->get('/bookings/new')->assertSee($typed['name'] ?? '')->assertSee($says, false);
})->with([
    'no name' => [['name' => '', 'phone' => '+351 555 0101'], 'name', 'what the caller is called'],
    'a long name' => [['name' => str_repeat('a', 121), 'phone' => '+351 555 0101'], 'name', 'up to 120 letters'],
    'no number' => [['name' => 'Bruna', 'phone' => ''], 'phone', 'the number to call back'],
    'no number at all' => [['name' => 'Bruna', 'phone' => 'ask the sister'], 'phone', 'such as +351'],
]);

it('takes nobody in twice, in whatever letters, and knows nobody of another salon', function (): void {
    [$other] = $this->salonWithStylist('other@test.example');
    $stranger = $this->aHead();
    $stranger->forceFill(['salon_id' => $other->id, 'name' => 'Bruna'])->save();
    openSalon($this);
    $this->post('/bookings/callers', ['name' => 'Bruna', 'phone' => '555 0101'])->assertSessionHasNoErrors();
    $this->post('/bookings/callers', ['name' => 'BRUNA', 'phone' => '555 0102'])->assertSessionHasErrors('name');
    expect(session('errors')->first('name'))->toContain('BRUNA is in the list already')
        ->and(Head::query()->where('salon_id', $this->salon->id)->where('name', 'Bruna')->count())->toBe(1);
});

it('writes consent down at the first visit, once', function (): void {
    openSalon($this);
    $this->post('/bookings/callers', ['name' => 'Bruna', 'phone' => '555 0101'])->assertSessionHasNoErrors();
    $head = Head::query()->where('name', 'Bruna')->sole();
    $this->get("/clients/{$head->id}/edit")->assertOk()->assertSee('agrees to this record being kept');
    $form = $this->intake(['name' => 'Bruna', 'consent' => '0']);
    $this->put("/clients/{$head->id}", $form)->assertSessionHasNoErrors()->assertRedirect();
    expect($head->refresh()->consent_on)->toBeNull();
    $this->put("/clients/{$head->id}", ['consent' => '1'] + $form)->assertSessionHasNoErrors()->assertRedirect();
    expect($head->refresh()->consent_on?->format('Y-m-d'))->toBe('2027-01-09');
    $this->get("/clients/{$head->id}/edit")->assertSee('9 Jan 2027')->assertDontSee('agrees to this record being kept');
});
