<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Leave;
use App\Models\Outlook;
use App\Models\Product;
use App\Models\WorkingHours;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** Hours from nine to six on every day, and bookings of so many minutes at their times. */
function aDay(FeatureTestCase $test, array $bookings): array
{
    foreach (range(1, 7) as $weekday) {
        WorkingHours::query()->create([
            'salon_id' => $test->salon->id, 'user_id' => $test->stylist->id, 'weekday' => $weekday,
            'from_minute' => 540, 'until_minute' => 1080,
        ]);
    }
    $test->actingAs($test->stylist);

    return array_map(function (array $of) use ($test): Booking {
        [$head, $time, $minutes] = $of;
        $booking = new Booking([
            'head_id' => $head->id,
            'user_id' => $test->stylist->id,
            'service' => 'Dry cut',
            'is_wash_day' => false,
            'date' => '2027-01-09',
            'starts_at' => CarbonImmutable::parse("2027-01-09 {$time}", 'UTC'),
            'stretches' => [['hands' => (float) $minutes, 'waiting' => 0.0, 'spread' => 0.2, 'waiting_spread' => 0.0]],
            'minutes' => $minutes,
            'price_cents' => 4800,
            'status' => BookingStatus::Booked,
            'changed_by' => 'Ilse',
        ]);
        $booking->forceFill(['salon_id' => $test->salon->id])->save();

        return $booking;
    }, $bookings);
}

it('greets with the day, and with what to do where nobody is booked', function (): void {
    $this->actingAs($this->stylist)->get('/')->assertRedirect('/today');
    $this->get('/today')->assertOk()->assertSee('Nobody is booked')->assertSee('Nobody works on this day');
    $this->get('/today?date=2027-02-31')->assertOk()->assertSee('Saturday 9 January');
    $this->get('/today?date=2027-02-01')->assertOk()->assertSee('Monday 1 February');
    auth()->logout();
    $this->get('/today')->assertRedirect('/sign-in');
});

it('says who is late, who begins late for it, and whom to call', function (): void {
    // It is ten to ten: the first should have begun at 9:30 and has not come.
    $this->travelTo(CarbonImmutable::parse('2027-01-09 09:50', 'UTC'));
    [$first, $second] = aDay(
        $this,
        [[$one = $this->aHead(), '09:30', 60], [$two = $this->aHead('protein-sensitive'), '10:00', 60]],
    );
    // Who is on time goes first: nobody knows whether the other comes at all.
    $this
        ->get('/today')
        ->assertOk()
        ->assertSee($one->name)
        ->assertSee('was due at 9:30 with Ilse. Here yet?')
        ->assertDontSee('Can’t start before');
    // Here at ten to ten, twenty minutes late: who is on time still goes first.
    $this->post("/bookings/{$first->id}/notes", ['what' => 'here', 'sequence' => '0'])->assertSessionHasNoErrors();
    $this->get('/today')->assertSee('Came late; starts at 11:05, after a wait of 1 h 15')->assertDontSee('Here yet?');
    $first->refresh()->update(['status' => BookingStatus::Booked, 'arrived_at' => null, 'sequence' => 0]);
    $second->update(['starts_at' => CarbonImmutable::parse('2027-01-09 10:30', 'UTC')]);
    // The first calls: half past eleven. The second keeps the time that was promised.
    $this->post(
        "/bookings/{$first->id}/notes",
        ['what' => 'later', 'expected' => '11:30', 'sequence' => '0'],
    )->assertSessionHasNoErrors();
    $this
        ->get('/today')
        ->assertDontSee('Can’t start before')
        ->assertSee('11:35 to about 12:35');
    // The second begins on time and overruns by twenty minutes.
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:30', 'UTC'));
    $this->post("/bookings/{$second->id}/notes", ['what' => 'begin', 'sequence' => '0']);
    $this->travelTo(CarbonImmutable::parse('2027-01-09 11:25', 'UTC'));
    $this->post("/bookings/{$second->id}/notes", ['what' => 'over', 'sequence' => '1']);
    $this->post("/bookings/{$second->id}/notes", ['what' => 'over', 'sequence' => '2']);
    $this->get('/today')->assertSee('20 min more')->assertSee('Can’t start before 11:55, 25 min after the time they gave');
    $this->post("/bookings/{$second->id}/notes", ['what' => 'through', 'sequence' => '3']);
    expect($second->refresh()->begun_at->diffInMinutes($second->ended_at))->toEqualWithDelta(55, 1);
    $this->get('/today')->assertSee('11:30 to about 12:30');
});

it('says who finds no place in the day any more', function (): void {
    // An hour after closing is not enough for two hours, though the client is here.
    $this->travelTo(CarbonImmutable::parse('2027-01-09 17:30', 'UTC'));
    [$booking] = aDay($this, [[$this->aHead(), '17:00', 120]]);
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'here', 'sequence' => '0'])->assertSessionHasNoErrors();
    $this->get('/today')->assertSee('No slot left today')->assertSee('offer another');
});

it('names who drifts and is not booked, and stops when she is', function (): void {
    $head = $this->aHead();
    Outlook::query()->whereKey($head->id)->update(['drifts_on' => '2027-01-12']);
    aDay($this, []);
    $this->get('/today')->assertSee($head->name)->assertSee('out of balance in 3 days');
    $booking = new Booking([
        'head_id' => $head->id, 'user_id' => $this->stylist->id, 'service' => 'Wash day', 'is_wash_day' => true,
        'date' => '2027-01-11', 'starts_at' => '2027-01-11 10:00', 'stretches' => [], 'minutes' => 60,
        'price_cents' => 0, 'status' => BookingStatus::Booked, 'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $this->salon->id])->save();
    $this->get('/today')->assertDontSee('out of balance in');
    $booking->update(['status' => BookingStatus::Cancelled]);
    $this->get('/today')->assertSee('out of balance in 3 days');
    Outlook::query()->whereKey($head->id)->update(['drifts_on' => '2027-01-01']);
    $this->get('/today')->assertSee('out of balance already');
});

it('calls those who did not come, and those with a sign that is not cleared', function (): void {
    [$booking] = aDay($this, [[$head = $this->aHead(), '09:30', 60]]);
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'no-show', 'sequence' => '0']);
    $this->get('/today')->assertSee('Did not come on Sat 9 Jan.');
    $other = $this->aHead('protein-sensitive');
    $other->update(['red_sign' => true]);
    $this->get('/today')->assertSee('A sign that bars treatments is not cleared yet');
    expect($head->is($other))->toBeFalse();
});

it('hides the names of others on a screen that clients see', function (): void {
    aDay($this, [[$head = $this->aHead(), '10:30', 60]]);
    $this->get('/today')->assertSee($head->name);
    $this->put('/today/names')->assertRedirect();
    $this
        ->get('/today')
        ->assertDontSee($head->name)
        ->assertDontSee(explode(' ', $head->name)[0])
        ->assertSee(mb_substr($head->name, 0, 1) . '.');
    $this->put('/today/names');
    $this->get('/today')->assertSee($head->name);
});

it('counts what the day takes from the shelf', function (): void {
    [$booking] = aDay($this, [[$head = $this->aHead(), '10:30', 60]]);
    $booking->update(['is_wash_day' => true]);
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $item->forceFill(['date' => '2027-01-09', 'steps' => [['kind' => 'mask', 'minutes' => 20]]])->save();
    $this->get('/today')->assertDontSee('Running short');
    $oil = ['name' => 'Small oil', 'kind' => 'oil', 'ingredients' => 'Coco-Caprylate', 'size_ml' => '50'];
    $this->post('/products', $oil);
    $this->get('/today')->assertSee('Running short')->assertSee('none noted under Products');
    $this->post('/products', ['name' => 'Last of a mask', 'size_ml' => '5', 'kind' => 'mask'] + $oil);
    $this->get('/today')->assertSee('Running short')->assertSee('5 mL left');
    Product::query()->where('kind', 'mask')->update(['left_ml' => null]);
    $this->get('/today')->assertDontSee('Running short');
    Product::query()->where('kind', 'mask')->update(['left_ml' => 5]);
    $this->post(
        '/products',
        ['name' => 'Barrel of mask', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol', 'size_ml' => '5000'],
    );
    $this->get('/today')->assertDontSee('Running short');
});

it('knows leave', function (): void {
    aDay($this, [[$this->aHead(), '10:30', 60], [$this->aHead('protein-sensitive'), '12:30', 60]]);
    $this->post(
        '/salon/leave',
        [
            'leave_of' => (string) $this->stylist->id,
            'leave_from' => '2027-01-09',
            'leave_until' => '2027-01-10',
            'leave_because' => 'course',
        ],
    )->assertSessionHas('said', 'Noted. 2 bookings fall into those days: move them, or call.');
    $this->get('/today')->assertOk()->assertSee('Nobody works on this day')->assertSee('No slot left today');
    $this->get('/salon/hours')->assertSee('course');
    $this->delete('/salon/leave/' . Leave::query()->sole()->id)->assertRedirect('/salon/hours');
    $this->get('/today')->assertDontSee('Nobody works on this day');
    foreach ([['leave_until' => '2027-01-01'], ['leave_from' => 'Monday'], ['leave_of' => '0']] as $wrong) {
        $this->post(
            '/salon/leave',
            $wrong + [
                'leave_of' => (string) $this->stylist->id,
                'leave_from' => '2027-01-09',
                'leave_until' => '2027-01-10',
            ],
        )->assertSessionHasErrors();
    }
});

it('asks as many queries for eight bookings as for one', function (): void {
    $heads = array_map(fn (int $i): Head => $this->aHead($i % 2 ? 'mixed-porosity' : 'protein-sensitive'), range(1, 8));
    aDay($this, [[$heads[0], '09:30', 20]]);
    $this->get('/today');
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/today')->assertOk();

        return count(DB::getQueryLog());
    };
    $one = $count();
    WorkingHours::query()->delete();
    aDay(
        $this,
        array_map(
            fn (Head $head, int $i): array => [$head, (10 + intdiv($i, 2)) . ':' . ($i % 2 ? '30' : '00'), 20],
            array_slice($heads, 1),
            range(0, 6),
        ),
    );
    expect($count())->toBeLessThanOrEqual($one)->toBeLessThanOrEqual(18);
});

it('works out, beside the page, what the night did not', function (): void {
    config(['queue.default' => 'database']);
    $head = $this->aHead();
    $this->aHead('protein-sensitive');
    $this->actingAs($this->stylist)->get('/today')->assertDontSee('brought up to date');
    $this->travel(1)->days();
    $this->get('/today')->assertSee('The plans of 2 clients are being brought up to date');
    // Asked for again while it waits, it waits once.
    $this->get('/today');
    expect(DB::table('jobs')->count())
        ->toBe(1)
        ->and($head->outlook()->first()->as_of->format('Y-m-d'))
        ->toBe('2027-01-09');
    Artisan::call(
        'queue:work',
        ['connection' => 'database', '--stop-when-empty' => true, '--sleep' => 0, '--memory' => 4096],
    );
    expect($head->outlook()->first()->as_of->format('Y-m-d'))->toBe('2027-01-10');
    $this->get('/today')->assertDontSee('brought up to date');
});
