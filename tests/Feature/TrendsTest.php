<?php

declare(strict_types=1);

use App\Bridge\Readings\TestMinutes;
use App\Models\Reading;
use App\Wording\DecisionWords;

it('tells usual from changed beside every sign, in a picture and in a table', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/trends?group=elasticity")->assertOk()
        ->assertSee('wet stretch')
            ->assertSee('usual: on average')
            ->assertSee('Every result')
            ->assertSee('trend-average', false);
    // Six dry readings in a row are no accident.
    foreach (range(1, 6) as $i) {
        $head->readings()->make()->forceFill([
            'key' => "dry-{$i}",
            'salon_id' => $head->salon_id,
            'date' => now()->subDays(7 - $i)->format('Y-m-d'),
            'moment' => 'before-cleansing',
            'test' => 'dryness',
            'raw' => ['points' => 10],
            'by' => 'Ilse',
        ])->save();
    }
    $this->get("/clients/{$head->id}/trends?group=balance")->assertSee('changed: on average');
    $this
        ->get("/clients/{$head->id}/trends?group=scalp")
        ->assertSee('None of these was tested yet')
        ->assertSee('scalp flakes');
    $this->get("/clients/{$head->id}/trends?group=nonsense")->assertOk()->assertSee('broken hairs');
});

it('opens with the first of what was tested, not with an empty page', function (): void {
    $head = $this->aHead();
    $head->readings()->delete();
    $trends = "/clients/{$head->id}/trends";
    $this->actingAs($this->stylist)->get($trends)->assertSee('None of these was tested yet')->assertSee('broken hairs');
    $head->readings()->make()->forceFill([
        'key' => 'only', 'salon_id' => $head->salon_id, 'date' => now()->format('Y-m-d'),
        'moment' => 'before-cleansing', 'test' => 'dryness', 'raw' => ['points' => 4], 'by' => 'Ilse',
    ])->save();
    $this->get($trends)->assertSee('dryness')->assertDontSee('None of these was tested yet');
    $this->get("{$trends}?group=breakage")->assertSee('None of these was tested yet');
    $this->get($trends)->assertSee('None of these was tested yet');
});

it('gives every reading as CSV that a spreadsheet cannot take for formulas', function (): void {
    $head = $this->aHead();
    $head->readings()->make()->forceFill([
        'key' => 'trap', 'salon_id' => $head->salon_id, 'date' => now()->format('Y-m-d'),
        'moment' => 'before-cleansing', 'test' => 'dryness', 'raw' => ['points' => 4], 'by' => '=HYPERLINK("x")',
    ])->save();
    $csv = $this->actingAs($this->stylist)->get("/clients/{$head->id}/trends.csv")->assertOk()->getContent();
    $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''), array_filter(explode("\r\n", $csv)));
    expect($rows[0])->toBe([
        'date', 'sign', 'value', 'unit', 'zone', 'by', 'average', 'lower_limit', 'upper_limit', 'changed',
    ])
        ->and(count($rows))->toBeGreaterThan(80)->and($csv)->toContain("'=HYPERLINK");
    foreach ($rows as $row) {
        expect($row)->toHaveCount(10);
    }
});

it('shows first what is worth reading and keeps the others at hand', function (): void {
    $head = $this->aHead();
    $page = $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/hair-tests")
        ->assertSee('Recommended now')
        ->assertSee('makes the result')
        ->assertSee('more tests');
    $order = $head->outlook->worth['before-cleansing'];
    $worth = array_column($order, 'test');
    // Each takes some of the doubt that the one before left, and all of them six minutes at most.
    expect($worth)->not->toBe([])->toBe(array_unique($worth))
        ->and(array_sum(array_column($order, 'minutes')))->toBeLessThanOrEqual(6.0);
    foreach ($order as $i => $one) {
        expect($one['after'])->toBeLessThanOrEqual($one['before'])
            ->and($one['before'])->toBe($i === 0 ? $one['before'] : $order[$i - 1]['after']);
    }
    $page->assertSeeInOrder(['data-test="' . $worth[0] . '"', 'more-tests'], false);
});

it('learns the minutes a test takes from the chair', function (): void {
    $head = $this->aHead();
    $usual = app(TestMinutes::class)->of($this->salon)['dryness'];
    foreach (range(1, 10) as $i) {
        $this->actingAs($this->stylist)->post(
            "/clients/{$head->id}/hair-tests",
            [
                'date' => now('Europe/Lisbon')->format('Y-m-d'),
                'moment' => 'before-cleansing',
                'raw' => ['dryness' => ['points' => '4']],
                'took' => ['dryness' => '60', 'feel' => 'long', 'x' => '9'],
            ],
        )->assertSessionHasNoErrors();
    }
    expect(Reading::query()->where('seconds', 60)->count())->toBe(10);
    Cache::flush();
    expect(app(TestMinutes::class)->of($this->salon)['dryness'])->toEqualWithDelta((5 * $usual + 10) / 15, 0.01);
});

it('keeps scalp, wetting and a weighed shed ball as readings that leave the balance alone', function (): void {
    $head = $this->aHead();
    $standing = $head->outlook->standing;
    $scalp = array_fill_keys(
        array_map(fn ($zone): string => "flakes_{$zone->value}", Nagomi\Core\Head\Zone::cases()),
        '2',
    ) + ['itch' => '3', 'oil' => '2', 'redness' => '1', 'soreness' => '0'];
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", ['date' => now('Europe/Lisbon')->format('Y-m-d'), 'moment' => 'before-cleansing', 'zone' => 'crown', 'raw' => [
        'scalp' => $scalp,
        'wetting' => ['seconds' => '120', 'soak' => '0', 'slide' => '1'],
        'shed-ball' => ['mass_g' => '0,9', 'length_mm' => '300', 'diameter_um' => '60', 'days_since_detangled' => '7'],
    ]])->assertSessionHasNoErrors();
    $this
        ->get("/clients/{$head->id}/history/{$head->visits()->reorder()->latest('id')->first()->id}")
        ->assertSee('scalp flakes')
        ->assertSee('shed hairs');
    foreach ($head->outlook()->first()->standing as $s => $stratum) {
        expect($stratum['moisture'])->toBe($standing[$s]['moisture']);
    }
    $this->get("/clients/{$head->id}/trends?group=scalp")->assertSee('scalp flakes');
    $this->post(
        "/clients/{$head->id}/hair-tests",
        [
            'date' => now('Europe/Lisbon')->format('Y-m-d'),
            'moment' => 'before-cleansing',
            'raw' => ['curl' => ['curled_mm' => '300', 'stretched_mm' => '200']],
        ],
    )->assertSessionHasErrors('raw.curl.curled_mm');
});

it('says what is overdue and what the plan hinges on, besides what narrows most', function (): void {
    $head = $this->aHead();
    $steps = collect($head->outlook->worth['before-cleansing'])->keyBy('test');
    $page = $this->actingAs($this->stylist)->get("/clients/{$head->id}/hair-tests");
    $look = $head
        ->planItems()
        ->where('status', 'planned')
        ->where('look', true)
        ->where('date', '<=', now()->addDays(28)->format('Y-m-d'))
        ->first();
    $decides = $steps->first(fn (array $step): bool => isset($step['decides']))['decides'] ?? null;
    expect($steps->contains(fn (array $step): bool => isset($step['hinges'])))
        ->toBe($look !== null && $decides === null);
    if ($decides !== null) {
        $page->assertSee('times in 100 this changes the wash planned for');
    } elseif ($look !== null) {
        $page->assertSee('This decides');
    }
    // Three lengths a month apart, then none for three months.
    foreach ([150, 120, 90] as $ago) {
        $head->readings()->make()->forceFill([
            'key' => "length-{$ago}", 'salon_id' => $head->salon_id, 'date' => now()->subDays($ago)->format('Y-m-d'),
            'moment' => 'before-cleansing', 'test' => 'density', 'raw' => ['tie_mm' => 80, 'parting' => 1],
            'by' => 'Ilse',
        ])->save();
    }
    app(App\Bridge\Plans\Outlooks::class)->of($head);
    $this
        ->get("/clients/{$head->id}/hair-tests")
        ->assertSee('Overdue: last taken 90 days ago, usually every 30.')
        ->assertSee('followed from visit to visit');
    expect(array_sum(array_column(
        $head->outlook()->first()->worth['before-cleansing'],
        'minutes',
    )))->toBeLessThanOrEqual(6.01);
});

it('follows wear as it is worked out, with its doubt, beside the signs that speak of it', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $page = $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/trends?group=wear")
        ->assertOk()
        ->assertSee('wear, calculated')
        ->assertSee('of 100')
        ->assertSee('Of wear the band is how far it may be off');
    $last = $head->days()->where('was_read', true)->orderByDesc('date')->first();
    expect(substr_count((string) $page->getContent(), 'trend-dot'))
        ->toBeGreaterThanOrEqual($head->days()->where('was_read', true)->count())
        ->and($last)->not
        ->toBeNull();
});

it('says in what a test may change the next wash day', function (): void {
    $decides = ['on' => '2027-01-12', 'share' => 0.228, 'changes' => [
        ['what' => 'protein', 'from' => 'strong-protein', 'to' => 'mild-protein'],
        ['what' => 'mask', 'from' => 'mask', 'to' => null], ['what' => 'cleanse', 'from' => null, 'to' => 'clarifying'],
    ]];
    expect(DecisionWords::of($decides))->toBe(
        'About 23 times in 100 this changes the wash planned for 12 Jan: mild protein instead of strong protein, '
        . 'no mask, clarifying cleanse as well.',
    );
    app()->setLocale('es');
    expect(DecisionWords::of($decides))->toBe(
        'Unas 23 veces de cada 100 esto cambia el lavado previsto para el 12 ene: proteína suave en vez de proteína '
        . 'fuerte, sin mascarilla, también lavado profundo.',
    );
});
