<?php

declare(strict_types=1);

use App\Bridge\Clients\BookedDay;
use App\Bridge\Plans\Outlooks;
use App\Care\DataTransfer\RecordTransfer;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Style;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\EngineAnswer;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Sentences;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/* A booking pins the planned wash day, and what is planned, told, quoted and asked follows. */

function plannedDates(Head $head): array
{
    return $head->planItems()->where('status', 'planned')->orderBy('date')->get()
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))->all();
}

function bookWash(FeatureTestCase $test, Head $head, string $date, string $time = '9:00'): Booking
{
    $test->post('/bookings', bookingForm($head, 'Wash day', $time, date: $date))
        ->assertRedirect()->assertSessionHasNoErrors();

    return Booking::query()->where('head_id', $head->id)->latest('created_at')->latest('id')->firstOrFail();
}

function noted(FeatureTestCase $test, Booking $booking, string $what, array $with = []): void
{
    $booking->refresh();
    $test->post("/bookings/{$booking->id}/notes", ['what' => $what, 'sequence' => (string) $booking->sequence] + $with)
        ->assertRedirect()->assertSessionHasNoErrors();
}

/** The day the plan would be washed on next, and one two days before it. */
function nextTwo(Head $head): array
{
    $next = plannedDates($head);

    return [$next[0], $next[1], date('Y-m-d', strtotime("{$next[1]} -2 days"))];
}

beforeEach(fn () => openSalon($this));

it('washes on the day that is booked, and nobody is told to wash at home beside it', function (): void {
    $head = $this->aHead();
    [, $due, $earlier] = nextTwo($head);
    $booking = bookWash($this, $head, $earlier);
    $dates = plannedDates($head);
    expect($dates)->toContain($earlier)->not->toContain($due);
    foreach ($dates as $date) {
        $apart = abs(strtotime($date) - strtotime($earlier)) / 86400;
        expect($apart === 0 || $apart > intdiv($head->wash_every_days, 2))->toBeTrue($date);
    }
    $this->get("/clients/{$head->id}/plan")->assertOk()->assertSee('In the salon, 9:00 with Ilse');
    $this->get("/clients/{$head->id}/home-routine")->assertOk()
        ->assertDontSee(date('l j F', strtotime($earlier)) . ', about');
    $answer = new EngineAnswer(
        CareRecordReader::read(app(RecordTransfer::class)->export($head->refresh()), Parameters::shipped()),
        Calendar::dayOf($head->salon->today()),
        app(Sentences::class),
        Outlooks::WEEKS_AHEAD,
    );
    expect(array_column($answer->plan()['items'], 'date'))->toBe($dates);
    // Cancelled, the plan goes its own way again; standing again, it is pinned again.
    noted($this, $booking, 'cancel', ['because' => 'ill']);
    expect(plannedDates($head))->toContain($due)->not->toContain($earlier);
    noted($this, $booking, 'again');
    expect(plannedDates($head))->toContain($earlier)->not->toContain($due);
});

it('moves the plan with the booking, and never the plan without it', function (): void {
    $head = $this->aHead();
    [$first, $due, $earlier] = nextTwo($head);
    $booking = bookWash($this, $head, $earlier);
    $later = date('Y-m-d', strtotime("{$due} +1 day"));
    $this->put("/bookings/{$booking->id}", [
        'date' => $later, 'time' => '10:00', 'stylist' => (string) $booking->user_id,
        'sequence' => (string) $booking->refresh()->sequence,
    ])->assertRedirect()->assertSessionHasNoErrors();
    expect(plannedDates($head))->toContain($later)->not->toContain($earlier);
    $act = fn (string $date, int $days) => $this->postJson("/clients/{$head->id}/plan/acts", [
        'date' => $date, 'act' => 'move', 'value' => (string) $days,
    ]);
    $act($later, -1)->assertStatus(422)->assertSee('is booked in the salon, 10:00 with Ilse');
    // A wash day before it comes no nearer than it may.
    $apart = (int) ((strtotime($later) - strtotime($first)) / 86400);
    if ($apart > 4) {
        $act($first, $apart - 3)->assertStatus(422);
    }
    expect(plannedDates($head))->toContain($later)->toContain($first);
});

it('keeps free what the plan asks for by now, and asks where there is no room for it', function (): void {
    $head = $this->aHead();
    [, , $day] = nextTwo($head);
    $booking = bookWash($this, $head, $day);
    $kept = $booking->refresh()->minutes;
    // A second client of the same hands comes a little after it.
    $other = $this->aNewHead();
    $this->post('/bookings', bookingForm($other, 'Dry cut', '11:30', date: $day))->assertSessionHasNoErrors();
    // A longer head: more of everything.
    $head->update(['sections' => 12, 'length_mm' => 900]);
    app(Outlooks::class)->of($head->refresh());
    $booking->refresh();
    expect($booking->minutes)->toBe($kept)
        ->and($booking->asks_minutes)->toBeGreaterThan($kept);
    $page = $this->get("/bookings/{$booking->id}")->assertOk()->assertSee("now takes {$booking->asks_minutes} minutes");
    $page->assertSee("Keep it to {$kept} minutes");
    $this->get("/today?date={$day}")->assertSee("now takes {$booking->asks_minutes} min");
    // Kept to what there is: the wash day is planned into it.
    noted($this, $booking, 'keep');
    $booking->refresh();
    $item = PlanItem::near($head->planItems()->where('status', 'planned')->get(), $booking->date);
    expect($item->minutes)->toBeLessThanOrEqual($booking->kept_minutes)
        ->and($booking->kept_minutes)->toBeLessThanOrEqual($kept);
    // Let free again, it asks again; given another time, it takes what it takes.
    noted($this, $booking, 'as-planned');
    expect($booking->refresh()->asks_minutes)->toBeGreaterThan($kept);
    $this->put("/bookings/{$booking->id}", [
        'date' => $day, 'time' => '13:15', 'stylist' => (string) $booking->user_id,
        'sequence' => (string) $booking->sequence,
    ])->assertRedirect()->assertSessionHasNoErrors();
    $booking->refresh();
    expect($booking->asks_minutes)->toBeNull()->and($booking->minutes)->toBeGreaterThan($kept);
});

it('follows a plan that takes longer without a word where there is room', function (): void {
    $head = $this->aHead();
    [, , $day] = nextTwo($head);
    $booking = bookWash($this, $head, $day)->refresh();
    $before = [$booking->minutes, $booking->sequence];
    $head->update(['sections' => 9]);
    app(Outlooks::class)->of($head->refresh());
    $booking->refresh();
    expect($booking->minutes)->toBeGreaterThan($before[0])
        ->and($booking->sequence)->toBeGreaterThan($before[1])
        ->and($booking->changed_by)->toBe('The plan')
        ->and($booking->parts['care'] ?? 0)->toBeGreaterThan(0);
    // The same plan again changes nothing.
    app(Outlooks::class)->of($head->refresh());
    expect($booking->fresh()->sequence)->toBe($booking->sequence);
});

it('says at home what is put on the evening before a visit, and nothing else of that day', function (): void {
    $head = $this->aHead();
    [, , $day] = nextTwo($head);
    $booking = bookWash($this, $head, $day);
    $item = $head->planItems()->where('date', $day)->sole();
    $item->forceFill(['steps' => [
        ['kind' => 'pre-wash', 'how' => 'oil', 'minutes' => 480, 'evening_before' => true], ...$item->steps,
    ]])->save();
    // At the desk it is no step of the visit.
    $this->get("/bookings/{$booking->id}")->assertOk()->assertDontSee('Pre-wash oil');
    $this->get("/clients/{$head->id}/home-routine")->assertOk()
        ->assertSee('The evening before your visit on ' . date('l j F', strtotime($day)))
        ->assertDontSee(date('l j F', strtotime($day)) . ', about');
});

it('takes a style down at the salon wash near its day', function (): void {
    $head = $this->aHead();
    $today = $head->salon->today();
    $style = new Style([
        'head_id' => $head->id, 'styling' => 'braids', 'made_on' => $today->subDays(20)->format('Y-m-d'),
        'stays_days' => 25, 'log' => [],
    ]);
    $style->salon_id = $head->salon_id;
    $style->save();
    $booking = bookWash($this, $head, $today->addDays(7)->format('Y-m-d'));
    $dates = plannedDates($head);
    expect($dates)->toContain($booking->date->format('Y-m-d'))
        ->not->toContain($today->addDays(5)->format('Y-m-d'));
});

it('plans a booking that is missed, or that nobody said anything of, no more', function (): void {
    $head = $this->aHead();
    [, , $earlier] = nextTwo($head);
    $booking = bookWash($this, $head, $earlier);
    expect(array_keys(BookedDay::of($head)))->toBe([$earlier]);
    $this->travelTo("{$earlier} 20:00");
    noted($this, $booking, 'no-show');
    expect($booking->refresh()->status)->toBe(BookingStatus::NoShow)->and(BookedDay::of($head->refresh()))->toBe([]);
    $booking->update(['status' => BookingStatus::Booked]);
    expect(array_keys(BookedDay::of($head)))->toBe([$earlier]);
    $this->travelTo(date('Y-m-d', strtotime("{$earlier} +1 day")) . ' 09:00');
    expect(BookedDay::of($head->refresh()))->toBe([]);
});
