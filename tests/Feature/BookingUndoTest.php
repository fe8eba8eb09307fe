<?php

declare(strict_types=1);

/* A tap of a wet hand on Today is taken back as it was, once, and only while nothing was changed since. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Head;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

beforeEach(function (): void {
    openSalon($this);
    $this->travelTo('2027-01-11 10:00');
});

function aDryCut(FeatureTestCase $test, ?Head $head = null, string $time = '11:00'): Booking
{
    $head ??= $test->aHead();
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time))->assertSessionHasNoErrors();

    return Booking::query()->where('head_id', $head->id)->sole();
}

/** @return array<string, scalar|null> all that a booking says, as stored, but for who changed it when */
function storedBooking(Booking $booking): array
{
    return array_diff_key(
        $booking->refresh()->getAttributes(),
        array_flip(['sequence', 'changed_by', 'updated_at', 'stood']),
    );
}

it('takes back what was said, to the last column', function (array $before, array $said): void {
    $booking = aDryCut($this);
    $notes = "/bookings/{$booking->id}/notes";
    foreach ($before as $i => $note) {
        $this->post($notes, $note + ['sequence' => (string) $i])->assertSessionHasNoErrors();
    }
    $stood = storedBooking($booking);
    $sequence = $booking->sequence;
    $this->travel(5)->minutes();
    $this->post($notes, $said + ['sequence' => (string) $sequence])->assertSessionHasNoErrors();
    expect(storedBooking($booking))->not->toBe($stood);
    $this->get('/today')->assertSee("{$notes}/{$booking->sequence}");
    $this->delete("{$notes}/{$booking->sequence}")->assertSessionHasNoErrors()->assertRedirect();
    expect(storedBooking($booking))->toBe($stood)->and($booking->sequence)->toBe($sequence + 2);
    $this->get('/today')->assertSee('Undone: the booking is as before.');
    // Once: what is undone is not said again by undoing twice.
    $this->delete("{$notes}/{$booking->sequence}")->assertSessionHasErrors('time');
    expect(storedBooking($booking))->toBe($stood);
})->with([
    'here' => [[], ['what' => 'here']],
    'ten minutes more, twice' => [[['what' => 'here'], ['what' => 'over']], ['what' => 'over']],
    'through' => [[['what' => 'begin']], ['what' => 'through']],
    'later' => [[], ['what' => 'later', 'expected' => '11:40']],
    'cancelled' => [[], ['what' => 'cancel', 'because' => 'a slip of the finger']],
    'cancelled where they were here' => [[['what' => 'here']], ['what' => 'cancel', 'because' => 'a slip']],
    'did not come' => [[], ['what' => 'no-show']],
    'stands again' => [[['what' => 'cancel', 'because' => 'ill']], ['what' => 'again']],
]);

it('takes nothing back that was changed since, and says who did', function (): void {
    $booking = aDryCut($this);
    $notes = "/bookings/{$booking->id}/notes";
    $this->post($notes, ['what' => 'here', 'sequence' => '0'])->assertSessionHasNoErrors();
    $this->post($notes, ['what' => 'over', 'sequence' => '1'])->assertSessionHasNoErrors();
    $this->delete("{$notes}/1")->assertSessionHasErrors('time');
    expect($booking->refresh()->status)->toBe(BookingStatus::Arrived)->and($booking->over_minutes)->toBe(10);
    // Nor what was moved since, whose ever number is sent.
    $this->put("/bookings/{$booking->id}", [
        'date' => '2027-01-11', 'time' => '15:00', 'stylist' => (string) $this->stylist->id, 'sequence' => '2',
    ])->assertSessionHasNoErrors();
    $this->delete("{$notes}/3")->assertSessionHasErrors('time');
    expect($booking->refresh()->over_minutes)->toBe(10)->and($booking->sequence)->toBe(3);
    // Nothing was said of it yet, and nobody has such a one.
    $fresh = aDryCut($this, $this->aNewHead(), '14:00');
    $this->delete("/bookings/{$fresh->id}/notes/0")->assertSessionHasErrors([
        'time' => 'There is nothing to undo: it is as it was booked, or it was undone already.',
    ]);
    $this->delete("/bookings/{$fresh->id}/notes/x")->assertNotFound();
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->delete("{$notes}/3")->assertNotFound();
    expect($booking->refresh()->over_minutes)->toBe(10);
});

it('offers it on the page that comes next, the wash day’s too', function (): void {
    $this->post('/bookings', bookingForm($this->aHead(), 'Wash day', '13:15'))->assertSessionHasNoErrors();
    $booking = Booking::query()->sole();
    $this->followingRedirects()
        ->post("/bookings/{$booking->id}/notes", ['what' => 'begin', 'sequence' => (string) $booking->sequence])
        ->assertSee("/bookings/{$booking->id}/notes/" . ($booking->sequence + 1));
});

it('gives a place back only where nobody has it meanwhile, and the deposit as it was', function (): void {
    $booking = aDryCut($this);
    $booking->update(['deposit_cents' => 1000, 'deposit' => DepositState::Kept, 'status' => BookingStatus::NoShow]);
    $notes = "/bookings/{$booking->id}/notes";
    $this->post($notes, ['what' => 'again', 'sequence' => '0'])->assertSessionHasNoErrors();
    expect($booking->refresh()->deposit)->toBe(DepositState::Paid);
    $this->delete("{$notes}/1")->assertSessionHasNoErrors();
    expect($booking->refresh()->deposit)->toBe(DepositState::Kept)->and($booking->status)->toBe(BookingStatus::NoShow);

    $gone = aDryCut($this, $this->aNewHead(), '15:00');
    $this->post("/bookings/{$gone->id}/notes", [
        'what' => 'cancel', 'because' => 'ill', 'sequence' => '0',
    ])->assertSessionHasNoErrors();
    aDryCut($this, $this->aNewHead(), '15:00');
    $this->delete("/bookings/{$gone->id}/notes/1")->assertSessionHasErrors('time');
    expect($gone->refresh()->status)->toBe(BookingStatus::Cancelled);
});
