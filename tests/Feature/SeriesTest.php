<?php

declare(strict_types=1);

/* A client who comes again every so many weeks: proposed, booked in one go or not at all, given up together. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Leave;
use App\Models\OutboxMessage;
use App\Models\User;
use App\Pages\Today\SeriesScreen;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';
require_once __DIR__ . '/OutboxAtWork.php';

function againAndAgain(FeatureTestCase $test, string $service = 'Dry cut', string $time = '10:00'): Booking
{
    $head = $test->aHead();
    $head->update(['reminded_by' => 'text', 'phone' => '+351 555 0123', 'language' => 'en']);
    $test->post('/bookings', bookingForm($head, $service, $time))->assertSessionHasNoErrors();

    return Booking::query()->where('head_id', $head->id)->sole();
}

/** @return list<string> what is proposed, day, time and stylist; '' no room */
function proposed(Booking $booking, int $weeks, int $times): array
{
    return array_map(
        static fn ($day): string => $day->time->slot ?? '',
        app(SeriesScreen::class)->of($booking, $weeks, $times)->days,
    );
}

beforeEach(function (): void {
    config(['queue.default' => 'database', 'mail.default' => 'outbox']);
});

it('proposes the same time with the same hands, over the change of the clocks as well', function (): void {
    openSalon($this);
    $this->salon->update(['timezone' => 'Europe/Lisbon']);
    $this->actingAs($this->stylist->fresh());
    $booking = againAndAgain($this);
    $slots = array_map(
        fn (string $day): string => "{$day} 10:00 {$this->stylist->id}",
        // Summer time begins on 28 March 2027.
        ['2027-02-08', '2027-03-08', '2027-04-05'],
    );
    expect(proposed($booking->fresh(), 4, 4))->toBe($slots);
    $this->post("/bookings/{$booking->id}/series", ['slots' => $slots])->assertSessionHasNoErrors()
        ->assertRedirect("/bookings/{$booking->id}");
    expect(Booking::query()->where('series', $booking->refresh()->series)->orderBy('starts_at')->get()
        ->map(fn (Booking $one): string => $one->starts_at->format('Y-m-d H:i'))->all())
        ->toBe(['2027-01-11 10:00', '2027-02-08 10:00', '2027-03-08 10:00', '2027-04-05 09:00']);
    $this->get("/bookings/{$booking->id}")->assertSee('One of 4 times')->assertSee('5 Apr 2027');
});

it('takes another hour, other hands or another day where the wished one is taken, the nearest first', function (): void {
    openSalon($this);
    $booking = againAndAgain($this);
    $quim = User::query()->where('name', 'Quim')->sole();
    // At ten of the first day somebody else sits with these hands; on the second they are away; on the third everybody.
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '10:00', date: '2027-02-08'))
        ->assertSessionHasNoErrors();
    foreach ([[$this->stylist, '2027-03-08'], [$this->stylist, '2027-04-05'], [$quim, '2027-04-05']] as [$who, $day]) {
        Leave::query()->create([
            'salon_id' => $this->salon->id, 'user_id' => $who->id, 'from' => $day, 'until' => $day,
            'because' => 'sea',
        ]);
    }
    $days = app(SeriesScreen::class)->of($booking, 4, 4)->days;
    // 45 minutes and 5 of cleaning before or after ten are nearer than other hands (an hour) or another day (two).
    expect($days[0]->time->slot)->toBe("2027-02-08 9:10 {$this->stylist->id}")
        ->and($days[0]->note)->toBe('10:00 is taken')
        ->and($days[1]->time->slot)->toBe("2027-03-08 10:00 {$quim->id}")->and($days[1]->note)->toBe('Ilse is taken')
        ->and($days[2]->time->slot)->toBe("2027-04-06 10:00 {$this->stylist->id}")
        ->and($days[2]->note)->toBe('nothing near that time on Mon 5 Apr');
    $this->get("/bookings/{$booking->id}/series?weeks=4&times=4")->assertOk()
        ->assertSee('Mon 8 Feb 2027 at 9:10 with Ilse')->assertSee('10:00 is taken');
});

it('books all or none, and says which day has no room any more', function (): void {
    openSalon($this);
    $booking = againAndAgain($this);
    $slots = proposed($booking, 4, 4);
    $this->post('/bookings', bookingForm($this->aHead('protein-sensitive'), 'Dry cut', '10:00', date: '2027-03-08'))
        ->assertSessionHasNoErrors();
    $this->from("/bookings/{$booking->id}/series")->post("/bookings/{$booking->id}/series", ['slots' => $slots])
        ->assertSessionHasErrors('time');
    expect(session('errors')->first('time'))->toContain('8 Mar')->toContain('no room')
        ->and(Booking::query()->where('head_id', $booking->head_id)->count())->toBe(1)
        ->and($booking->refresh()->series)->toBeNull();
});

it('tells of all in one message, and of a cancellation with what goes with it', function (): void {
    openSalon($this);
    $booking = againAndAgain($this);
    theyWork();
    $this->post("/bookings/{$booking->id}/series", ['slots' => proposed($booking, 2, 4)])->assertSessionHasNoErrors();
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(2)
        ->and(OutboxMessage::query()->latest('id')->first()->body)
        ->toContain('You are booked for Dry cut, 4 times: Monday 11 January at 10:00 with Ilse; Monday 25 January at 10:00');
    $second = Booking::query()->where('head_id', $booking->head_id)->orderBy('starts_at')->get()[1];
    $this->get("/bookings/{$second->id}")->assertSee('Cancel the 2 that follow as well');
    $this->post("/bookings/{$second->id}/notes", [
        'what' => 'cancel', 'because' => 'moves away', 'following' => '1', 'sequence' => (string) $second->sequence,
    ])->assertSessionHasNoErrors()->assertSessionHas('said', 'Cancelled, with the 2 that follow; calendars hear of it.');
    theyWork();
    expect(Booking::query()->where('head_id', $booking->head_id)->where('status', BookingStatus::Cancelled)->count())
        ->toBe(3)
        ->and($booking->refresh()->status)->toBe(BookingStatus::Booked)
        ->and(OutboxMessage::query()->count())->toBe(3)
        ->and(OutboxMessage::query()->latest('id')->first()->body)
        ->toContain('Monday 25 January at 10:00')->toContain('Cancelled with it: Monday 8 February at 10:00 with Ilse; ');
});

it('follows the plan with every wash day of a series', function (): void {
    openSalon($this);
    $booking = againAndAgain($this, 'Wash day', '9:00');
    $slots = array_filter(proposed($booking, 3, 3));
    $this->post("/bookings/{$booking->id}/series", ['slots' => array_values($slots)])->assertSessionHasNoErrors();
    $head = Head::query()->findOrFail($booking->head_id);
    $planned = $head->planItems()->where('status', 'planned')->get()->map(fn ($item) => $item->date->format('Y-m-d'));
    foreach (Booking::query()->where('head_id', $head->id)->pluck('date') as $date) {
        expect($planned)->toContain($date->format('Y-m-d'));
    }
});

it('says what to choose where nothing was, and makes nothing of what is not to come', function (array $slots): void {
    openSalon($this);
    $booking = againAndAgain($this);
    $this->from("/bookings/{$booking->id}/series")
        ->post("/bookings/{$booking->id}/series", ['slots' => $slots])->assertSessionHasErrors();
    expect(Booking::query()->count())->toBe(1);
})->with([
    'nothing' => [[]], 'no time' => [['2027-02-08']], 'a day that is none' => [['2027-02-30 10:00 1']],
    'a day that has been' => [['2026-02-08 10:00 1']], 'nobody’s hands' => [['2027-02-08 10:00 999999']],
    'years away' => [['2031-02-08 10:00 1']],
]);

it('opens for a booking that is to come, whatever number is typed', function (): void {
    openSalon($this);
    $booking = againAndAgain($this);
    foreach (['weeks=0&times=0', 'weeks=-3&times=abc', 'weeks=9999&times=9999', 'weeks=&times='] as $typed) {
        $this->get("/bookings/{$booking->id}/series?{$typed}")->assertOk();
    }
    $booking->update(['status' => BookingStatus::Cancelled]);
    $this->get("/bookings/{$booking->id}/series")->assertRedirect("/bookings/{$booking->id}");
});
