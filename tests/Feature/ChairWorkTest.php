<?php

declare(strict_types=1);

use App\Care\Readings\Visits;
use App\Care\WashDays\WornStyles;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\CalendarFeed;
use App\Models\Service;
use App\Pages\HomeRoutine\HomeRoutines;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\StylingMethod;

/** A salon with a trim and a take-down among its services. */
function chairServices(): array
{
    $test = test();
    $services = [];
    foreach (['Dry cut' => 'trim', 'Braids out' => 'take-down', 'Colour' => null] as $name => $does) {
        $services[$name] = (new Service())->forceFill([
            'salon_id' => $test->salon->id, 'name' => $name, 'is_wash_day' => false, 'minutes' => 45,
            'price_cents' => 4000, 'does' => $does,
        ]);
        $services[$name]->save();
    }

    return $services;
}

it('plans a trim by what the ends say, shows it everywhere and leads to its booking', function (): void {
    $services = chairServices();
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $this->get("/clients/{$head->id}")->assertOk()->assertDontSee('In the chair');
    $today = $this->salon->today()->format('Y-m-d');
    app(Visits::class)->take($head, 'ends-of-today', [new Reading(
        'ends-of-today',
        Calendar::dayOf($this->salon->today()),
        Moment::BeforeCleansing,
        'ends',
        ['splits' => 15, 'knots' => 4],
        null,
        'Ilse',
    )], 'Ilse');
    $work = $head->refresh()->outlook->chair_work;
    expect($work)->toHaveCount(1)
        ->and($work[0]['kind'])->toBe('trim')
        ->and((float) $work[0]['mm'])->toBe(20.0)
        ->and($work[0]['because'])->toBe(['ends-much-worn']);
    $on = $work[0]['on'];
    $planned = $head->planItems()->where('status', 'planned')->pluck('date')->map->format('Y-m-d')->all();
    expect($planned)->toContain($on);
    $link = route('bookings.create', ['head' => $head->id, 'service' => $services['Dry cut']->id, 'date' => $on]);
    foreach (["/clients/{$head->id}", "/clients/{$head->id}/plan"] as $page) {
        $this->get($page)->assertSee('Trim about 20 mm')->assertSee(
            'The ends are badly worn.',
        )->assertSee(e($link), false);
    }
    $this->get($link)->assertOk()->assertSee('For a trim of about 20 mm');
    expect(app(HomeRoutines::class)->of($head->refresh())->due[0])->toContain('A trim is due around');
    // Cut, written down: nothing is left to plan until the ends are looked at again.
    $this->post("/clients/{$head->id}/wash-days", [
        'date' => $today, 'place' => 'salon', 'trim_mm' => '20', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
    ])->assertSessionHasNoErrors();
    expect($head->refresh()->outlook->chair_work)->toBe([]);
});

it('takes the goal of the length from the terms and refuses another', function (): void {
    $head = $this->aHead();
    $terms = "/clients/{$head->id}/plan/terms";
    $this->actingAs($this->stylist)->put($terms, ['trim_goal' => 'shape'])->assertSessionHasNoErrors();
    expect($head->refresh()->season)->toEqual(['trim_goal' => 'shape']);
    $this->get($terms)->assertSee('keep a shape: every 8 weeks');
    $this->from($terms)->put($terms, ['trim_goal' => 'mullet'])->assertSessionHasErrors('trim_goal');
    $this->put($terms, ['trim_goal' => ''])->assertSessionHasNoErrors();
    expect($head->refresh()->season)->toEqual([]);
});

it('plans the take-down of a style that is worn, washes on it and quotes its minutes', function (): void {
    $services = chairServices();
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $today = Calendar::dayOf($this->salon->today());
    app(WornStyles::class)->begin($head, StylingMethod::Braids, $today->modify('-20 days'));
    $due = $today->modify('+8 days')->format('Y-m-d');
    $work = $head->refresh()->outlook->chair_work;
    expect($work[0]['kind'])->toBe('take-down')
        ->and($work[0]['on'])->toBe($due)
        ->and((float) $work[0]['minutes'])->toBe(60.0)
        ->and($work[0]['days'])->toBe(28);
    expect($head->planItems()->where('status', 'planned')->pluck('date')->map->format('Y-m-d')->all())->toContain($due);
    $this->get("/clients/{$head->id}")->assertSee('Take the braids down, in for 28 days then');
    $this->get(route('bookings.create', [
        'head' => $head->id, 'service' => $services['Braids out']->id, 'date' => $due,
    ]))->assertSee('60 min')->assertSee('For the style that is worn');
    // It was last good today: nothing comes down any more.
    $this->delete("/clients/{$head->id}/style", ['on' => $today->format('Y-m-d')])->assertSessionHasNoErrors();
    expect($head->refresh()->outlook->chair_work)->toBe([]);
});

it('puts a take-down on the evening before where one day does not hold both', function (): void {
    $head = $this->aHead();
    $head->update(['minutes_limit' => 100]);
    app(WornStyles::class)->begin(
        $head,
        StylingMethod::Braids,
        Calendar::dayOf($this->salon->today())->modify('-20 days'),
    );
    $work = $head->refresh()->outlook->chair_work[0];
    expect($work['on'])->toBe($this->salon->today()->addDays(7)->format('Y-m-d'))->and($work['because'])->toBe(['eve']);
});

it('leads from a trim or take-down that is through to where it is written down', function (
    string $service,
    string $leads,
    string $says,
): void {
    chairServices();
    $head = $this->aHead();
    $booking = new Booking([
        'head_id' => $head->id, 'user_id' => $this->stylist->id, 'service' => $service, 'is_wash_day' => false,
        'date' => $this->salon->today()->format('Y-m-d'), 'starts_at' => now(), 'stretches' => [], 'minutes' => 45,
        'price_cents' => 0, 'status' => BookingStatus::UnderWay, 'begun_at' => now(), 'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $this->salon->id])->save();
    $this->actingAs($this->stylist)
        ->post("/bookings/{$booking->id}/notes", ['what' => 'through', 'sequence' => '0'])
        ->assertRedirect(str_replace('{head}', $head->id, $leads));
    expect(session('said'))->toContain($says);
})->with([
    ['Dry cut', '/clients/{head}/wash-days', 'how many millimetres'],
    ['Braids out', '/clients/{head}/style', 'last good'],
]);

it('asks what a service does, and refuses a wash day that is a trim', function (): void {
    $this->actingAs($this->stylist);
    $form = fn (array $service): array => [
        'chairs' => '2', 'hours' => [$this->stylist->id => [1 => '9:00–17:00']], 'services' => ['new1' => $service + [
            'id' => '', 'name' => 'Cut', 'minutes' => '30', 'price' => '20',
        ]],
    ];
    $this->put('/salon/hours', $form(['does' => 'trim']))->assertSessionHasNoErrors();
    expect(Service::query()->sole()->does)->toBe('trim');
    foreach ([['does' => 'trim', 'is_wash_day' => '1'], ['does' => 'colour']] as $wrong) {
        $this->from('/salon/hours')->put('/salon/hours', $form($wrong))->assertSessionHasErrors('services.new1.does');
    }
});

it('shows what is due in the client’s calendar until it is booked', function (): void {
    chairServices();
    $head = $this->aHead();
    app(WornStyles::class)->begin(
        $head,
        StylingMethod::Braids,
        Calendar::dayOf($this->salon->today())->modify('-20 days'),
    );
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/home-routine/calendar")->assertSessionHasNoErrors();
    $feed = CalendarFeed::query()->where('head_id', $head->id)->sole();
    $due = $this->salon->today()->addDays(8)->format('Ymd');
    $this->get($feed->path())
        ->assertOk()
        ->assertSee("UID:take-down-{$head->id}@nagomi", false)
        ->assertSee("DTSTART;VALUE=DATE:{$due}", false)
        ->assertSee('Take-down is due');
    (new Booking([
        'head_id' => $head->id, 'user_id' => $this->stylist->id, 'service' => 'Braids out', 'is_wash_day' => false,
        'date' => $this->salon->today()->addDays(8)->format('Y-m-d'), 'starts_at' => now()->addDays(8),
        'stretches' => [], 'minutes' => 60, 'price_cents' => 0, 'status' => BookingStatus::Booked,
        'changed_by' => 'Ilse',
    ]))->forceFill(['salon_id' => $this->salon->id])->save();
    $this->get($feed->path())->assertDontSee("UID:take-down-{$head->id}@nagomi", false)->assertSee('Braids out');
    $this->get("/clients/{$head->id}")->assertSee('Booked for')->assertDontSee('Book it');
});
