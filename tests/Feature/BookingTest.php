<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\User;
use App\Models\WorkingHours;
use Carbon\CarbonImmutable;

require_once __DIR__ . '/OpenSalon.php';

it('quotes a wash day from the plan of the head, and offers times that leave others theirs', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->get("/bookings/new?head={$head->id}&service=" . service('Wash day')->id . '&date=2027-01-11')->assertOk()
        ->assertSee(
            'From the planned steps, at this client’s own pace',
            false,
        )->assertSee('€85.00')->assertSee('Mon 11 Jan');
    $this
        ->post(
            '/bookings',
            [
                'head' => $head->id,
                'service' => (string) service('Wash day')->id,
                'slot' => "2027-01-11 9:00 {$this->stylist->id}",
            ],
        )
        ->assertSessionHasNoErrors()
        ->assertRedirect('/today?date=2027-01-11');
    $booking = Booking::query()->sole();
    expect($booking->starts_at->format('Y-m-d H:i'))->toBe('2027-01-11 09:00')
        ->and($booking->price_cents)->toBe(8500)
        ->and($booking->status)->toBe(BookingStatus::Booked)
        ->and(array_sum(array_map(
            fn (array $stretch): float => $stretch['hands'] + $stretch['waiting'],
            $booking->stretches,
        )))->toEqualWithDelta($booking->minutes, 1.1);
    $this->get('/today?date=2027-01-11')->assertOk()->assertSee($head->name)->assertSee('9:00');
});

it('says of a client nobody has seen that the minutes are only the usual ones', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $head->update(['length_mm' => null]);
    $head->washDays()->delete();
    $head->readings()->delete();
    $head->paceDays()->delete();
    $page = "/bookings/new?head={$head->id}&service=" . service('Wash day')->id . '&date=2027-01-11';
    $this->get($page)->assertOk()->assertSee('not measured yet, and nothing is timed')
        ->assertSee('How much longer is not known yet')->assertDontSee('9 times in 10')->assertDontSee('own pace');
    $head->update(['length_mm' => 320]);
    $this->get($page)->assertOk()->assertSee('at the usual pace; nothing is timed')->assertSee('9 times in 10');
});

it('learns the minutes of a service from the client’s own past', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $page = "/bookings/new?head={$head->id}&service=" . service('Dry cut')->id;
    $this->get($page)->assertSee('there is no past with it yet')->assertSee('45 min');
    foreach ([1, 8, 15, 22] as $ago) {
        $starts = CarbonImmutable::parse('2027-01-08 10:00', 'UTC')->subDays($ago);
        $past = new Booking([
            'head_id' => $head->id, 'user_id' => $this->stylist->id, 'service' => 'Dry cut', 'is_wash_day' => false,
            'date' => $starts->format('Y-m-d'), 'starts_at' => $starts, 'stretches' => [], 'minutes' => 45,
            'price_cents' => 4800, 'status' => BookingStatus::Done, 'begun_at' => $starts,
            'ended_at' => $starts->addMinutes(80), 'changed_by' => 'Ilse',
        ]);
        $past->forceFill(['salon_id' => $this->salon->id])->save();
    }
    // Four of 80 minutes and the usual 45 with the weight of three: exp((4 ln 80 + 3 ln 45) / 7) = 62.5.
    $this->get($page)->assertSee('From 4 of this client', false)->assertSee('63 min');
});

it('never promises the same hands twice, and says when they are free', function (): void {
    openSalon($this);
    $one = $this->aHead();
    $other = $this->aHead('protein-sensitive');
    $this->post('/bookings', bookingForm($one, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $this
        ->from('/bookings/new')
        ->post('/bookings', bookingForm($other, 'Dry cut', '10:30'))
        ->assertSessionHasErrors('time');
    expect(session('errors')->first('time'))->toContain(
        'At 10:30 these hands have no room',
    )->toContain('They do at 9:00');
    $this->post(
        '/bookings',
        bookingForm($other, 'Dry cut', '10:30', User::query()->where('name', 'Quim')->firstOrFail()),
    )->assertSessionHasNoErrors();
    // A dry cut of 45 minutes does not end before lunch when it begins at noon.
    $this->post('/bookings', bookingForm($other, 'Dry cut', '12:00'))->assertSessionHasErrors('time');
    expect(Booking::query()->count())->toBe(2);
});

it('has chairs for as many as there are', function (): void {
    openSalon($this);
    $this->salon->update(['chairs' => 1]);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $this->post(
        '/bookings',
        bookingForm(
            $this->aHead('protein-sensitive'),
            'Dry cut',
            '10:15',
            User::query()->where('name', 'Quim')->firstOrFail(),
        ),
    )->assertSessionHasErrors('time');
});

it('says what to type instead', function (array $wrong, string $field, string $sentence): void {
    openSalon($this);
    $head = $this->aHead();
    $this
        ->from('/bookings/new')
        ->post('/bookings', array_replace(bookingForm($head, 'Dry cut', '10:00'), $wrong))
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($sentence)->and(Booking::query()->count())->toBe(0);
})->with([
    'no head' => [['head' => ''], 'head', 'choose one from the list'],
    'a head that is none' => [['head' => '01hzzzzzzzzzzzzzzzzzzzzzzz'], 'head', 'choose one from the list'],
    'no service' => [['service' => '999999'], 'service', 'choose one from the list'],
    'a stranger' => [['stylist' => '999999'], 'stylist', 'choose one from the list'],
    'a day gone by' => [['date' => '2027-01-01'], 'date', 'from today on'],
    'no day' => [['date' => '2027-02-30'], 'date', 'from today on'],
    'a day far away' => [['date' => '2031-01-01'], 'date', 'up to two years'],
    'no time' => [['time' => ''], 'time', 'such as 10:30'],
    'a time that is none' => [['time' => '25:00'], 'time', 'such as 10:30'],
    'in words' => [['time' => 'after lunch'], 'time', 'such as 10:30'],
    'at night' => [['time' => '3:00'], 'time', 'no room'],
]);

it('reads a time however it is typed', function (string $typed, string $moment): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Readings', $typed))->assertSessionHasNoErrors();
    expect(Booking::query()->sole()->starts_at->format('H:i'))->toBe($moment);
})->with([['10:30', '10:30'], ['9.15', '09:15'], ['1400', '14:00'], [' 9 ', '09:00'], ['9h30', '09:30']]);

it('keeps ten o’clock at ten on the clock, on both sides of each change of the clocks', function (string $date, string $utc): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Readings', '10:00', null, $date))->assertSessionHasNoErrors();
    $booking = Booking::query()->sole();
    expect($booking->starts_at->format('Y-m-d H:i'))
        ->toBe("{$date} {$utc}")
        ->and($booking->date->format('Y-m-d'))
        ->toBe($date);
    $this->get("/today?date={$date}")->assertSee('10:00');
    // Summer time in the European Union begins on the last Sunday of March and ends on the last of October at 01:00 UTC
    // (Directive 2000/84/EC).
})->with([['2027-03-27', '10:00'], ['2027-03-28', '09:00'], ['2027-10-30', '09:00'], ['2027-10-31', '10:00']]);

it('refuses a time the clocks skip', function (): void {
    openSalon($this);
    WorkingHours::query()->where('user_id', $this->stylist->id)->where('weekday', 7)->delete();
    WorkingHours::query()->create([
        'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'weekday' => 7, 'from_minute' => 0,
        'until_minute' => 600,
    ]);
    $this->post(
        '/bookings',
        bookingForm($this->aHead(), 'Readings', '1:30', null, '2027-03-28'),
    )->assertSessionHasErrors('time');
    expect(session('errors')->first('time'))->toContain('the clocks skip 1:30');
});

it('moves a booking and counts the change, for calendars', function (): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '10:00'));
    $booking = Booking::query()->sole();
    $quim = User::query()->where('name', 'Quim')->firstOrFail();
    $this->put(
        "/bookings/{$booking->id}",
        ['date' => '2027-01-12', 'time' => '14:00', 'stylist' => (string) $quim->id, 'sequence' => '0'],
    )->assertSessionHasNoErrors();
    $booking->refresh();
    expect($booking->starts_at->format('Y-m-d H:i'))
        ->toBe('2027-01-12 14:00')
        ->and($booking->user_id)
        ->toBe($quim->id)
        ->and($booking->sequence)
        ->toBe(1);
    // Half an hour later overlaps only with itself.
    $this->put(
        "/bookings/{$booking->id}",
        ['date' => '2027-01-12', 'time' => '14:30', 'stylist' => (string) $quim->id, 'sequence' => '1'],
    )->assertSessionHasNoErrors();
});

it('shows both to whoever changes a booking that somebody else changed meanwhile', function (): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '10:00'));
    $booking = Booking::query()->sole();
    $this->put(
        "/bookings/{$booking->id}",
        ['date' => '2027-01-12', 'time' => '14:00', 'stylist' => (string) $this->stylist->id, 'sequence' => '0'],
    );
    $this->actingAs(User::query()->where('name', 'Quim')->firstOrFail())->from("/bookings/{$booking->id}")
        ->put(
            "/bookings/{$booking->id}",
            ['date' => '2027-01-13', 'time' => '11:00', 'stylist' => (string) $this->stylist->id, 'sequence' => '0'],
        )->assertRedirect("/bookings/{$booking->id}");
    $this
        ->get("/bookings/{$booking->id}")
        ->assertSee('Ilse changed this booking meanwhile: it is now Tue 12 Jan, 14:00', false)
        ->assertSee('value="11:00"', false);
    expect($booking->refresh()->starts_at->format('Y-m-d H:i'))->toBe('2027-01-12 14:00');
});

it('is cancelled with a reason, and can stand again', function (): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '10:00'));
    $booking = Booking::query()->sole();
    $notes = "/bookings/{$booking->id}/notes";
    $this->post($notes, ['what' => 'cancel', 'sequence' => '0', 'because' => ''])->assertSessionHasErrors('because');
    $this->post(
        $notes,
        ['what' => 'cancel', 'sequence' => '0', 'because' => 'down with a cold'],
    )->assertSessionHasNoErrors();
    expect($booking->refresh()->status)->toBe(BookingStatus::Cancelled);
    $this->get("/bookings/{$booking->id}")->assertSee('down with a cold');
    $this->post($notes, ['what' => 'begin', 'sequence' => '1'])->assertSessionHasErrors('what');
    $this->post($notes, ['what' => 'again', 'sequence' => '1']);
    $this->post($notes, ['what' => 'again', 'sequence' => '2'])->assertSessionHasErrors('what');
    expect($booking->refresh()->status)->toBe(BookingStatus::Booked)->and($booking->because)->toBeNull();
    $this->post($notes, ['what' => 'dance', 'sequence' => '2'])->assertSessionHasErrors('what');
    $this->travelTo('2027-01-11 08:00');
    $this->post(
        $notes,
        ['what' => 'later', 'sequence' => '2', 'expected' => 'soon'],
    )->assertSessionHasErrors('expected');
});

it('stands again only where its place was not given away meanwhile', function (): void {
    openSalon($this);
    [$head, $other] = [$this->aHead(), $this->aNewHead()];
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'));
    $booking = Booking::query()->sole();
    $notes = "/bookings/{$booking->id}/notes";
    $this->post($notes, ['what' => 'cancel', 'sequence' => '0', 'because' => 'ill'])->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($other, 'Dry cut', '10:15'))->assertSessionHasNoErrors();
    $this->post($notes, ['what' => 'again', 'sequence' => '1'])
        ->assertSessionHasErrors(['time' => 'At 10:00 these hands have no room for 45 minutes. They do at '
            . '9:00, 11:05, 11:35, 13:15.']);
    expect($booking->refresh()->status)->toBe(BookingStatus::Cancelled);
    Booking::query()->where('head_id', $other->id)->delete();
    $this->post($notes, ['what' => 'again', 'sequence' => '1'])->assertSessionHasNoErrors();
    expect($booking->refresh()->status)->toBe(BookingStatus::Booked);
});

it('puts nobody in two chairs at once', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $quim = User::query()->where('name', 'Quim')->latest('id')->firstOrFail();
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($head, 'Readings', '10:30', $quim))->assertSessionHasErrors([
        'time' => "{$head->name} is booked already from 10:00 to 10:45 with Ilse, for Dry cut. Choose a time before or "
            . 'after.',
    ]);
    $this->post('/bookings', bookingForm($head, 'Readings', '9:45', $quim))->assertSessionHasErrors('time');
    expect(Booking::query()->count())->toBe(1);
    // One after the other is well.
    $this->post('/bookings', bookingForm($head, 'Readings', '10:45', $quim))->assertSessionHasNoErrors();
    expect(Booking::query()->count())->toBe(2);
    // Nor does moving bring two together.
    $later = Booking::query()->where('service', 'Readings')->sole();
    $this->put("/bookings/{$later->id}", [
        'date' => '2027-01-11', 'time' => '10:20', 'stylist' => (string) $quim->id, 'sequence' => '0',
    ])->assertSessionHasErrors('time');
});

it('begins nothing in the past or on another day', function (): void {
    openSalon($this);
    $this->travelTo('2027-01-11 10:00');
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Dry cut', '9:30'))->assertSessionHasErrors([
        'time' => 'Time: 9:30 has passed by now; choose one from now on, or another day.',
    ]);
    // Who walks in has sat down a little before.
    $this->post('/bookings', bookingForm($head, 'Dry cut', '9:50'))->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($this->aNewHead(), 'Readings', '10:00', date: '2027-01-12'));
    $tomorrow = Booking::query()->where('service', 'Readings')->sole();
    foreach (['here', 'begin', 'over', 'no-show', 'through'] as $what) {
        $this->post("/bookings/{$tomorrow->id}/notes", ['what' => $what, 'sequence' => '0'])
            ->assertSessionHasErrors('what');
    }
    $this->get("/bookings/{$tomorrow->id}")->assertOk()->assertDontSee('Arrived')->assertDontSee('No-show');
    expect($tomorrow->refresh()->status)->toBe(BookingStatus::Booked);
    // Two days on nobody has said anything yet: only how it ended can be told.
    $this->travelTo('2027-01-14 10:00');
    $this->get("/bookings/{$tomorrow->id}")->assertOk()->assertSee('No-show')->assertDontSee('Arrived');
    $this->post("/bookings/{$tomorrow->id}/notes", ['what' => 'begin', 'sequence' => '0'])
        ->assertSessionHasErrors(['what' => 'That can be said on the day itself: this booking is for Tue 12 Jan. '
            . 'Change its time first.']);
    $this->post("/bookings/{$tomorrow->id}/notes", ['what' => 'no-show', 'sequence' => '0'])
        ->assertSessionHasNoErrors();
});

it('is not there for another salon', function (): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '10:00'));
    $booking = Booking::query()->sole();
    $form = bookingForm(Head::query()->firstOrFail(), 'Dry cut', '10:00');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/bookings/{$booking->id}")->assertNotFound();
    $this->put("/bookings/{$booking->id}", [])->assertNotFound();
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'here', 'sequence' => '0'])->assertNotFound();
    $this->get('/today?date=2027-01-11')->assertOk()->assertDontSee('Dry cut');
    // Nor can a stranger book another salon's head, service or hands.
    $this->post('/bookings', $form)->assertSessionHasErrors(['head', 'service', 'stylist']);
});

it('follows a wash day run at the wash', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Wash day', '13:30', null, '2027-01-09'))->assertSessionHasNoErrors();
    $this->post("/clients/{$head->id}/wash", []);
    $booking = Booking::query()->sole();
    expect($booking->status)->toBe(BookingStatus::UnderWay);
    $this->delete("/clients/{$head->id}/wash/" . App\Models\WashSession::query()->sole()->id);
    expect($booking->refresh()->status)->toBe(BookingStatus::Arrived)->and($booking->begun_at)->toBeNull();
    $this->post("/clients/{$head->id}/wash", []);
    $this->travel(95)->minutes();
    $this->post("/clients/{$head->id}/wash/" . App\Models\WashSession::query()->sole()->id . '/finish');
    expect($booking->refresh()->status)
        ->toBe(BookingStatus::Done)
        ->and($booking->begun_at->diffInMinutes($booking->ended_at))
        ->toEqualWithDelta(95, 1);
});

it('lets two exchange their times, both or neither', function (): void {
    openSalon($this);
    [$one, $two] = [$this->aHead(), $this->aNewHead()];
    $one->update(['reminded_by' => 'text', 'phone' => '+351 900 000 000']);
    $quim = User::query()->where('name', 'Quim')->firstOrFail();
    $this->post('/bookings', bookingForm($one, 'Dry cut', '9:00'))->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($two, 'Dry cut', '15:00', $quim))->assertSessionHasNoErrors();
    [$first, $second] = [
        Booking::query()->where('head_id', $one->id)->sole(), Booking::query()->where('head_id', $two->id)->sole(),
    ];
    $this->get("/bookings/{$first->id}")->assertSee("15:00 {$two->name}, with Quim", false);
    $this->post("/bookings/{$first->id}/exchange", ['sequence' => '0', 'with' => "{$second->id} 0"])
        ->assertSessionHasNoErrors()
        ->assertRedirect('/today?date=2027-01-11')
        ->assertSessionHas('said', "{$one->name} and {$two->name} have exchanged their times.");
    expect($first->refresh()->starts_at->format('H:i'))->toBe('15:00')
        ->and($first->user_id)->toBe($quim->id)
        ->and($second->refresh()->starts_at->format('H:i'))->toBe('09:00')
        ->and($second->user_id)->toBe($this->stylist->id)
        ->and([$first->sequence, $second->sequence])->toBe([1, 1]);
    // Sent again by somebody who saw what was before: nothing goes back.
    $this->post("/bookings/{$first->id}/exchange", ['sequence' => '0', 'with' => "{$second->id} 0"])
        ->assertSessionHasErrors('time');
    // A longer one that does not fit in the other's place stays, and so does the other.
    $this->post('/bookings', bookingForm($this->aNewHead('mixed-porosity'), 'Readings', '9:50'))
        ->assertSessionHasNoErrors();
    $short = Booking::query()->where('service', 'Readings')->sole();
    $this->post('/bookings', bookingForm($this->aNewHead(), 'Dry cut', '10:15'))->assertSessionHasNoErrors();
    $this->post("/bookings/{$first->id}/exchange", ['sequence' => '1', 'with' => "{$short->id} 0"])
        ->assertSessionHasErrors('time');
    expect($first->refresh()->starts_at->format('H:i'))->toBe('15:00')
        ->and($short->refresh()->starts_at->format('H:i'))->toBe('09:50');
});

it('says with whom a time cannot be exchanged', function (): void {
    openSalon($this);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '9:00'))->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($this->aNewHead(), 'Dry cut', '9:00', null, '2027-01-12'));
    [$first, $other] = Booking::query()->orderBy('date')->get()->all();
    [, $stranger] = $this->salonWithStylist('other@test.example');
    $theirs = $first->replicate()->forceFill(['salon_id' => $stranger->salon_id, 'user_id' => $stranger->id]);
    $theirs->save();
    foreach ([
        ["{$other->id} 0", 'time', 'still to come on the same day'],
        ["{$first->id} 0", 'time', 'still to come on the same day'],
        ["{$theirs->id} 0", 'other', 'choose one from the list'],
        ['', 'other', 'choose one from the list'],
        ['junk', 'other', 'choose one from the list'],
    ] as [$with, $field, $says]) {
        $this->actingAs($this->stylist)
            ->post("/bookings/{$first->id}/exchange", ['sequence' => '0', 'with' => $with])
            ->assertSessionHasErrors($field);
        expect(session('errors')->first($field))->toContain($says);
    }
    expect($first->refresh()->sequence)->toBe(0);
});
