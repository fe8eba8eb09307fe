<?php

declare(strict_types=1);

use App\Models\Style;
use App\Wording\Said;

it('follows a style day by day, and sends its life to the Bench', function (): void {
    $head = $this->aHead();
    $day = fn (int $ago): string => now('Europe/Lisbon')->subDays($ago)->format('Y-m-d');
    $page = "/clients/{$head->id}/style";
    $this->actingAs($this->stylist)->get($page)->assertSee('None is followed now');
    $this->post($page, ['styling' => 'rake', 'on' => $day(6)])->assertSessionHasNoErrors();
    $this->put($page, ['on' => $day(4), 'what' => 'refreshed']);
    $this->put($page, ['on' => $day(4), 'what' => 'covered']);
    $this->put($page, ['on' => $day(2), 'what' => 'refreshed']);
    $this->put($page, ['on' => $day(2), 'what' => 'refreshed']);
    $this->get($page)->assertSee('day 7')->assertSee('refreshed with water');
    foreach ([['on' => $day(9)], ['on' => '2099-01-01'], ['on' => $day(1), 'what' => 'danced']] as $wrong) {
        $this->put($page, $wrong + ['what' => 'refreshed'])->assertSessionHasErrors();
    }
    $this->delete($page, ['on' => $day(1)])->assertSessionHasNoErrors();
    $reading = $head->readings()->where('test', 'style-life')->latest('id')->first();
    // Made six days ago and last good yesterday: six days, refreshed on two of them.
    expect($reading->raw)
        ->toEqual(['days' => 6, 'refreshes' => 2])
        ->and($reading->moment)
        ->toBe('home')
        ->and(Style::query()->first()->ended_on->format('Y-m-d'))
        ->toBe($day(1));
    $this->get($page)->assertSee('good for 6 days, refreshed 2 times');
    $this->put($page, ['on' => $day(0), 'what' => 'refreshed'])->assertNotFound();
});

it('tells when braids come down, sooner where that is set for her', function (): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/style";
    $made = now('Europe/Lisbon')->subDays(30)->format('Y-m-d');
    $this->actingAs($this->stylist)->post($page, ['styling' => 'braids', 'on' => $made]);
    $this->get($page)->assertSee('Take it down now: it was due on')->assertSee('tension');
    $this->post($page, ['styling' => 'braids', 'on' => $made, 'stays_days' => '40']);
    $this->get($page)->assertSee('Take it down by');
    // A new style ends the one before.
    expect(Style::query()->whereNull('ended_on')->count())->toBe(1);
    foreach ([['styling' => 'mohawk'], ['stays_days' => '400'], ['on' => 'someday'], ['styling' => '']] as $wrong) {
        $this->post($page, $wrong + ['styling' => 'braids', 'on' => $made])->assertSessionHasErrors();
    }
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->get($page)->assertNotFound();
});

it('says what a head has used', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        '/products',
        [
            'name' => 'Quiet shampoo', 'kind' => 'shampoo', 'ingredients' => 'Aqua, Decyl Glucoside', 'size_ml' => '3',
            'price' => '9',
        ],
    );
    $this->get('/products')->assertSee('No wash day is booked for the next 14 days.');
    $this->post(
        '/products',
        [
            'name' => 'Barrel', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol', 'size_ml' => '1000',
            'price' => '10',
        ],
    );
    $this->post("/clients/{$head->id}/wash", []);
    $washSession = App\Models\WashSession::query()->firstOrFail();
    $mask = collect($washSession->steps())->firstWhere('key', 'mask');
    if ($mask !== null) {
        $this->postJson("/clients/{$head->id}/wash/{$washSession->id}/acts", ['device' => 'one', 'acts' => [
            ['key' => 'a', 'kind' => 'amount', 'step' => 'mask', 'value' => ['ml' => 50], 'at' => now()->format('c')],
            [
                'key' => 'b', 'kind' => 'done', 'step' => 'mask', 'value' => null,
                'at' => now()->addMinutes(20)->format('c'),
            ],
        ]])->assertOk();
        $this->post("/clients/{$head->id}/wash/{$washSession->id}/finish", ['minutes' => ['mask' => '20']]);
        // 50 of 1000 mL at 10.00.
        $this->get("/clients/{$head->id}/products")->assertSee('Products used on this hair so far: €0.50');
    }
    expect(true)->toBe($mask === null || $head->washDays()->where('key', $washSession->refresh()->wash_day)->exists());
});

it('lets the next step come first, and goes on from there', function (): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/wash", ['styling' => 'twists'])
        ->assertSessionHasNoErrors();
    $washSession = App\Models\WashSession::query()->firstOrFail();
    $act = fn (string $key, string $kind, string $step): array => [
        'key' => $key, 'kind' => $kind, 'step' => $step, 'value' => null, 'at' => now()->format('c'),
    ];
    $keys = array_column($washSession->steps(), 'key');
    $told = $this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        ['device' => 'one', 'acts' => [$act('a', 'swap', $keys[1])]],
    )->assertOk()->json();
    expect(array_slice($told['order'], 0, 3))
        ->toBe([$keys[0], $keys[2], $keys[1]])
        ->and(array_values(array_unique($told['order'])))
        ->toHaveCount(count($keys));
    $this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        ['device' => 'one', 'acts' => [$act('b', 'done', 'style')]],
    );
    $this->post("/clients/{$head->id}/wash/{$washSession->id}/finish");
    // The style that was made is followed from that day.
    expect(Style::query()->first()->styling)->toBe('twists');
});

it('washes braids as they are until they come down, in the plan and on the wash day', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $detangled = fn (): array => $head->refresh()
        ->planItems()
        ->where('status', 'planned')
        ->get()
        ->mapWithKeys(fn (App\Models\PlanItem $item): array => [
            $item->date->format('Y-m-d') => in_array('detangle', array_column($item->steps, 'kind'), true),
        ])
        ->all();
    expect(array_unique(array_values($detangled())))->toBe([true]);
    $today = $this->salon->today();
    $this->post("/clients/{$head->id}/style", [
        'styling' => 'braids', 'on' => $today->subDays(5)->format('Y-m-d'),
    ])->assertSessionHasNoErrors();
    $down = $today->subDays(5)->addDays(28)->format('Y-m-d');
    foreach ($detangled() as $date => $isDetangled) {
        expect($isDetangled)->toBe($date >= $down, $date);
    }
    $first = $head->planItems()->where('status', 'planned')->firstOrFail();
    expect($first->date->format('Y-m-d') < $down)
        ->toBeTrue()
        ->and(Said::of($first->reasons[0]))->toContain('Washed in the style');
    $this->get("/clients/{$head->id}/plan")->assertSee('Washed in the style');
    $this->get("/clients/{$head->id}/wash")
        ->assertSee('Washed in the style that is worn')
        ->assertSee('along the partings')
        ->assertDontSee(', from the ends upward, held above the knot')
        ->assertDontSee('Styled after about');
    $this->delete("/clients/{$head->id}/style", ['on' => $today->format('Y-m-d')])->assertSessionHasNoErrors();
    expect(array_unique(array_values($detangled())))->toBe([true]);
    $this->get("/clients/{$head->id}/wash")->assertSee('Styled after about')
        ->assertSee(', from the ends upward, held above the knot');
});

it('leaves the styling to the day after where the day is too short, on every screen alike', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $whole = (float) $head->planItems()->where('status', 'planned')->firstOrFail()->minutes;
    $limit = (int) floor($whole);
    // A shorter mask comes first; below that the styling has to wait.
    do {
        $limit -= 3;
        $head->update(['minutes_limit' => $limit]);
        app(App\Bridge\Plans\Outlooks::class)->of($head->refresh());
        $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    } while (! $item->styles_after && $limit > $whole / 2);
    expect($item->styles_after)->toBeTrue()->and($item->minutes)->toBeLessThanOrEqual((float) $limit);
    $this->get("/clients/{$head->id}/plan")->assertSee('Styled on the day after, about ');
    $this->get("/clients/{$head->id}/home-routine")->assertSee(__('home-routine.style-after'));
    $quote = app(App\Bridge\WashDays\WashSessionPlanner::class)->planned(
        $head,
        $item->date,
    );
    expect((int) round($quote->careMinutes()))->toBe((int) round($item->minutes));
    $this->get("/clients/{$head->id}/wash")
        ->assertSee('Styled on the day after, as planned')
        ->assertDontSee('Styled after about');
    // Whoever has the time today chooses how it is styled.
    $this->get("/clients/{$head->id}/wash?styling=coils")
        ->assertSee('Styled after about')
        ->assertSee('Finger coils')
        ->assertDontSee('as planned: this client');
    $this->post("/clients/{$head->id}/wash", ['styling' => 'not-today'])->assertSessionHasNoErrors();
    $washSession = App\Models\WashSession::query()->latest('id')->firstOrFail();
    expect(array_column($washSession->steps(), 'key'))->not->toContain('style')->toContain('section');
    // What is worn is a style; later is none.
    $this->post("/clients/{$head->id}/style", [
        'styling' => 'not-today', 'on' => $this->salon->today()->format('Y-m-d'),
    ])->assertSessionHasErrors('styling');
    $this->get("/clients/{$head->id}/style")->assertDontSee('on the day after');
});

it('is looked at day by day in three taps, and says what refreshing gave', function (): void {
    $head = $this->aHead();
    $day = fn (int $ago): string => now('Europe/Lisbon')->subDays($ago)->format('Y-m-d');
    $page = "/clients/{$head->id}/style";
    $this->actingAs($this->stylist)->post($page, ['styling' => 'rake', 'on' => $day(6)]);
    $this->get($page)->assertSee('How it looks')->assertSee('Looked at on a day and again within two days');
    $look = fn (int $ago, int $a, int $b, int $c): array => [
        'on' => $day($ago), 'definition' => (string) $a, 'frizz' => (string) $b, 'moisture' => (string) $c,
    ];
    $this->put($page, $look(4, 1, 1, 0))->assertSessionHasNoErrors();
    $this->put($page, ['on' => $day(4), 'what' => 'misted'])->assertSessionHasNoErrors();
    $this->put($page, $look(3, 2, 1, 1))->assertSessionHasNoErrors();
    // Looked at again: the later look stands, and what was done stays.
    $this->put($page, $look(3, 2, 2, 1))->assertSessionHasNoErrors();
    $style = Style::query()->sole();
    expect($style->looks[$day(3)])->toBe(['definition' => 2, 'frizz' => 2, 'moisture' => 1])
        ->and($style->log)->toBe([$day(4) => ['misted']]);
    $this->get($page)->assertSee('some definition, some frizz, dry; misted with water')
        ->assertSee('Misted with water: looked better the next time 1 of 1, held 0, worse 0.');
    foreach ([['definition' => '2'], ['definition' => '9', 'frizz' => '1', 'moisture' => '1'],
        ['definition' => 'fine', 'frizz' => '1', 'moisture' => '1']] as $wrong) {
        $this->put($page, ['on' => $day(2)] + $wrong)->assertSessionHasErrors();
    }
    expect(Style::query()->sole()->looks)->toHaveCount(2);
    // Half of a look is none: it says to choose one of each row.
    $this->from($page)->followingRedirects()->put($page, ['on' => $day(2), 'frizz' => '1'])
        ->assertSee('choose one of each row');
    // Days on which it was brought back in any way count as refreshed.
    $this->delete($page, ['on' => $day(1)]);
    expect($head->readings()->where('test', 'style-life')->latest('id')->first()->raw['refreshes'])->toBe(1);
});
