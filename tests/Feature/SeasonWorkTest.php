<?php

declare(strict_types=1);

use App\Bridge\Plans\PromiseChanges;
use App\Drawings\PlanBalance;
use App\Drawings\PlanTimeline;
use App\Models\Head;
use App\Models\PlanEdit;
use App\Models\PlanItem;
use App\Models\Promise;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** @return Collection<int, PlanItem> */
function itemsAhead(Head $head): Collection
{
    return $head->planItems()->where('status', 'planned')->get();
}

/** @return list<string> */
function daysAhead(Head $head): array
{
    return itemsAhead($head)->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))->all();
}

function firstMasked(Head $head): PlanItem
{
    return itemsAhead($head)->first(fn (PlanItem $item): bool => collect($item->steps)->contains('kind', 'mask'));
}

it('moves a wash day, plans the rest round it, and takes it back and forth', function (): void {
    $head = $this->aHead();
    $before = daysAhead($head);
    $to = CarbonImmutable::parse($before[2])->addDays(2)->format('Y-m-d');
    $page = "/clients/{$head->id}/plan";
    $this->actingAs($this->stylist)->get($page)->assertOk()->assertSee("data-stone=\"{$before[2]}\"", false);
    $told = $this
        ->postJson("{$page}/preview", ['date' => $before[2], 'act' => 'move', 'value' => '2'])
        ->assertOk()
        ->json();
    expect($told['dates'])
        ->toContain($to)->not
        ->toContain($before[2])
        ->and($told['words'])
        ->toContain('Moved from')
        ->toContain('days out of balance')
        ->toContain('minute')
        // A preview stores nothing.
        ->and(daysAhead($head))->toBe($before)->and(PlanEdit::query()->count())->toBe(0);
    $this->postJson("{$page}/acts", ['date' => $before[2], 'act' => 'move', 'value' => '2', 'seen' => '0'])->assertOk();
    $after = daysAhead($head);
    expect($after)
        ->toBe($told['dates'])
        ->and(itemsAhead($head)->firstWhere(
            fn (PlanItem $item): bool => $item->date->format('Y-m-d') === $to,
        )->by_hand['by'])
        ->toBe('Ilse');
    $edit = PlanEdit::query()->sole();
    $this->post("{$page}/undo", ['seen' => (string) $edit->id])->assertRedirect($page);
    expect(daysAhead($head))->toBe($before)->and($head->refresh()->season)->toBeIn([null, []]);
    $this->post("{$page}/redo", ['seen' => '0'])->assertRedirect($page);
    expect(daysAhead($head))->toBe($after);
    // Something else done ends what could be done again.
    $this->post("{$page}/undo", ['seen' => (string) $edit->id]);
    $this->postJson("{$page}/acts", ['date' => $before[1], 'act' => 'move', 'value' => '1'])->assertOk();
    $this->post("{$page}/redo")->assertSessionHas('said', 'There is nothing to redo.');
});

it('foretells what the change then really comes to', function (string $act, string $value): void {
    $head = $this->aHead();
    $item = firstMasked($head);
    $out = $head->outlook()->first();
    $body = ['date' => $item->date->format('Y-m-d'), 'act' => $act, 'value' => $value];
    $told = $this->actingAs($this->stylist)->postJson("/clients/{$head->id}/plan/preview", $body)->assertOk()->json();
    $this->postJson("/clients/{$head->id}/plan/acts", $body)->assertOk();
    $then = $head->outlook()->first();
    expect($then->days_out - $out->days_out)
        ->toEqualWithDelta($told['days'], 0.06)
        ->and((int) round($then->plan_minutes - $out->plan_minutes))
        ->toEqualWithDelta($told['minutes'], 1);
})->with([['mask', '10'], ['mask', '-5'], ['leave-out', 'mask'], ['move', '-1'], ['swap', '']]);

it('leaves out what is there, and says so where it is not', function (): void {
    $head = $this->aHead();
    $item = firstMasked($head);
    $date = $item->date->format('Y-m-d');
    $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/plan/acts", ['date' => $date, 'act' => 'leave-out', 'value' => 'mask'])
        ->assertOk();
    $now = itemsAhead($head)->first(fn (PlanItem $other): bool => $other->date->format('Y-m-d') === $date);
    expect(collect($now->steps)->pluck('kind')->all())->not->toContain('mask')->toContain('conditioner');
    $this
        ->postJson("/clients/{$head->id}/plan/acts", ['date' => $date, 'act' => 'leave-out', 'value' => 'mask'])
        ->assertStatus(422)
        ->assertJsonPath('errors.act.0', 'There is no such treatment on that day.');
});

it('says what can be done instead', function (array $body, string $sentence): void {
    $head = $this->aHead();
    $days = daysAhead($head);
    $body['date'] = ['first' => $days[0], 'second' => $days[1], 'last' => end($days)][$body['date']] ?? $body['date'];
    foreach (['preview', 'acts'] as $how) {
        expect($this
            ->actingAs($this->stylist)
            ->postJson("/clients/{$head->id}/plan/{$how}", $body)
            ->assertStatus(422)
            ->json('message'))->toContain($sentence);
    }
    expect(PlanEdit::query()->count())->toBe(0)->and(daysAhead($head))->toBe($days);
})->with([
    'not that far' => [['date' => 'second', 'act' => 'move', 'value' => '9'], 'beyond that it would meet the next'],
    'not into the past' => [['date' => 'first', 'act' => 'move', 'value' => '-9'], 'can move from'],
    'nowhere' => [['date' => 'second', 'act' => 'move', 'value' => '0'], 'can move from'],
    'another day' => [['date' => '2027-06-01', 'act' => 'move', 'value' => '1'], 'not planned any more'],
    'nothing after it' => [['date' => 'last', 'act' => 'swap'], 'no later wash day'],
    'another act' => [['date' => 'second', 'act' => 'dance'], 'damaged'],
    'something else' => [['date' => 'second', 'act' => 'leave-out', 'value' => 'styling'], 'can be left out'],
    'no treatment' => [['date' => 'second', 'act' => 'carry', 'value' => 'styling:1'], 'Choose a mask, protein'],
    'no way on' => [['date' => 'second', 'act' => 'carry', 'value' => 'mask'], 'Choose a mask, protein'],
    'too far on' => [['date' => 'second', 'act' => 'carry', 'value' => 'mask:9'], 'no wash day that far away'],
    'before the first' => [['date' => 'first', 'act' => 'carry', 'value' => 'mask:-1'], 'no wash day that far away'],
    'no strength' => [['date' => 'second', 'act' => 'strength', 'value' => 'mask'], 'no protein of another strength'],
    'no day' => [['date' => 'someday', 'act' => 'move', 'value' => '1'], 'damaged'],
]);

it('shows both to whoever works in a season that somebody else changed meanwhile', function (): void {
    $head = $this->aHead();
    $days = daysAhead($head);
    $quim = User::query()->create([
        'salon_id' => $this->salon->id,
        'name' => 'Quim',
        'email' => 'quim@test.example',
        'password' => 'a-long-password',
    ])->refresh();
    $this
        ->actingAs($this->stylist)
        ->postJson(
            "/clients/{$head->id}/plan/acts",
            ['date' => $days[1], 'act' => 'move', 'value' => '1', 'seen' => '0'],
        )
        ->assertOk();
    $clash = $this->actingAs($quim)->postJson(
        "/clients/{$head->id}/plan/acts",
        ['date' => $days[2], 'act' => 'move', 'value' => '1', 'seen' => '0'],
    );
    // The day itself may have moved with the first change; either way nothing of the second is done and the first is
    // named or the day is asked for anew.
    expect($clash->status())->toBeIn([409, 422])->and(PlanEdit::query()->count())->toBe(1);
    $today = daysAhead($head);
    $this
        ->postJson(
            "/clients/{$head->id}/plan/acts",
            ['date' => $today[0], 'act' => 'move', 'value' => '1', 'seen' => '0'],
        )
        ->assertStatus(409)
        ->assertJsonPath(
            'message',
            fn (string $message): bool => str_contains($message, 'Ilse changed this plan meanwhile'),
        );
    $this->post("/clients/{$head->id}/plan/undo", ['seen' => '0'])->assertSessionHasErrors('act');
    expect(PlanEdit::query()->whereNull('undone_at')->count())->toBe(1);
});

it('knows of a wedding, a week of swimming, new colour and days away', function (string $kind, string $words): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/plan/occasions",
        [
            'occasion' => $kind,
            'occasion_from' => '2027-02-14',
            'occasion_until' => $kind === 'best-day' ? '' : '2027-02-16',
            'occasion_what' => 'Her wedding',
        ],
    )->assertSessionHasNoErrors();
    if ($kind === 'away') {
        expect($head->refresh()->season['away'])
            ->toBe([['from' => '2027-02-14', 'until' => '2027-02-16']])
            ->and(array_intersect(daysAhead($head), ['2027-02-14', '2027-02-15', '2027-02-16']))
            ->toBe([]);

        return;
    }
    $this->get("/clients/{$head->id}/plan")->assertSee($words)->assertSee('Her wedding');
    if ($kind === 'best-day') {
        expect(daysAhead($head))->toContain('2027-02-13');
    }
    $this->delete("/clients/{$head->id}/plan/occasions/0")->assertRedirect();
    expect($head->refresh()->season['occasions'] ?? [])->toBe([]);
    $this->delete("/clients/{$head->id}/plan/occasions/0")->assertNotFound();
})->with([['best-day', 'a day that counts'], ['swimming', 'swimming'], ['new-colour', 'new colour'], ['away', '']]);

it('asks for an occasion that can be', function (array $wrong, string $field): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->post(
            "/clients/{$head->id}/plan/occasions",
            array_replace(
                ['occasion' => 'swimming', 'occasion_from' => '2027-02-14', 'occasion_until' => '2027-02-16'],
                $wrong,
            ),
        )
        ->assertSessionHasErrors($field);
    expect(PlanEdit::query()->count())->toBe(0);
})->with([
    [['occasion' => 'party'], 'occasion'],
    [['occasion_from' => 'soon'], 'occasion_from'],
    [['occasion_from' => '2026-01-01'], 'occasion_from'],
    [['occasion_until' => '2027-02-01'], 'occasion_until'],
    [['occasion_what' => str_repeat('x', 81)], 'occasion_what'],
]);

it('keeps each promise, and lists what changed since', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/plan/terms/promise");
    $first = Promise::query()->sole();
    $this->get("/clients/{$head->id}/plan")->assertSee('The plan still keeps every day of it.');
    $item = firstMasked($head);
    $this->postJson(
        "/clients/{$head->id}/plan/acts",
        ['date' => $item->date->format('Y-m-d'), 'act' => 'leave-out', 'value' => 'mask'],
    );
    $changes = PromiseChanges::since($first, itemsAhead($head), $this->salon->today());
    expect($changes)->not->toBe([])->and(implode(' ', $changes))->toContain('Mask');
    $this->get("/clients/{$head->id}/plan")->assertSee($changes[0]);
    $this->post("/clients/{$head->id}/plan/terms/promise");
    expect(Promise::query()->count())->toBe(2)->and($first->refresh()->released_at)->not->toBeNull();
    $this->get("/clients/{$head->id}/plan")->assertSee('Agreed before')->assertSee('The plan still keeps every day of it.');
});

it('tells moved from left out and from new', function (): void {
    $promise = new Promise([
        'items' => [
            ['date' => '2027-01-12', 'treatment' => 'mask'],
            ['date' => '2027-01-20', 'treatment' => 'mask'],
            ['date' => '2027-01-20', 'treatment' => 'strong-protein'],
            ['date' => '2027-01-02', 'treatment' => 'mask'],
        ],
    ]);
    $item = fn (string $date, array $steps): PlanItem => (new PlanItem())->forceFill([
        'date' => $date,
        'steps' => $steps,
    ]);
    $mask = ['kind' => 'mask', 'minutes' => 20];
    $items = collect([
        $item('2027-01-12', [$mask]),
        $item('2027-01-22', [$mask, ['kind' => 'cleanse', 'cleanse' => 'clarifying']]),
        $item('2027-03-01', [$mask]),
    ]);
    expect(PromiseChanges::since(
        $promise,
        collect([
            $item('2027-01-12', [$mask]),
            $item('2027-01-18', [$mask, ['kind' => 'cleanse', 'cleanse' => 'clarifying']]),
        ]),
        CarbonImmutable::parse('2027-01-09'),
    ))
        ->toBe([
            'Mask moved from 20 Jan to 18 Jan.',
            'Strong protein of 20 Jan is not planned any more.',
            'Clarifying on 18 Jan is new.',
        ])
        // What lies beyond the last promised day is not new: it was never spoken of.
        ->and(PromiseChanges::since($promise, $items, CarbonImmutable::parse('2027-01-09')))->toBe([
            'Mask moved from 20 Jan to 22 Jan.',
            'Strong protein of 20 Jan is not planned any more.',
        ]);
});

it('sets the seasons of a household side by side, and of a stylist', function (): void {
    $one = $this->aHead();
    $two = $this->aHead('protein-sensitive');
    $other = $this->aHead('growing-out-bleach');
    $one->update(['household' => 'Harbour 4']);
    $two->update(['household' => 'Harbour 4']);
    $this
        ->actingAs($this->stylist)
        ->get('/plans?household=Harbour+4')
        ->assertOk()
        ->assertSee($one->name)
        ->assertSee($two->name)
        ->assertDontSee($other->name);
    // What was chosen is found again; chosen away it is nobody's plan.
    $this->get('/plans')->assertOk()->assertSee($one->name);
    $this->get('/plans?household=')->assertOk()->assertSee('Nobody here yet');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get('/plans?household=Harbour+4')->assertOk()->assertDontSee($one->name);
    $this->postJson("/clients/{$one->id}/plan/acts", [])->assertNotFound();
    $this->post("/clients/{$one->id}/plan/undo")->assertNotFound();
});

it('draws a stone for each day, as far along as it is, over the change of the clocks', function (): void {
    $line = PlanTimeline::of(CarbonImmutable::parse('2027-03-20', 'Europe/Lisbon'), 12, [
        ['date' => '2027-03-20', 'minutes' => 0.0, 'kinds' => [], 'byHand' => false, 'broken' => false, 'says' => ''],
        [
            'date' => '2027-04-03', 'minutes' => 400.0, 'kinds' => ['clarifying', 'mild-protein', 'mask'], 'byHand' => true,
            'broken' => true,
            'says' => '',
        ],
    ], [['from' => '2027-03-01', 'until' => '2027-03-21', 'kind' => 'away', 'says' => 'away'], ['from' => '2026-01-01', 'until' => '2026-01-02', 'kind' => 'away', 'says' => 'long ago']], ['2027-03-01', '2027-03-27', '2027-03-27']);
    expect($line->stones[1]['x'] - $line->stones[0]['x'])->toEqualWithDelta(14 * $line->dayWidth, 0.11)
        ->and($line->stones[0]['marks'])->toBe([])
        ->and($line->stones[1]['marks'])->toBe(['clarify', 'protein', 'mask'])
        ->and($line->stones[0]['r'])->toBe(9.0)->and($line->stones[1]['r'])->toBe(19.0)
        ->and($line->spans)->toHaveCount(1)->and($line->spans[0]['width'])->toEqualWithDelta(2 * $line->dayWidth, 0.11)
        ->and($line->promised)->toHaveCount(1)->and($line->weeks)->toHaveCount(13);
});

it('moves a day that clears and then moisturises with both its cleanses', function (): void {
    $head = $this->aHead();
    $head->update(['method' => ['cleansing' => 'clarify-then-moisturise'] + $head->method]);
    $page = "/clients/{$head->id}/plan";
    $this->actingAs($this->stylist)->post("{$page}/terms/by-hand", [
        'hand_date' => '2027-01-20', 'cleanse' => 'clarifying', 'passes' => '2', 'mask_minutes' => '20',
        'protein' => '', 'reason' => 'beads',
    ])->assertSessionHasNoErrors();
    $cleanses = fn (string $day): array => collect(itemsAhead($head)->first(
        fn (PlanItem $item): bool => $item->date->format('Y-m-d') === $day,
    )?->steps)->where('kind', 'cleanse')->pluck('cleanse')->all();
    expect($cleanses('2027-01-20'))->toBe(['clarifying', 'gentle']);
    $this->postJson("{$page}/acts", [
        'date' => '2027-01-20', 'act' => 'move', 'value' => '1', 'seen' => (string) PlanEdit::last($head)->id,
    ])->assertOk();
    expect($cleanses('2027-01-21'))->toBe(['clarifying', 'gentle']);
});

/** @return array<string, list<string>> kinds of steps by planned day */
function kindsAhead(Head $head): array
{
    $kinds = [];
    foreach (itemsAhead($head) as $item) {
        $kinds[$item->date->format('Y-m-d')] = array_column($item->steps, 'kind');
    }

    return $kinds;
}

it('does one treatment on another wash day and leaves the rest of both as it is', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $before = kindsAhead($head);
    $days = array_keys($before);
    $from = null;
    foreach ($days as $i => $day) {
        $next = $days[$i + 1] ?? null;
        $hasMask = in_array('mask', $before[$day], true) && ! in_array('strong-protein', $before[$day], true);
        if ($from === null && $next !== null && $hasMask && ! in_array('mask', $before[$next], true)) {
            $from = [$day, $next];
        }
    }
    expect($from)->not->toBeNull();
    [$day, $next] = $from;
    $body = ['date' => $day, 'act' => 'carry', 'value' => 'mask:1'];
    $told = $this->postJson("/clients/{$head->id}/plan/preview", $body)->assertOk()->json();
    expect($told['says'])->toContain('moved from');
    expect(kindsAhead($head))->toBe($before);
    $out = $head->outlook()->first()->days_out;
    $this->postJson("/clients/{$head->id}/plan/acts", $body)->assertOk();
    expect($head->outlook()->first()->days_out - $out)->toEqualWithDelta($told['days'], 0.06);
    $after = kindsAhead($head);
    expect($after[$day])->not->toContain('mask')
        ->and($after[$next])->toContain('mask')
        ->and(array_values(array_diff($after[$day], ['conditioner'])))
        ->toBe(array_values(array_diff($before[$day], ['mask'])));
    // There it is now, and not here any more.
    $this->postJson("/clients/{$head->id}/plan/acts", $body)
        ->assertStatus(422)
        ->assertJsonPath('errors.act.0', 'There is no such treatment on that day.');
    $this->postJson("/clients/{$head->id}/plan/acts", ['date' => $next, 'act' => 'carry', 'value' => 'mask:-1'])->assertOk();
    expect(kindsAhead($head)[$day])->toContain('mask');
});

it('takes a mask along with strong protein, and makes protein milder or stronger', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $days = array_values(array_filter(
        array_keys(kindsAhead($head)),
        fn (string $day): bool => $day > $this->salon->today()->format('Y-m-d'),
    ));
    $this->post("/clients/{$head->id}/plan/terms/by-hand", [
        'hand_date' => $days[1], 'cleanse' => 'gentle', 'passes' => '1', 'mask_minutes' => '20',
        'protein' => 'strong-protein', 'heat' => '0', 'reason' => 'for the test',
    ])->assertSessionHasNoErrors();
    $this->post("/clients/{$head->id}/plan/terms/by-hand", [
        'hand_date' => $days[2], 'cleanse' => 'gentle', 'passes' => '1', 'mask_minutes' => '', 'protein' => '',
        'heat' => '0', 'reason' => 'for the test',
    ])->assertSessionHasNoErrors();
    $act = fn (string $day, string $what, string $value) => $this->postJson(
        "/clients/{$head->id}/plan/acts",
        ['date' => $day, 'act' => $what, 'value' => $value],
    );
    $act($days[1], 'carry', 'mask:1')->assertStatus(422)->assertJsonPath(
        'errors.act.0',
        'Strong protein is never left without its mask; move the protein, and a mask comes along.',
    );
    $act($days[1], 'carry', 'protein:1')->assertOk();
    $kinds = kindsAhead($head);
    expect($kinds[$days[1]])->toContain('mask')->not->toContain('strong-protein')
        ->and($kinds[$days[2]])->toContain('strong-protein')->toContain('mask');
    $act($days[2], 'strength', 'mild-protein')->assertOk();
    expect(kindsAhead($head)[$days[2]])->toContain('mild-protein')->not->toContain('strong-protein');
    $act($days[2], 'strength', 'mild-protein')->assertStatus(422);
    $act($days[2], 'leave-out', 'mask')->assertOk();
    $act($days[2], 'strength', 'strong-protein')->assertStatus(422)->assertJsonPath(
        'errors.act.0',
        'Strong protein needs a mask after it; choose a day that has one.',
    );
});

it('draws beneath the plan what it comes to, day by day under each stone', function (): void {
    $today = CarbonImmutable::parse('2027-01-11');
    $line = PlanTimeline::of($today, 12, []);
    $day = static fn (float $moisture): array => [$moisture, 4.0, 50.0, 4.0, 10.0, 2.0];
    $stored = [
        'from' => '2026-12-01', 'today' => '2027-01-11', 'stones' => [], 'gauges' => [],
        'strata' => [[
            'name' => 'most of the hair', 'targets' => [60.0, 50.0], 'days' => [$day(60.0)],
            'ahead' => array_map($day, range(60.0, 18.0, -0.5)),
        ]],
    ];
    $ahead = PlanBalance::of($stored, 12.0, $line);
    expect($ahead)->not->toBeNull()
        // A day of the strip is as wide as a day of the line, and begins where it does.
        ->and($ahead->width)->toEqualWithDelta($line->dayWidth * 84, 0.1)->and($ahead->x)->toBe(26.0)
        ->and($ahead->band[0])->toBeGreaterThan(0.0)->toBeLessThan($ahead->band[1])
        ->and($ahead->band[1])->toBeLessThan(PlanBalance::HEIGHT)
        ->and(array_sum($ahead->band))->toEqualWithDelta(PlanBalance::HEIGHT, 0.2)
        // A line that ends at the very bottom has its name above it, not cut off below.
        ->and($ahead->nameY('moisture'))->toBeGreaterThan(15.0)->toBeLessThan(PlanBalance::HEIGHT - 5)
        ->and($ahead->nameY('protein'))->toBeGreaterThan(10.0)->toBeLessThan($ahead->nameY('moisture'))
        ->and(PlanBalance::of(['strata' => []] + $stored, 12.0, $line))->toBeNull();
});
