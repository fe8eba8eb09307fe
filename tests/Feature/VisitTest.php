<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\TestDraft;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

function sitting(array $with = []): array
{
    return $with + [
        'date' => now('Europe/Lisbon')->format('Y-m-d'),
        'moment' => 'before-cleansing',
        'visit' => strtolower((string) Str::ulid()),
        'raw' => ['dryness' => ['points' => '7'], 'feel' => ['points' => '-3']],
    ];
}

function latest(Head $head): Visit
{
    return $head->visits()->reorder()->latest('id')->firstOrFail();
}

it('takes a visit in once, however often it is sent', function (): void {
    $head = $this->aHead();
    $count = $head->readings()->count();
    $sitting = sitting();
    $first = $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/hair-tests", $sitting)
        ->assertCreated()
        ->json('told');
    $standing = $head->outlook()->first()->standing;
    expect($this->postJson("/clients/{$head->id}/hair-tests", $sitting)->assertCreated()->json('told'))->toBe($first);
    $this->post("/clients/{$head->id}/hair-tests", $sitting)->assertRedirect($first);
    expect($head->readings()->count())
        ->toBe($count + 2)
        ->and($head->outlook()->first()->standing)
        ->toEqual($standing)
        ->and(Visit::query()->find($sitting['visit'])->accounts()->count())
        ->toBe(1);
});

it('answers a visit sent from a tablet with what is wrong, and saves nothing', function (): void {
    $head = $this->aHead();
    $count = $head->readings()->count();
    $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/hair-tests", sitting(['raw' => ['dryness' => ['points' => '70']]]))
        ->assertUnprocessable()
        ->assertJsonValidationErrors('raw.dryness.points');
    $this
        ->postJson("/clients/{$head->id}/hair-tests", sitting(['visit' => 'not-a-key']))
        ->assertUnprocessable()
        ->assertJsonValidationErrors('visit');
    expect($head->readings()->count())->toBe($count);
});

it('does not take another head’s visit for its own', function (): void {
    $one = $this->aHead();
    $two = $this->aHead('protein-sensitive');
    $sitting = sitting();
    $this->actingAs($this->stylist)->post("/clients/{$one->id}/hair-tests", $sitting);
    $count = $two->readings()->count();
    $this->post("/clients/{$two->id}/hair-tests", $sitting)->assertSessionHasErrors('visit');
    expect($two->readings()->count())->toBe($count);
    $this->get("/clients/{$two->id}/history/{$sitting['visit']}")->assertNotFound();
});

it('keeps what a visit said before, when it is corrected', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", sitting());
    $visit = latest($head);
    $said = $visit->accounts()->first()->account;
    $edit = "/clients/{$head->id}/history/{$visit->id}";
    $this
        ->get("{$edit}/correct")
        ->assertSee('Correct a visit')
        ->assertSee('name="raw[dryness][points]" value="7"  checked', false);

    $this
        ->from("{$edit}/correct")
        ->put($edit, sitting(['raw' => ['dryness' => ['points' => '3']]]))
        ->assertSessionHasErrors('because');
    $yesterday = now('Europe/Lisbon')->subDay()->format('Y-m-d');
    $this->put(
        $edit,
        sitting([
            'date' => $yesterday,
            'because' => 'Read off the wrong line',
            'raw' => ['dryness' => ['points' => '3'], 'lather' => ['points' => '4']],
        ]),
    )->assertRedirect($edit);
    $readings = $visit->readings()->get();
    expect($readings->pluck('raw', 'test')->all())->toEqual(['dryness' => ['points' => 3], 'lather' => ['points' => 4]])
        ->and($readings->every(fn ($reading): bool => $reading->date->format('Y-m-d') === $yesterday))->toBeTrue();
    [$first, $second] = $visit->accounts()->get()->all();
    expect($first->account)->toEqual($said)->and($second->because)->toBe('Read off the wrong line')
        ->and($second->account['after'][0]['moisture'][0])->toBeGreaterThan($said['after'][0]['moisture'][0])
        // Without the visit at all the head stood where it stood before it was taken.
        ->and($second->account['before'])->toEqual($said['before'])
        ->and($second->account['after'])->toEqual($head->outlook()->first()->standing);
    $this->get($edit)->assertSee('Read off the wrong line')->assertSee('What was said on');
    $this->get("/clients/{$head->id}/history")->assertSee('corrected once');
});

it('undoes a visit and still shows what it said', function (): void {
    $head = $this->aHead();
    $before = $head->outlook->standing;
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", sitting());
    $visit = latest($head);
    $page = "/clients/{$head->id}/history/{$visit->id}";
    $this->delete($page)->assertSessionHas('said', 'Undone: the results of that visit are removed.');
    expect($head->outlook()->first()->standing)->toEqual($before)->and($visit->readings()->count())->toBe(0);
    $this->get($page)->assertSee('This visit was undone')->assertSee('dryness')->assertDontSee('Correct this visit');
    $this->delete($page)->assertSessionHas('said', 'That visit was undone before.');
    $this->put($page, sitting(['because' => 'late']))->assertUnprocessable();
});

it('shows what a visit from an imported record tells, and lets it be corrected', function (): void {
    $head = $this->aHead();
    $visit = $head->visits()->where('moment', 'before-cleansing')->firstOrFail();
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/history/{$visit->id}")
        ->assertOk()
        ->assertSee('before these tests')
        ->assertSee('expected that day');
    expect($visit->accounts()->count())->toBe(0);
    $this->get("/clients/{$head->id}/history/{$visit->id}/correct")->assertOk()->assertSee('wet-stretch', false);
});

it('notes why a test was left out, and says so the next time', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/hair-tests",
        sitting([
            'skip' => [
                'wet-stretch' => 'no-time',
                'dryness' => 'no-time',
                'mood' => 'no-time',
                'broken-hairs' => 'because I say so',
            ],
        ]),
    );
    // What was read was not left out, and what is no test or no reason is not noted.
    expect(latest($head)->skipped)->toBe(['wet-stretch' => 'no-time']);
    $this->get("/clients/{$head->id}/history/" . latest($head)->id)->assertSee('Skipped: wet stretch (no time today)');
    $this->get("/clients/{$head->id}/hair-tests")->assertSee('Skipped last time: no time today');
});

it('tells at once what is on the form, and stores nothing of it but the draft', function (): void {
    $head = $this->aHead();
    $count = $head->readings()->count();
    $standing = $head->outlook->standing;
    $told = $this->actingAs($this->stylist)->putJson(
        "/clients/{$head->id}/hair-tests/draft",
        sitting([
            'raw' => [
                'dryness' => ['points' => '7'],
                'length' => ['length_mm' => '310'],
                'wet-stretch' => ['hairs' => [['rest_mm' => '100', 'stretched_mm' => '', 'returned_mm' => '']]],
            ],
        ]),
    )->assertOk();
    expect($told->json('tests.length'))->toContain('It moved neither moisture nor protein.');
    expect($told->json('tests.dryness'))->not->toContain('moved neither')
        ->and($told->json('tests.dryness'))
        ->toContain('of 10 dryness')
        ->toContain('expected')
        ->toContain('last time')
        ->toContain('moves moisture −')
        ->and($told->json('tests'))->not->toHaveKey('wet-stretch')
        ->and($told->json('balance'))->toContain('before')->toContain('now')->toContain(' %');
    expect($head->readings()->count())->toBe($count)->and($head->outlook()->first()->standing)->toEqual($standing);
    // The draft is there on another tablet, for her alone.
    $this->get("/clients/{$head->id}/hair-tests")->assertSee(
        'raw[wet-stretch][hairs][0][rest_mm]&quot;:&quot;100',
        false,
    );
    [, $other] = $this->salonWithStylist('other@test.example');
    $other->update(['salon_id' => $this->salon->id]);
    $this->actingAs($other->fresh())->get("/clients/{$head->id}/hair-tests")->assertDontSee('data-kept', false);
});

it('throws a draft away when it is emptied, when its visit is taken in, and when it comes too late', function (): void {
    $head = $this->aHead();
    $sitting = sitting();
    $draft = fn (array $of) => $this
        ->actingAs($this->stylist)
        ->putJson("/clients/{$head->id}/hair-tests/draft", $of)
        ->assertOk();
    $draft($sitting);
    expect(TestDraft::query()->count())->toBe(1);
    $draft(sitting([
        'raw' => ['dryness' => ['points' => ''], 'wet-stretch' => ['hairs' => [['snapped' => '0']]]],
        'unit' => ['length' => 'in'],
    ]));
    expect(TestDraft::query()->count())->toBe(0);
    $draft($sitting);
    $this->post("/clients/{$head->id}/hair-tests", $sitting);
    expect(TestDraft::query()->count())->toBe(0);
    $draft($sitting);
    expect(TestDraft::query()->count())->toBe(0);
    $draft(sitting());
    $this->deleteJson("/clients/{$head->id}/hair-tests/draft/before-cleansing")->assertNoContent();
    expect(TestDraft::query()->count())->toBe(0);
});

it('merges what is typed on two tablets field by field, into one visit', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $draft = fn (array $raw, int $base, array $changed): array => $this->putJson(
        "/clients/{$head->id}/hair-tests/draft",
        sitting(['raw' => $raw]) + ['base' => $base, 'changed' => $changed],
    )->assertOk()->json();
    $dryness = fn (string $points): array => ['dryness' => ['points' => $points]];
    $feel = fn (string $points): array => ['feel' => ['points' => $points]];
    $one = $draft($dryness('7'), 0, ['raw[dryness][points]']);
    expect($one)->toMatchArray(['revision' => 1, 'theirs' => [], 'taken' => null]);
    // The other tablet has not heard of it and types something else.
    $two = $draft($feel('-2'), 0, ['raw[feel][points]']);
    expect($two)->toMatchArray(
        ['revision' => 2, 'theirs' => ['raw[dryness][points]' => '7'], 'visit' => $one['visit']],
    );
    // The first asks only whether anything came.
    expect($draft($dryness('7'), 1, []))
        ->toMatchArray(['revision' => 2, 'theirs' => ['raw[feel][points]' => '-2']])
        ->not->toHaveKey('tests');
    // Emptied on one, it is emptied on the other; typed by both, the later counts.
    $draft($feel('-2'), 2, ['raw[dryness][points]']);
    $last = $draft($dryness('7') + $feel('3'), 2, ['raw[feel][points]']);
    expect($last['theirs'])->toBe(['raw[dryness][points]' => ''])
        ->and(TestDraft::query()->sole()->fields)->toMatchArray(['raw[feel][points]' => '3'])
        ->not->toHaveKey('raw[dryness][points]');
    // Taken in on the one, it is taken in on both.
    $visit = ['visit' => $last['visit']] + sitting(['raw' => $feel('3')]);
    $to = $this->postJson("/clients/{$head->id}/hair-tests", $visit)->assertCreated()->json('told');
    $again = $this->putJson(
        "/clients/{$head->id}/hair-tests/draft",
        $visit + ['base' => 3, 'changed' => []],
    )->assertOk()->json();
    expect($again['taken'])->toBe($to)->and(TestDraft::query()->count())->toBe(0);
});

it('takes visits in as acts, each with its answer', function (): void {
    $head = $this->aHead();
    $visits = Visit::query()->count();
    $this->actingAs($this->stylist);
    $acts = "/clients/{$head->id}/hair-tests/acts";
    $act = fn (string $key, array $form): array => [
        'key' => $key, 'kind' => 'visit', 'form' => http_build_query($form),
    ];
    $good = sitting(['raw' => ['dryness' => ['points' => '7']]]);
    $wrong = ['visit' => strtolower((string) Str::ulid())] + sitting(['raw' => ['dryness' => ['points' => '70']]]);
    $told = $this->postJson($acts, ['acts' => [
        $act('wrong', $wrong), ['key' => 'odd', 'kind' => 'visit', 'form' => ['a']], $act('good', $good),
        $act('empty', ['visit' => strtolower((string) Str::ulid())] + sitting(['raw' => []])),
    ]])->assertOk()->json('answers');
    expect(array_column($told, 'answer'))->toBe(['refused', 'unreadable', 'taken', 'refused'])
        ->and($told[0]['sentence'])->toContain('Dryness')
        ->and($told[3]['sentence'])->toBe('Fill in at least one test; leave the others empty.')
        ->and(Visit::query()->count())->toBe($visits + 1);
    $this->get($told[2]['to'])->assertOk()->assertSee('Results');
    // An answer that was lost: the same act, and the same visit under another key.
    foreach (['good', 'other'] as $key) {
        $this->postJson($acts, ['acts' => [$act($key, $good)]])->assertJsonPath('answers.0.answer', 'already-taken');
    }
    expect(Visit::query()->count())->toBe($visits + 1);
    $this->postJson('/clients/none/hair-tests/acts', ['acts' => [$act('gone', $good)]])
        ->assertOk()
        ->assertJsonPath('answers.0.answer', 'refused');
});

it('lets nobody send under another’s name, and knows a page that is too old', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $acts = "/clients/{$head->id}/hair-tests/acts";
    $this->postJson($acts, ['acts' => []], ['X-Nagomi-Stylist' => (string) ($this->stylist->id + 1)])
        ->assertUnauthorized()
        ->assertJsonPath('message', "{$this->stylist->name} is signed in on this device now. What waits here is sent when "
            . 'its own stylist signs in.');
    $mine = ['X-Nagomi-Stylist' => (string) $this->stylist->id];
    $this->postJson($acts, ['acts' => []], $mine + ['X-Nagomi-Protocol' => '1'])->assertStatus(426);
    $answer = $this->postJson($acts, ['acts' => []], $mine + ['X-Nagomi-Protocol' => '2'])->assertOk();
    expect((int) $answer->headers->get('X-Nagomi-Time'))->toBe(CarbonImmutable::now()->getTimestampMs());
    $this->getJson('/token')->assertOk()->assertJsonPath('stylist', $this->stylist->id);
    auth()->logout();
    $this->getJson('/token')->assertUnauthorized();
});

it('leaves what a form has to say to the next page alone, however often a page asks by itself', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/hair-tests")->assertOk();
    $this->post("/clients/{$head->id}/safety-flags", ['sign' => 'red', 'seen' => 'a spot'])->assertSessionHas('said');
    $poll = sitting() + ['base' => 0, 'changed' => ['']];
    foreach ([1, 2, 3] as $time) {
        $this->putJson(
            "/clients/{$head->id}/hair-tests/draft",
            $poll,
        )->assertOk()->assertCookieMissing('nagomi_session');
    }
    // Nor does the page as the worker asks for it, to be kept on the device.
    $said = session('said');
    $this->get("/clients/{$head->id}/hair-tests", ['X-Nagomi-Kept' => 'yes'])->assertCookieMissing('nagomi_session');
    $this->get("/clients/{$head->id}")->assertSee($said);
    $this->get("/clients/{$head->id}")->assertDontSee($said);
    // Whoever taps all morning stays signed in all the same.
    $this->travel(11)->minutes();
    $this->putJson("/clients/{$head->id}/hair-tests/draft", $poll)->assertCookie('nagomi_session');
});

it('takes measures in another unit, keeps what was typed, and asks in that unit', function (): void {
    $head = $this->aHead();
    $bench = "/clients/{$head->id}/hair-tests";
    $units = ['unit' => ['length' => 'in', 'mass' => 'oz', 'temperature' => '°F', 'hardness' => 'grains/US gal']];
    $this
        ->actingAs($this->stylist)
        ->from($bench)
        ->post($bench, sitting($units + ['raw' => ['length' => ['length_mm' => '0,2']]]))
        ->assertSessionHasErrors(['raw.length.length_mm' => 'Stretched length: type 0.4 to 78.74 in.']);
    $this->post($bench, sitting($units + ['raw' => [
        'length' => ['length_mm' => '12.5'],
        'hardness' => ['mg_per_l' => '10'],
        'air' => ['celsius' => '68', 'humidity_percent' => '50'],
        'wet-stretch' => ['hairs' => [['rest_mm' => '4', 'stretched_mm' => '5.6', 'returned_mm' => '4.1']]],
    ]]))->assertSessionHasNoErrors();
    $visit = latest($head);
    $raw = $visit->readings()->get()->keyBy('test');
    expect($raw['length']->raw['length_mm'])
        ->toEqualWithDelta(317.5, 1e-9)
        ->and($raw['length']->typed['length_mm'])
        ->toEqual(['value' => 12.5, 'unit' => 'in'])
        ->and($raw['hardness']->raw['mg_per_l'])
            ->toEqualWithDelta(171.18, 0.01)
            ->and($raw['air']->raw['celsius'])
            ->toEqualWithDelta(20.0, 1e-9)
        ->and($raw['wet-stretch']->raw['hairs'][0]['stretched_mm'])
            ->toEqualWithDelta(142.24, 1e-9)
            ->and($raw['wet-stretch']->typed['hairs.0.rest_mm']['unit'])
            ->toBe('in');
    // She finds her units again; nonsense is not kept.
    $this->get($bench)->assertSee('Typed in in, oz, °F, grains/US gal');
    $this->post($bench, sitting(['unit' => ['length' => '°F', 'mass' => 'stone']]));
    expect($this->stylist->fresh()->units)->toBe([]);
});

it('takes one measure in several zones at once, and shows them on the head map', function (): void {
    $head = $this->aHead();
    $zones = [
        'nape' => ['wetting' => ['seconds' => '40', 'soak' => '1', 'slide' => '1']],
        'crown' => ['wetting' => ['seconds' => '190', 'soak' => '0', 'slide' => '0']],
        'edges' => ['wetting' => ['seconds' => '', 'soak' => '', 'slide' => '']],
    ];
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/hair-tests", sitting(['raw' => [], 'zones' => $zones]))
        ->assertSessionHasNoErrors();
    expect(latest($head)->readings()->pluck('zone')->all())->toEqualCanonicalizing(['crown', 'nape']);
    $map = "/clients/{$head->id}/hair-tests/zones?moment=before-cleansing&test=wetting";
    $this->get($map)->assertSee('crown: 190 s')->assertSee('edges: not tested yet');
    $zones['crown']['wetting']['seconds'] = '4000';
    $this
        ->from($map)
        ->post("/clients/{$head->id}/hair-tests", sitting(['raw' => [], 'zones' => $zones]))
        ->assertSessionHasErrors('zones.crown.wetting.seconds');
    $this->get($map)->assertSee('type 0 to 1800 s')->assertSee('value="4000"', false);
    $scalp = array_fill_keys(
        array_map(fn ($zone): string => "flakes_{$zone->value}", Nagomi\Core\Head\Zone::cases()),
        '2',
    ) + ['itch' => '3', 'oil' => '2', 'redness' => '1', 'soreness' => '0'];
    $this->post(
        "/clients/{$head->id}/hair-tests",
        sitting(['raw' => ['scalp' => ['flakes_nape' => '6'] + $scalp]]),
    )->assertSessionHasNoErrors();
    $this
        ->get("/clients/{$head->id}/hair-tests/zones?test=scalp")
        ->assertSee('nape: 6 of 10')
        ->assertSee('left: 2 of 10');
    $this->get("/clients/{$head->id}/hair-tests/zones?test=nonsense&moment=nonsense")->assertOk();
});

it('takes the detangling section by section', function (): void {
    $head = $this->aHead();
    $raw = [
        'detangling' => [
            'minutes' => '',
            'sections' => '',
            'knots_cut' => '1',
            'timed' => [
                '1764000000' => ['seconds' => '240', 'tool' => 'fingers'],
                '1764000300' => ['seconds' => '480', 'tool' => 'comb'],
            ],
        ],
    ];
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/hair-tests", sitting(['raw' => $raw]))
        ->assertSessionHasNoErrors();
    expect(latest($head)->readings()->first()->raw)->toEqual([
        'timed' => [['seconds' => 240, 'tool' => 'fingers'], ['seconds' => 480, 'tool' => 'comb']],
        'knots_cut' => 1,
    ]);
    $this->get(
        "/clients/{$head->id}/history/" . latest($head)->id,
    )->assertSee('slowest was section 2 with 8.0 min by comb');
    $this->get("/clients/{$head->id}/history/" . latest($head)->id . '/correct')->assertSee('value="480"', false);
    $raw['detangling']['timed']['1764000300']['tool'] = 'rake';
    $this->post(
        "/clients/{$head->id}/hair-tests",
        sitting(['raw' => $raw]),
    )->assertSessionHasErrors('raw.detangling.timed.1.tool');
});

it('asks once more for a hair stretched beyond what hair usually gives', function (): void {
    $head = $this->aHead();
    $raw = ['wet-stretch' => ['hairs' => [['rest_mm' => '100', 'stretched_mm' => '195', 'returned_mm' => '120']]]];
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/hair-tests", sitting(['raw' => $raw]))
        ->assertSessionHasErrors('raw.wet-stretch.hairs.0.stretched_mm');
    $this->post(
        "/clients/{$head->id}/hair-tests",
        sitting(['raw' => $raw, 'asked' => ['raw.wet-stretch.hairs.0.stretched_mm=195']]),
    )->assertSessionHasNoErrors();
});

it('shows two stylists’ readings of one head and day side by side', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", sitting());
    $mine = latest($head);
    [, $other] = $this->salonWithStylist('quim@test.example');
    $other->update(['salon_id' => $this->salon->id, 'name' => 'Quim']);
    $this->actingAs($other->fresh())->post(
        "/clients/{$head->id}/hair-tests",
        sitting(['raw' => ['dryness' => ['points' => '5']]]),
    );
    $this
        ->get("/clients/{$head->id}/history/{$mine->id}")
        ->assertSee('Same-day double checks')
        ->assertSeeInOrder(['dryness', '7', '5', 'Quim']);
    $this->get('/reports/team')->assertSee('Quim');
});
