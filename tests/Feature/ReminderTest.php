<?php

declare(strict_types=1);

use App\Care\Reminders\DueReminders;
use App\Care\Reminders\QuietHours;
use App\Jobs\SendReminder;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\OutboxMessage;
use App\Models\Reminder;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';
require_once __DIR__ . '/OutboxAtWork.php';

/**
 * A booking of a client who wants reminders; the clock of these tests stands at ten in the morning of 9 January 2027.
 */
function reminded(FeatureTestCase $test, string $by = 'mail', string $at = '2027-01-10 11:00'): Booking
{
    $head = $test->aHead();
    $head->update(['email' => 'vesla@home.example', 'phone' => '+351 900 000 000', 'reminded_by' => $by]);
    $booking = new Booking([
        'head_id' => $head->id,
        'user_id' => $test->stylist->id,
        'service' => 'Wash day',
        'is_wash_day' => true,
        'date' => substr($at, 0, 10),
        'starts_at' => CarbonImmutable::parse($at, 'UTC'),
        'stretches' => [],
        'minutes' => 90,
        'price_cents' => 0,
        'status' => BookingStatus::Booked,
        'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $test->salon->id])->save();

    return $booking;
}

beforeEach(function (): void {
    config(['queue.default' => 'database', 'mail.default' => 'outbox']);
});

it('reminds a day before by mail, once, however often the clock strikes', function (): void {
    reminded($this);
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(0);
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    theyWork();
    theyWork();
    $message = OutboxMessage::query()->sole();
    expect($message->channel)->toBe('mail')->and($message->to)->toBe('vesla@home.example')
        ->and($message->subject)->toBe('Your time with us on Sunday 10 January at 11:00')
        ->and($message->body)->toContain('Wash day with Ilse, about 90 minutes')->toContain('/card/stop/')
        ->and(Reminder::query()->sole()->status)->toBe('sent');
    $this
        ->actingAs($this->stylist)
        ->get('/salon/messages')
        ->assertOk()
        ->assertSee('delivered')
        ->assertSee('vesla@home.example');
});

it('reminds by text where she wishes so, and nobody who wishes none', function (): void {
    reminded($this, 'text');
    reminded($this, 'nobody', '2027-01-10 11:30');
    $this->travelTo(new DateTimeImmutable('2027-01-09 12:00', new DateTimeZone('UTC')));
    theyWork();
    $message = OutboxMessage::query()->sole();
    expect($message->channel)
        ->toBe('text')
        ->and($message->to)
        ->toBe('+351 900 000 000')
        ->and($message->body)
        ->toStartWith('Test salon: We see you on Sunday 10 January at 11:00');
});

it('says nothing of what is not any more', function (callable $meanwhile): void {
    $booking = reminded($this);
    Artisan::call('nagomi:remind');
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    $meanwhile($booking);
    theyWork();
    expect(OutboxMessage::query()
        ->where('subject', 'like', '%')
        ->get()
        ->filter(fn (OutboxMessage $message): bool => str_contains($message->subject, 'January at 11:00'))
        ->count())->toBe(0)
        ->and(Reminder::query()->oldest('id')->first()->status)->toBe('dropped');
})->with([
    'cancelled' => [fn (Booking $booking) => $booking->update(['status' => BookingStatus::Cancelled])],
    'moved' => [fn (Booking $booking) => $booking->update(['starts_at' => $booking->starts_at->addHours(2)])],
    'she wants none any more' => [fn (Booking $booking) => $booking->head->update(['reminded_by' => 'nobody'])],
]);

it('tries three times and gives up aloud where the server refuses or hangs', function (string $how, string $why): void {
    reminded($this);
    $this->salon->update(['outbox' => $how]);
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    foreach (range(1, 4) as $i) {
        theyWork();
        $this->travel(11)->minutes();
    }
    $reminder = Reminder::query()->sole();
    expect($reminder->status)
        ->toBe('failed')
        ->and($reminder->attempts)
        ->toBe(3)
        ->and($reminder->why)
        ->toContain($why)
        ->and(OutboxMessage::query()->count())
        ->toBe(3);
    $this
        ->actingAs($this->stylist)
        ->get('/salon/messages')
        ->assertSee('given up after 3 tries')
        ->assertSee('Call them.');
    // It works again: what was given up is not dug out behind her back.
    $this->salon->update(['outbox' => 'works']);
    theyWork();
    expect(OutboxMessage::query()->where('fate', 'delivered')->count())->toBe(0);
})->with([['refuses', 'refused it'], ['hangs', 'did not answer in time']]);

it('goes out after all where the server comes back between two tries', function (): void {
    reminded($this);
    $this->salon->update(['outbox' => 'hangs']);
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    theyWork();
    $this->salon->update(['outbox' => 'works']);
    // Not before the pause is over.
    theyWork();
    expect(OutboxMessage::query()->where('fate', 'delivered')->count())->toBe(0);
    $this->travel(11)->minutes();
    theyWork();
    expect(OutboxMessage::query()->where('fate', 'delivered')->count())
        ->toBe(1)
        ->and(Reminder::query()->sole()->status)
        ->toBe('sent');
});

it('never sends again what was claimed and not told of', function (): void {
    reminded($this);
    app(DueReminders::class)->look($this->salon);
    // The worker was killed between claiming and telling.
    Reminder::query()->update(['status' => 'sending']);
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    theyWork();
    (new SendReminder(Reminder::query()->sole()->id, $this->salon->id))->handle();
    expect(OutboxMessage::query()->count())->toBe(0);
    // A person may send it again; a second tap changes nothing.
    $stuck = Reminder::query()->sole();
    $this->actingAs($this->stylist)->get('/salon/messages')->assertSee('it may have gone out')->assertSee('Send again');
    $this->post("/salon/messages/reminders/{$stuck->id}/again")->assertSessionHas(
        'said',
        'It goes out again within a few minutes.',
    );
    $this->post("/salon/messages/reminders/{$stuck->id}/again")->assertSessionHas(
        'said',
        'That reminder is not stuck any more; look at how it stands.',
    );
    (new SendReminder($stuck->id, $this->salon->id))->handle();
    expect(OutboxMessage::query()->count())->toBe(1)->and($stuck->refresh()->status)->toBe('sent');
});

it('is quiet at night', function (): void {
    // The booking is at 7:30 in the morning: a day before would be 7:30 as well, in the quiet; it goes the evening
    // before that.
    reminded($this, 'mail', '2027-01-11 07:30');
    $this->travelTo(new DateTimeImmutable('2027-01-09 20:00', new DateTimeZone('UTC')));
    theyWork();
    expect(Reminder::query()->sole()->due_at->format('Y-m-d H:i'))->toBe('2027-01-09 20:30');
    $this->travelTo(new DateTimeImmutable('2027-01-09 21:30', new DateTimeZone('UTC')));
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(0);
    $this->travelTo(new DateTimeImmutable('2027-01-10 08:00', new DateTimeZone('UTC')));
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(1);
});

it('knows quiet hours in the salon’s own time, over midnight and not', function (string $moment, bool $quiet): void {
    $salon = $this->salon;
    expect(QuietHours::isQuiet($salon, CarbonImmutable::parse($moment, 'UTC')))->toBe($quiet);
    // 21:00 to 8:00 in Lisbon, which in July is an hour ahead of UTC.
})->with([
    ['2027-01-09 20:59', false], ['2027-01-09 21:00', true], ['2027-01-09 07:59', true], ['2027-01-09 08:00', false],
    ['2027-07-09 19:59', false], ['2027-07-09 20:00', true], ['2027-07-09 06:59', true], ['2027-07-09 07:00', false],
]);

it('moves what falls into the quiet before it, on the right evening', function (string $moment, string $goes): void {
    expect(QuietHours::moved($this->salon, CarbonImmutable::parse($moment, 'UTC'))->format('Y-m-d H:i'))->toBe($goes);
    $this->salon->update(['quiet_from_minute' => 780, 'quiet_until_minute' => 840]);
    expect(QuietHours::moved(
        $this->salon,
        CarbonImmutable::parse('2027-01-09 13:30', 'UTC'),
    )->format('H:i'))->toBe('12:30');
})->with([
    ['2027-01-09 23:00', '2027-01-09 20:30'],
    ['2027-01-10 03:00', '2027-01-09 20:30'],
    ['2027-01-10 12:00', '2027-01-10 12:00'],
    ['2027-07-10 05:00', '2027-07-09 19:30'],
]);

it('reminds of a wash day at home, with the card and without what is done', function (): void {
    $head = $this->aHead();
    $head->update(['email' => 'vesla@home.example', 'reminded_by' => 'mail']);
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $item->forceFill(['date' => '2027-01-09'])->save();
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(0);
    $link = new HomeLink(['head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => CarbonImmutable::now()->addDays(30)]);
    $link->forceFill(['salon_id' => $this->salon->id])->save();
    theyWork();
    $message = OutboxMessage::query()->sole();
    expect($message->subject)
        ->toBe('Today is a wash day')
        ->and($message->body)
        ->toContain($link->path())->not
        ->toContain('rotein')->not
        ->toContain('ask ');
});

it('stops at the client’s own word', function (): void {
    $booking = reminded($this);
    $path = Illuminate\Support\Facades\URL::signedRoute(
        'reminders.stop',
        ['head' => $booking->head_id],
        absolute: false,
    );
    $this->get("/card/stop/{$booking->head_id}")->assertNotFound();
    $this->get($path)->assertOk()->assertSee('Do you want no more of these?')->assertDontSee($booking->head->name);
    expect(Head::query()->find($booking->head_id)->reminded_by)->toBe('mail');
    $this
        ->post(Illuminate\Support\Facades\URL::signedRoute(
            'reminders.stop.now',
            ['head' => $booking->head_id],
            absolute: false,
        ))
        ->assertOk()
        ->assertSee('no more reminders');
    expect(Head::query()->find($booking->head_id)->reminded_by)->toBe('nobody');
});

it('asks for the address it is to write to', function (array $typed, string $field): void {
    $this->actingAs($this->stylist)->post('/clients', $this->intake($typed))->assertSessionHasErrors($field);
})->with([
    [['reminded_by' => 'mail', 'email' => ''], 'email'],
    [['reminded_by' => 'mail', 'email' => 'at home'], 'email'],
    [['reminded_by' => 'text', 'phone' => ''], 'phone'],
    [['reminded_by' => 'text', 'phone' => 'ring me'], 'phone'],
    [['reminded_by' => 'pigeon'], 'reminded_by'],
]);

it('keeps how she is reached encrypted, and out of the audit trail', function (): void {
    $this
        ->actingAs($this->stylist)
        ->post(
            '/clients',
            $this->intake(['reminded_by' => 'mail', 'email' => 'vesla@home.example', 'phone' => '+351 900']),
        )
        ->assertSessionHasNoErrors();
    $head = Head::query()->latest('created_at')->firstOrFail();
    expect($head->email)
        ->toBe('vesla@home.example')
        ->and(Illuminate\Support\Facades\DB::table('heads')->where('id', $head->id)->value('email'))->not
        ->toContain('vesla')
        ->and(json_encode(Illuminate\Support\Facades\DB::table(
            'activity_log',
        )->pluck('properties')))->not->toContain('vesla@home.example');
});

it('says what to type instead in the outbox', function (): void {
    $this
        ->actingAs($this->stylist)
        ->put('/salon/messages', ['quiet_from' => 'late', 'quiet_until' => '8', 'outbox' => 'works'])
        ->assertSessionHasErrors('quiet_from');
    $this->put(
        '/salon/messages',
        ['quiet_from' => '22:00', 'quiet_until' => '7:30', 'outbox' => 'explodes'],
    )->assertSessionHasErrors('outbox');
    $this->put(
        '/salon/messages',
        ['quiet_from' => '22:00', 'quiet_until' => '7:30', 'outbox' => 'refuses'],
    )->assertSessionHasNoErrors();
    expect($this->salon->refresh()->only([
        'quiet_from_minute',
        'quiet_until_minute',
        'outbox',
    ]))->toBe(['quiet_from_minute' => 1320, 'quiet_until_minute' => 450, 'outbox' => 'refuses']);
});

it('writes when it is booked, moved and cancelled, once each, and says what is so by then', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $head->update(['phone' => '+351 900 000 000', 'reminded_by' => 'text']);
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->sole();
    theyWork();
    expect(OutboxMessage::query()->sole()->body)
        ->toContain('You are booked: Monday 11 January at 10:00 with Ilse, Dry cut, about 45 minutes.');
    // Moved twice before anybody is written to: only the last is told.
    foreach (['11:00', '15:00'] as $i => $time) {
        $this->put("/bookings/{$booking->id}", [
            'date' => '2027-01-11', 'time' => $time, 'stylist' => (string) $this->stylist->id,
            'sequence' => (string) $i,
        ])->assertSessionHasNoErrors();
    }
    theyWork();
    theyWork();
    $said = OutboxMessage::query()->orderBy('id')->get()->map(fn (OutboxMessage $one): string => $one->body);
    expect($said)->toHaveCount(2)
        ->and($said[1])->toContain('has changed: Monday 11 January at 15:00 with Ilse');
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'cancel', 'sequence' => '2', 'because' => 'ill'])
        ->assertSessionHasNoErrors();
    theyWork();
    $last = OutboxMessage::query()->orderByDesc('id')->firstOrFail();
    // Why it was cancelled is the salon's own note.
    expect($last->body)->toContain('Monday 11 January at 15:00')->toContain('is cancelled')->not->toContain('ill.')
        ->and(OutboxMessage::query()->count())->toBe(3);
    $this->get('/salon/messages')->assertOk()->assertSee('delivered');
});

it('says nothing of what was booked for a client who wants no messages, or of what is over', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $head->update(['reminded_by' => 'nobody']);
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $past = reminded($this, 'text', '2027-01-08 11:00');
    $this->post("/bookings/{$past->id}/notes", ['what' => 'cancel', 'sequence' => '0', 'because' => 'ill']);
    expect(Reminder::query()->count())->toBe(0);
});

it('leads to the stop for a year from the message, and its page asks within a day', function (): void {
    $booking = reminded($this);
    $this->travelTo(new DateTimeImmutable('2027-01-09 11:02', new DateTimeZone('UTC')));
    theyWork();
    preg_match('#(/card/stop/\S+)#', OutboxMessage::query()->sole()->body, $found);
    $path = rtrim($found[1], '.');
    $page = (string) $this->get($path)->assertOk()->getContent();
    preg_match('#action="([^"]+)"#', $page, $form);
    $this->travel(364)->days();
    $this->get($path)->assertOk();
    // What was opened long ago and lies in a window still does nothing.
    $this->post(html_entity_decode($form[1]))->assertNotFound();
    expect(Head::query()->find($booking->head_id)->reminded_by)->toBe('mail');
    $this->travel(2)->days();
    $this->get($path)->assertNotFound()->assertSee('Ask your salon');
});
