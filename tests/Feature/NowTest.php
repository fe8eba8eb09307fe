<?php

declare(strict_types=1);

/* A client's first page: what to do, what says so, what must not be done, one thing to press. */

use App\Bridge\Plans\Outlooks;
use App\Models\Booking;
use App\Models\PlanItem;
use App\Wording\HairWays;
use Carbon\CarbonImmutable;

beforeEach(fn () => $this->actingAs($this->stylist));

it('begins with the next wash, and says what bars what', function (): void {
    $head = $this->aNewHead();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $page = $this->get("/clients/{$head->id}")->assertOk();
    $page->assertSeeInOrder(['Tomorrow', 'What the tests say', 'How sure', 'This strand', 'Take care', 'Hair balance']);
    foreach ([
        'protein' => 'No protein:', 'strong-protein' => 'No strong protein:', 'clarifying' => 'No clarifying:',
        'heat' => 'No heat:',
    ] as $treatment => $words) {
        isset($item->barred[$treatment]) ? $page->assertSee($words) : $page->assertDontSee($words);
    }
    // Every rule of caution has its words.
    foreach (trans('now.because') as $rule => $words) {
        $item->forceFill(['barred' => ['strong-protein' => $rule]])->save();
        $this->get("/clients/{$head->id}")->assertOk()->assertSeeText('No strong protein:')
            ->assertDontSee('now.because')->assertDontSeeText(' :');
    }
});

it('bars strong protein on the page for as long as the plan does', function (): void {
    $head = $this->aNewHead();
    $this->post("/clients/{$head->id}/wash-days", [
        'date' => '2027-01-05', 'place' => 'salon', 'cleanse' => 'gentle', 'conditioning' => 'mask',
        'conditioning_minutes' => 20, 'protein' => 'strong-protein', 'protein_minutes' => 10,
        'detangling' => 'wet-with-slip', 'tool' => 'comb', 'detangle_minutes' => 12,
    ])->assertSessionHasNoErrors();
    app(Outlooks::class)->current($head->refresh());
    $first = $head->planItems()->where('status', 'planned')->firstOrFail();
    expect(array_keys($first->barred))->toContain('protein')
        ->and(array_column($first->steps, 'kind'))->not->toContain('strong-protein')->not->toContain('mild-protein');
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('No protein:');
});

it('offers one thing to press: start today, book what is to come, go on with what runs', function (): void {
    $head = $this->aNewHead();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $strong = function () use ($head): array {
        preg_match_all(
            '~<a class="button is-(?:large is-strong|strong is-large)" href="([^"]+)">([^<]+)</a>~',
            (string) $this->get("/clients/{$head->id}")->assertOk()->getContent(),
            $found,
        );

        return $found[2];
    };
    $this->travelTo($item->date->setTime(9, 0));
    expect($strong())->toBe(['Start the wash']);
    $this->post("/clients/{$head->id}/wash", ['limit' => '', 'drying' => 'diffuse', 'styling' => 'rake'])
        ->assertSessionHasNoErrors()->assertRedirect();
    expect($strong())->toBe(['Go on with the wash']);
});

it('books from the page where nothing is booked, and says what is', function (): void {
    $head = $this->aNewHead();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $this->travelTo($item->date->subDays(3)->setTime(9, 0));
    $page = (string) $this->get("/clients/{$head->id}")->assertOk()->assertSee('in 3 days')->getContent();
    expect(preg_match('~href="([^"]*/bookings/new[^"]*)">Book</a>~', $page, $link))->toBe(1);
    $this->get(html_entity_decode($link[1]))->assertOk()->assertSee($head->name);
    Booking::query()->forceCreate([
        'salon_id' => $this->salon->id, 'head_id' => $head->id, 'user_id' => $this->stylist->id,
        'service' => 'Wash day', 'is_wash_day' => true, 'date' => $item->date->format('Y-m-d'),
        'starts_at' => $item->date->setTime(10, 30)->shiftTimezone($this->salon->timezone)->utc(),
        'stretches' => [], 'minutes' => 90, 'price_cents' => 0, 'status' => 'booked', 'changed_by' => 'Ilse',
    ]);
    $this->get("/clients/{$head->id}")->assertOk()
        ->assertSee('booked at 10:30 with Ilse')
        ->assertDontSee('>Book</a>', false);
    // Who comes later today is not begun with now; whose time it is, is.
    $this->travelTo($item->date->setTime(8, 0)->shiftTimezone($this->salon->timezone));
    $this->get("/clients/{$head->id}")->assertSee('booked at 10:30')->assertDontSee('done about');
    $this->travelTo($item->date->setTime(10, 35)->shiftTimezone($this->salon->timezone));
    // The client goes when the hair is dry: as on Wash, and as the wash that is begun says.
    expect($item->refresh()->parts['drying'])->toBeGreaterThan(5);
    $done = CarbonImmutable::now($this->salon->timezone)
        ->addMinutes((int) round($item->minutes + $item->parts['drying']))->roundMinutes(5)->format('G:i');
    $this->get("/clients/{$head->id}")->assertSee("done about {$done}")->assertSee(' to dry');
});

it('says how hair behaves beside most, and what of it is estimated', function (
    float $factor,
    float $left,
    string $says,
): void {
    expect(HairWays::of(['moisture-fading' => $left, 'moisture-fading-factor' => $factor], null))->toBe([$says]);
})->with([
    [0.5, 0.05, 'Keeps moisture far longer than most.'],
    [0.9, 0.28, 'Keeps moisture a little longer than most (partly estimated).'],
    [1.0, 0.6, 'Loses moisture like most (mostly estimated).'],
    [1.8, 0.1, 'Loses moisture far faster than most.'],
]);

it('says nothing of what is all assumption', function (): void {
    expect(HairWays::of(['uptake' => 1.0, 'uptake-factor' => 1.0], null))->toBe([])
        ->and(HairWays::of([], ['days' => 246, 'grown' => 71.2, 'trimmed' => 0.0, 'retained' => 57.0, 'broken' => 14.6,
            'least' => -3.0, 'most' => 31.2]))->toBe([
                'In 246 days about 7.1 cm grew, 0 cm were trimmed and 5.7 cm kept; about 1.5 cm broke off, 0 to 3.1 cm '
                    . '8 times in 10.',
            ]);
});

it('says of a child that patience ends, not time, and of hair never tested that it is not tested', function (): void {
    $this->post('/clients', $this->intake([
        'born_on' => '2019-03-04', 'guardian_name' => 'A guardian', 'consent_by' => 'A guardian',
        'density' => 'high', 'ring_mm' => '9', 'strand' => 'medium', 'sections' => '8',
    ]))->assertSessionHasNoErrors();
    $head = App\Models\Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    $page = fn () => $this->get("/clients/{$head->id}")->assertOk();
    $page()->assertSee('a child rarely sits longer than 60')->assertDontSee('longer than the client has time for')
        ->assertSee('this hair is not tested yet.')->assertDontSee('nobody has tested this hair in');
    // What is said of this child goes before what is usual of children.
    $head->update(['minutes_limit' => 40]);
    $page()->assertSee('longer than the client has time for')->assertDontSee('a child rarely sits');
});

it('lets a client nobody has tested be washed as well', function (): void {
    $this->post('/clients', $this->intake())->assertSessionHasNoErrors();
    $head = App\Models\Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $this->travelTo($item->date->setTime(9, 0));
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('Do the first tests')->assertSee('Start the wash')
        ->assertDontSee('How sure');
});
