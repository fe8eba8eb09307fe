<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\Product;
use App\Models\Reading;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** A wash day begun for a head. */
function begun(object $test, Head $head, array $with = []): WashSession
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/wash", $with)->assertSessionHasNoErrors();

    return WashSession::query()->latest('id')->firstOrFail();
}

/** One tap, so many minutes after the begin. */
function tapped(string $kind, string $step, float $minutes, array $value = [], ?string $key = null): array
{
    return [
        'key' => $key ?? (string) Str::uuid(),
        'kind' => $kind,
        'step' => $step,
        'value' => $value,
        'at' => CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addSeconds((int) round(60 * $minutes))->format('c'),
    ];
}

it('lays the next wash day out with products, doses and an honest finish', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        '/products',
        [
            'name' => 'Quiet shampoo',
            'kind' => 'shampoo',
            'ingredients' => 'Aqua, Decyl Glucoside, Glycerin',
            'size_ml' => '500',
            'pump_ml' => '2',
        ],
    );
    $this
        ->get("/clients/{$head->id}/wash")
        ->assertOk()
        ->assertSee('Styled after about')
        ->assertSee('done in about')
        ->assertSee('usually ')
        ->assertSee('Wet thoroughly')
        ->assertSee('inner wrist')
        ->assertSee('the finish depends on it');
    $this->get("/clients/{$head->id}/wash?limit=90")->assertSee('To fit 90 minutes:')->assertSee('costs');
    $this->get("/clients/{$head->id}/wash?limit=12")->assertSee('It does not fit into 12 minutes.');
    foreach (['900', '-5', 'soon'] as $wrong) {
        $this
            ->from("/clients/{$head->id}")
            ->get("/clients/{$head->id}/wash?limit={$wrong}")
            ->assertSessionHasErrors('limit');
    }
});

it('runs a whole wash day and puts what was really done into the book', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        '/products',
        ['name' => 'Deep mask', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol, Glycerin', 'size_ml' => '500'],
    );
    $washSession = begun($this, $head, ['drying' => 'hood']);
    $before = $head->outlook()->first()->standing;
    $days = $head->washDays()->count();
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $this->get($url)->assertOk()->assertSee('Processing');

    // Each step takes its planned hands and a minute more; what waits is waited for.
    $acts = [];
    $minutes = 0.0;
    $due = 0.0;
    foreach ($washSession->steps() as $step) {
        $minutes = max($minutes, $step['beside'] ? 0.0 : $due) + $step['hands_on_minutes'] + 1;
        $due = $step['waiting_minutes'] > 0 ? max($due, $minutes + $step['waiting_minutes']) : $due;
        $acts[] = tapped('done', $step['key'], $minutes);
        if ($step['key'] === 'detangle') {
            $detangled = $step['hands_on_minutes'] + 1;
            $acts[] = tapped('note', 'detangle', $minutes, ['note' => 'knot']);
        }
        if (in_array($step['key'], ['cleanse', 'cleanse-1'], true)) {
            $acts[] = tapped('note', $step['key'], $minutes, ['note' => 'no-foam']);
        }
        if ($step['key'] === 'mask') {
            $acts[] = tapped('amount', 'mask', $minutes, ['ml' => 33]);
        }
    }
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes((int) $minutes + 1));
    $this
        ->postJson("{$url}/acts", ['device' => 'one', 'acts' => $acts])
        ->assertOk()
        ->assertJsonPath('steps.ready.status', 'done')
        ->assertJsonPath('refused', []);
    $this->post("{$url}/finish")->assertRedirect($url);
    $washSession->refresh();
    $day = $head->washDays()->where('key', $washSession->wash_day)->with('steps')->firstOrFail();
    $booked = $day->steps->keyBy('kind');
    $planned = collect($washSession->steps())->keyBy('key');
    expect($head->washDays()->count())->toBe($days + 1)->and($day->place)->toBe('salon')
        ->and($booked->keys()->all())->toEqualCanonicalizing(collect($washSession->steps())
            ->pluck('books')
            ->filter()
            ->pluck('kind')
            ->all())
        ->and((float) $booked['detangle']->minutes)->toEqualWithDelta($detangled, 0.1);
    if ($booked->has('mask')) {
        // The mask stayed on at least as long as it should, and no longer than the detangling under it took.
        expect((float) $booked['mask']->minutes)->toBeGreaterThanOrEqual($planned['mask']['waiting_minutes'] - 0.1)
            ->toBeLessThanOrEqual(max($planned['mask']['waiting_minutes'], $detangled) + 0.1)
            ->and($booked['mask']->product)->toBe('Deep mask');
        expect(Product::query()->where('name', 'Deep mask')->first()->left_ml)->toBe(467.0);
    }
    // What came for free went to the hair tests.
    $reading = Reading::query()->where('visit', $washSession->visit)->firstOrFail();
    expect($head->readings()->where('date', '2027-01-09')->pluck('moment', 'test')->all())->toEqual([
        'wet-through' => 'before-cleansing',
        'lather' => 'before-cleansing',
        'detangling' => 'after-cleansing',
    ]);
    expect($reading->test)
        ->toBe('detangling')
        ->and($reading->raw['knots_cut'])
        ->toBe(1)
        ->and($reading->raw['minutes'])
        ->toEqualWithDelta($detangled, 0.1);
    expect($head->outlook()->first()->standing)->not
        ->toEqual($before)
        ->and($washSession->outcome['after'])
        ->toEqual($head->outlook()->first()->standing)
        ->and($washSession->outcome['actual_minutes'])->toBeGreaterThan(60.0);
    $this->get($url)->assertSee('What it did')->assertSee('planned')->assertSee('How we got here');
    $this->get("/clients/{$head->id}/wash")->assertSee('How well the last wash day was estimated');
    // A second ending changes nothing.
    $this->post("{$url}/finish");
    expect($head->washDays()->count())->toBe($days + 1);
    $this->postJson(
        "{$url}/acts",
        ['device' => 'one', 'acts' => [tapped('skip', 'mask', 1)]],
    )->assertJsonPath('finished', true);
});

it('counts every tap once, and refuses the second of two tablets in words', function (): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $url = "/clients/{$head->id}/wash/{$washSession->id}/acts";
    $done = tapped('done', 'ready', 5);
    $this->postJson(
        $url,
        ['device' => 'one', 'acts' => [$done, tapped('section', 'section', 6, ['section' => 0])]],
    )->assertOk();
    $told = $this->postJson($url, ['device' => 'one', 'acts' => [$done]])->assertOk()->json();
    expect($told['answers'])->toBe([['key' => $done['key'], 'answer' => 'already-taken', 'sentence' => null]])
        ->and($told['steps']['section']['sections'])->toBe([0]);
    $told = $this->postJson($url, ['device' => 'two', 'acts' => [tapped('skip', 'ready', 7)]])->json();
    expect($told['refused'])
        ->toHaveCount(1)
        ->and($told['refused'][0]['says'])
        ->toStartWith('Already done by Ilse')
        ->and($told['steps']['ready']['status'])
        ->toBe('done');
    // The same tablet may think better of it.
    expect($this->postJson(
        $url,
        ['device' => 'one', 'acts' => [tapped('back', 'ready', 8)]],
    )->json('steps.ready.status'))->toBe('open');
});

it('keeps what a second shampoo, a skipped step and a wrong clock did', function (): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $cleanse = collect($washSession->steps())->first(
        fn (array $step): bool => str_starts_with($step['key'], 'cleanse'),
    )['key'];
    $this->postJson("{$url}/acts", ['device' => 'one', 'acts' => [
        tapped('done', $cleanse, 5), tapped('repeat', $cleanse, 5), tapped('done', $cleanse, 9),
        tapped('skip', 'leave-in', 10),
        ['at' => '1999-01-01T00:00:00Z'] + tapped('done', 'ready', 0),
        tapped('done', 'no-such-step', 3),
        tapped('dance', 'ready', 3),
    ]])->assertOk();
    $this->post("{$url}/finish");
    $steps = $head->washDays()->where('key', $washSession->refresh()->wash_day)->firstOrFail()->steps;
    expect($steps->pluck('kind')->all())
        ->toBe(['cleanse'])
        ->and($steps[0]->passes)
        ->toBe(collect($washSession->steps())->firstWhere('key', $cleanse)['books']['passes'] ?? 1 + 1);
});

it('ends without a booking where nothing was done, and can be broken off', function (): void {
    $head = $this->aHead();
    $days = $head->washDays()->count();
    $washSession = begun($this, $head);
    $this->post("/clients/{$head->id}/wash/{$washSession->id}/finish")->assertRedirect();
    expect($head->washDays()->count())->toBe($days)->and($washSession->refresh()->wash_day)->toBeNull();
    $this->get("/clients/{$head->id}/wash/{$washSession->id}")->assertSee('Nothing was done');
    $other = begun($this, $head);
    $this->get("/clients/{$head->id}/wash")->assertSee('Go on with the one that runs');
    $this->delete("/clients/{$head->id}/wash/{$other->id}")->assertRedirect("/clients/{$head->id}/wash");
    expect(WashSession::query()->whereKey($other->id)->exists())->toBeFalse();
});

it('is not there for another salon, nor under another head', function (): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $two = $this->aHead('protein-sensitive');
    $this->get("/clients/{$two->id}/wash/{$washSession->id}")->assertNotFound();
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other);
    foreach ([['get', ''], ['post', '/finish'], ['delete', '']] as [$method, $path]) {
        $this->{$method}("/clients/{$head->id}/wash/{$washSession->id}{$path}")->assertNotFound();
    }
    // Taps are answered for, in the same words as where there is no such client at all.
    $acts = ['acts' => [tapped('done', 'ready', 1)]];
    $nowhere = $this->postJson('/clients/none/wash/none/acts', $acts)->assertOk()->json();
    expect($this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        $acts,
    )->assertOk()->json('answers.0.sentence'))
        ->toBe($nowhere['answers'][0]['sentence'])
        ->and($washSession->acts()->count())->toBe(0);
});

it('says which tap cannot be read, and takes the others', function (array $act, ?string $sentence = null): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $good = tapped('done', 'ready', 2);
    $odd = $act + tapped('amount', 'mask', 1);
    $told = $this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        ['device' => 'one', 'acts' => [$odd, $good]],
    )->assertOk()->json();
    $hasKey = $odd['key'] !== '' && is_string($odd['key']);
    expect($told['answers'])->toBe([
        [
            'key' => $hasKey ? $odd['key'] : null, 'answer' => 'unreadable',
            'sentence' => $sentence ?? 'This could not be read. Do it again on the page as it is now.',
        ],
        ['key' => $good['key'], 'answer' => 'taken', 'sentence' => null],
    ])->and($told['steps']['ready']['status'])->toBe('done')->and($told['steps']['mask']['ml'])->toBeNull();
})->with([
    'less than nothing' => [['value' => ['ml' => -4]], 'Amount: 0 to 1000 mL.'],
    'a word for a number' => [['value' => ['ml' => 'much']], 'Amount: 0 to 1000 mL.'],
    'no section' => [
        ['kind' => 'section', 'value' => ['section' => 99]],
        'This section is not on the head; tap it again.',
    ],
    'half a section' => [
        ['kind' => 'section', 'value' => ['section' => 1.5]],
        'This section is not on the head; tap it again.',
    ],
    'no note' => [['kind' => 'note', 'value' => []], 'This note could not be read; tap it again.'],
    'no key' => [['key' => '']],
    'a list for a key' => [['key' => ['a']]],
    'a long step' => [['step' => str_repeat('x', 99)]],
    'another kind' => [['kind' => 'dance']],
    'no value' => [['value' => 'ml'], 'Amount: 0 to 1000 mL.'],
]);

it('answers for a tap that came after the end, the breaking off, or the client was erased', function (): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:30', 'UTC'));
    $this->post("{$url}/finish");
    $late = tapped('done', 'ready', 5);
    foreach ([1, 2] as $time) {
        expect($this->postJson("{$url}/acts", ['acts' => [$late]])->assertOk()->json('answers.0'))->toMatchArray([
            'answer' => 'refused',
            'sentence' => 'The wash day was ended at 10:30, before this came. If it matters, remove that day under Wash '
                . 'days and enter it again.',
        ]);
    }
    expect($washSession->acts()->sole()->refused)->not->toBeNull();
    // Whoever looks at the wash day sees what came too late.
    $this->get($url)->assertSee('came after the wash day was finished')->assertSee('done at 10:05, by Ilse');
    $other = begun($this, $head);
    $this->delete("/clients/{$head->id}/wash/{$other->id}");
    $gone = "/clients/{$head->id}/wash/{$other->id}/acts";
    expect($this->postJson($gone, ['acts' => [$late, []]])->assertOk()->json('answers.*.sentence'))->toBe([
        'This wash day was stopped, so this is not saved.',
        'This could not be read. Do it again on the page as it is now.',
    ]);
    $head->delete();
    expect($this->postJson($gone, ['acts' => [$late]])->assertOk()->json('answers.0.sentence'))
        ->toBe('This client is no longer in the salon, so this cannot be saved.');
});

it('knows when a tap was made, whatever the tablet’s clock says', function (array $sent, string $expected): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $this->travelTo(CarbonImmutable::parse('2027-01-09 11:00', 'UTC'));
    $this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        ['acts' => [$sent + tapped('done', 'ready', 0)], 'sent_at' => $sent['sent_at'] ?? null],
    )->assertJsonPath('answers.0.answer', 'taken');
    expect($washSession->acts()->sole()->acted_at->format('H:i:s'))->toBe($expected);
})->with([
    'three hours ahead, measured' => [['at' => '2027-01-09T13:20:00.000Z', 'offset_ms' => -10_800_000], '10:20:00'],
    'thirteen hours behind, measured' => [['at' => '2027-01-08T21:20:00.000Z', 'offset_ms' => 46_800_000], '10:20:00'],
    'in another zone' => [['at' => '2027-01-09T23:20:00.000+13:00', 'offset_ms' => 0], '10:20:00'],
    'never measured and ahead: when it came' => [['at' => '2027-01-09T13:20:00.000Z'], '11:00:00'],
    'never measured and behind: not before the begin' => [['at' => '2027-01-09T07:20:00.000Z'], '10:00:00'],
    'never measured, and says when it sends: three hours ahead' => [
        ['at' => '2027-01-09T13:20:00.000Z', 'sent_at' => '2027-01-09T14:00:00.000Z'], '10:20:00',
    ],
    'never measured, and says when it sends: thirteen hours behind' => [
        ['at' => '2027-01-08T21:20:00.000Z', 'sent_at' => '2027-01-08T22:00:00.000Z'], '10:20:00',
    ],
    'measured, whatever it says of when it sends' => [
        ['at' => '2027-01-09T10:20:00.000Z', 'offset_ms' => 0, 'sent_at' => '2027-01-09T20:00:00.000Z'], '10:20:00',
    ],
    'a time of sending that is none' => [
        ['at' => '2027-01-09T10:20:00.000Z', 'sent_at' => 'soon'], '10:20:00',
    ],
    'an offset that is none' => [['at' => '2027-01-09T10:20:00.000Z', 'offset_ms' => 'much'], '10:20:00'],
    'no time' => [['at' => 'now'], '11:00:00'],
    'a time of nowhere' => [['at' => '2027-01-09T10:20:00'], '11:00:00'],
    'the year 1970' => [['at' => '1970-01-01T00:00:10.000Z'], '11:00:00'],
]);

it('counts minutes over midnight and over both changes of the clock, and books the day it began on', function (
    string $began,
    string $day,
): void {
    $this->travelTo(CarbonImmutable::parse($began, 'UTC'));
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $start = CarbonImmutable::parse($began, 'UTC');
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $steps = array_column($washSession->steps(), 'key');
    $acts = [];
    foreach ($steps as $i => $key) {
        // A tablet set to the hour of summer, or of another country, says the same moment in its own way.
        $zone = ['UTC', 'Europe/Lisbon', 'Pacific/Auckland'][$i % 3];
        $acts[] = ['at' => $start->addMinutes(10 * ($i + 1))->setTimezone($zone)->format('Y-m-d\TH:i:s.vP')]
            + tapped('done', $key, 0);
    }
    $this->travelTo($start->addMinutes(10 * count($steps) + 1));
    $told = $this->postJson("{$url}/acts", ['device' => 'one', 'acts' => $acts])->assertOk()->json();
    expect(array_unique(array_column($told['answers'], 'answer')))->toBe(['taken']);
    $this->post(
        "{$url}/finish",
        ['minutes' => ['detangle' => '10', 'mask' => '20', 'cleanse' => '5', 'pre-wash' => '10']],
    );
    $washSession->refresh();
    $client = collect($washSession->steps())->reject(fn (array $step): bool => $step['after_client'])->count();
    expect($washSession->outcome['actual_minutes'])->toEqual(10.0 * $client)
        ->and($head->washDays()->where('key', $washSession->wash_day)->sole()->date->format('Y-m-d'))->toBe($day)
        ->and(array_unique(array_column(array_filter(
            $washSession->outcome['steps'],
            fn (array $step): bool => ! in_array($step['key'], $steps, true) || $step['actual'] > 10.01,
        ), 'key')))->toBe([]);
})->with([
    'over midnight' => ['2027-01-09 22:50', '2027-01-09'],
    'over the change to summer time' => ['2027-03-28 00:20', '2027-03-28'],
    'over the change back' => ['2027-10-31 00:20', '2027-10-31'],
    'over midnight into the change' => ['2027-10-30 22:40', '2027-10-30'],
]);

it('takes five hundred taps of one device in, each once, in the order they were made', function (): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $url = "/clients/{$head->id}/wash/{$washSession->id}/acts";
    $this->travelTo(CarbonImmutable::parse('2027-01-09 13:00', 'UTC'));
    $acts = array_map(
        fn (int $i): array => tapped('note', 'detangle', $i / 10, ['note' => 'knot'], "tap-{$i}"),
        range(1, 500),
    );
    foreach (array_chunk($acts, 100) as $batch) {
        $this->postJson($url, ['device' => 'one', 'acts' => $batch])->assertJsonCount(100, 'answers');
    }
    // An answer was lost: the last batch comes once more.
    $told = $this->postJson($url, ['device' => 'one', 'acts' => array_slice($acts, 400)])->json();
    expect(array_unique(array_column($told['answers'], 'answer')))->toBe(['already-taken'])
        ->and($told['steps']['detangle']['notes']['knot'])->toBe(500)
        ->and($washSession->acts()->pluck('key')->all())->toBe(array_column($acts, 'key'));
});

it('does not book a mask for longer than it can have been on', function (float $minutesLater, ?float $expected): void {
    $head = $this->aHead();
    $washSession = begun($this, $head);
    $mask = collect($washSession->steps())->firstWhere('key', 'mask');
    expect($mask)->not->toBeNull();
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:05', 'UTC'));
    $this->postJson(
        "/clients/{$head->id}/wash/{$washSession->id}/acts",
        ['device' => 'one', 'acts' => [tapped('done', 'mask', 5), tapped('skip', 'rinse-1', 5)]],
    )->assertOk();
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:05', 'UTC')->addSeconds((int) (60 * $minutesLater)));
    $ended = $this->post("/clients/{$head->id}/wash/{$washSession->id}/finish");
    if ($expected !== null) {
        // Two minutes for a mask are asked about before they are noted.
        $ended->assertSessionHas('doubtful');
        expect($washSession->refresh()->finished_at)->toBeNull();
        $this
            ->get("/clients/{$head->id}/wash/{$washSession->id}")
            ->assertSee('did these really take so long')
            ->assertSee('tapped 2');
        $this->post(
            "/clients/{$head->id}/wash/{$washSession->id}/finish",
            ['minutes' => ['mask' => 'two']],
        )->assertSessionHasErrors('minutes.mask');
        $this->post(
            "/clients/{$head->id}/wash/{$washSession->id}/finish",
            ['minutes' => ['mask' => (string) $expected]],
        );
    }
    $booked = $head
        ->washDays()
        ->where('key', $washSession->refresh()->wash_day)
        ->firstOrFail()->steps
        ->firstWhere('kind', 'mask');
    expect((float) $booked->minutes)->toEqualWithDelta($expected ?? (float) $mask['waiting_minutes'], 0.1);
})->with(['ended after two minutes' => [2.0, 2.0], 'ended hours later: as long as planned' => [200.0, null]]);

it('asks for a pre-wash of the evening before, and notes it as that', function (): void {
    $head = $this->aHead();
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $steps = array_values(array_filter($item->steps, fn (array $step): bool => $step['kind'] !== 'pre-wash'));
    $item->update(['steps' => [
        ['kind' => 'pre-wash', 'how' => 'oil', 'minutes' => 20, 'evening_before' => true],
        ...$steps,
    ]]);
    $washSession = begun($this, $head);
    $keys = array_column($washSession->steps(), 'key');
    expect($keys)->toContain('pre-wash-before')->not->toContain('pre-wash');
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $this->get($url)->assertSee('Pre-wash oil, put on the evening before');
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:40', 'UTC'));
    $this->postJson("{$url}/acts", ['device' => 'one', 'acts' => [
        tapped('done', 'pre-wash-before', 1), tapped('done', 'leave-in', 30),
    ]])->assertOk()->assertJsonPath('refused', []);
    $this->post("{$url}/finish")->assertSessionMissing('doubtful');
    $booked = $head
        ->washDays()
        ->where('key', $washSession->refresh()->wash_day)
        ->firstOrFail()->steps
        ->firstWhere('kind', 'pre-wash');
    expect($booked->evening_before)->toBeTrue()->and($booked->minutes)->toBeNull();
    $record = $this->get("/clients/{$head->id}/record.json")->assertOk()->getContent();
    expect(str_replace(' ', '', $record))->toContain('"evening_before":true');
});
