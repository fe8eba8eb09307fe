<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\PlanEdit;
use App\Models\PlanItem;

/** Asks on the page of what if. */
function askedWhatIf($test, Head $head, array $said)
{
    return $test->actingAs($test->stylist)->get("/clients/{$head->id}/plan/what-if?" . http_build_query($said));
}

/** @return list<string> days of the plan on which a kind of step is done */
function daysWith(Head $head, string $kind): array
{
    return $head->planItems()->where('status', 'planned')->orderBy('date')->get()
        ->filter(fn (PlanItem $item): bool => in_array($kind, array_column($item->steps, 'kind'), true))
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))->values()->all();
}

it('asks what no masks for three weeks come to, says so, and makes it the plan when told to', function (): void {
    $head = $this->aHead();
    $masks = daysWith($head, 'mask');
    $from = $masks[0];
    $until = (new DateTimeImmutable($from))->modify('+20 days')->format('Y-m-d');
    $wish = ['wish' => 'leave-out', 'wish_what' => 'mask', 'wish_from' => $from, 'wish_until' => $until];
    $page = askedWhatIf($this, $head, $wish)->assertOk()->assertSee('Use this');
    $says = 'No masks from ' . date('j M', strtotime($from)) . ' to ' . date('j M', strtotime($until)) . '.';
    $page->assertSee($says)->assertSee('out of balance');
    expect((string) $page->getContent())->toMatch('/\d+ fewer masks|one mask less/');
    expect(daysWith($head, 'mask'))->toBe($masks);
    $this->post("/clients/{$head->id}/plan/wishes", $wish + ['seen' => '0'])->assertSessionHasNoErrors()
        ->assertRedirect("/clients/{$head->id}/plan");
    $inside = fn (): array => array_filter(
        daysWith($head, 'mask'),
        fn (string $day): bool => $day >= $from && $day <= $until,
    );
    expect($inside())->toBe([])->and(daysWith($head, 'mask'))->not->toBe([]);
    $this->get("/clients/{$head->id}/plan")->assertSee($says);
    $this->get("/clients/{$head->id}/record.json")->assertJsonPath('season.wishes.0.what', 'mask');
    // What the page foretold is what the plan came to.
    $page = askedWhatIf($this, $head, []);
    expect(PlanEdit::query()->where('head_id', $head->id)->sole()->says)->toBe($says);
    $this->delete("/clients/{$head->id}/plan/wishes/0")->assertSessionHasNoErrors();
    expect($inside())->not->toBe([]);
    $this->delete("/clients/{$head->id}/plan/wishes/0")->assertSessionHasErrors('act');
    // Taken out by mistake: undone, it is there again.
    $this->post("/clients/{$head->id}/plan/undo", ['seen' => (string) PlanEdit::last($head)->id]);
    expect($inside())->toBe([]);
});

it('does the next protein a week later', function (): void {
    $head = $this->aHead('mixed-porosity');
    $kind = daysWith($head, 'mild-protein') === [] ? 'strong-protein' : 'mild-protein';
    $first = min([...daysWith($head, 'mild-protein'), ...daysWith($head, 'strong-protein')]);
    $wish = ['wish' => 'later', 'wish_what' => 'protein', 'wish_days' => '7'];
    $no = (new DateTimeImmutable($first))->modify('+7 days');
    askedWhatIf($this, $head, $wish)->assertSee(
        "Protein of any strength no sooner than {$no->format('j M')}.",
    );
    $this->post("/clients/{$head->id}/plan/wishes", $wish)->assertSessionHasNoErrors();
    $then = [...daysWith($head, 'mild-protein'), ...daysWith($head, 'strong-protein')];
    expect($then === [] ? '9999' : min($then))->toBeGreaterThanOrEqual($no->format('Y-m-d'))
        ->and($kind)->not->toBe('');
});

it('washes every few days for a time', function (): void {
    $head = $this->aHead();
    $wish = [
        'wish' => 'wash-every', 'wish_days' => '4', 'wish_from' => '2027-01-20', 'wish_until' => '2027-02-28',
    ];
    askedWhatIf($this, $head, $wish)->assertSee(
        'Washed every 4 days from 20 Jan to 28 Feb.',
    )->assertSee('more wash days');
    $washes = count(daysWith($head, 'cleanse'));
    $this->post("/clients/{$head->id}/plan/wishes", $wish)->assertSessionHasNoErrors();
    expect(count(daysWith($head, 'cleanse')))->toBeGreaterThan($washes);
});

it('makes another rhythm, other minutes and another habit the way it is done', function (): void {
    $head = $this->aHead();
    askedWhatIf($this, $head, ['change' => 'wash-every', 'number' => '10'])->assertSee('Use this');
    askedWhatIf($this, $head, ['change' => 'no-mask'])->assertDontSee('Use this')->assertSee('as it stands');
    askedWhatIf($this, $head, ['change' => 'hardness', 'number' => '10'])->assertDontSee('Use this')
        ->assertSee('Water is measured');
    $use = fn (array $said): mixed => $this->post("/clients/{$head->id}/plan/what-if", $said);
    $use(['change' => 'wash-every', 'number' => '10'])->assertSessionHasNoErrors();
    expect($head->refresh()->wash_every_days)->toBe(10)->and($head->season['keeps_rhythm'])->toBeTrue();
    $use(['change' => 'minutes-limit', 'number' => '90'])->assertSessionHasNoErrors();
    $oils = $head->method['oils'];
    $use(['change' => 'seal'])->assertSessionHasNoErrors();
    expect($head->refresh()->minutes_limit)->toBe(90)->and($head->method['oils'])->not->toBe($oils);
    $before = $head->refresh()->getAttributes();
    foreach ([['change' => 'hardness', 'number' => '10'], ['change' => 'dye'], ['change' => 'no-mask'], [
        'change' => 'wash-every',
        'number' => '1',
    ],
        ['change' => 'minutes-limit', 'number' => 'soon']] as $wrong) {
        $use($wrong)->assertSessionHasErrors();
    }
    expect($head->refresh()->getAttributes())->toBe($before);
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->post("/clients/{$head->id}/plan/what-if", ['change' => 'seal'])->assertNotFound();
    $this->post("/clients/{$head->id}/plan/wishes", [])->assertNotFound();
});

it('says what to type instead, keeps what was typed and changes nothing', function (array $said, string $field): void {
    $head = $this->aHead();
    $wish = $said + [
        'wish' => 'leave-out', 'wish_what' => 'mask', 'wish_from' => '2027-01-20', 'wish_until' => '2027-02-01',
        'wish_days' => '5',
    ];
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/plan/wishes", $wish)->assertSessionHasErrors($field)
        ->assertRedirect("/clients/{$head->id}/plan/what-if");
    askedWhatIf($this, $head, $wish)->assertRedirect("/clients/{$head->id}/plan/what-if");
    expect($head->refresh()->season['wishes'] ?? [])->toBe([]);
})->with([
    [['wish' => 'dream'], 'wish'],
    [['wish_what' => 'soap'], 'wish_what'],
    [['wish_from' => '2027-01-08'], 'wish_from'],
    [['wish_from' => '2027-02-31'], 'wish_from'],
    [['wish_until' => '2027-01-19'], 'wish_until'],
    [['wish' => 'later', 'wish_days' => '0'], 'wish_days'],
    [['wish' => 'later', 'wish_what' => 'co-wash'], 'wish_what'],
    [['wish' => 'wash-every', 'wish_days' => '90'], 'wish_days'],
    [['wish' => 'wash-every', 'wish_days' => 'often'], 'wish_days'],
]);

it('asks the same by the sentence of the page as by its parts, and proposes what is often asked', function (): void {
    $head = $this->aHead();
    $page = fn (array $said): string => preg_replace(
        '/name="_token" value="[^"]+"|name="key" value="[^"]+"|content="[^"]+"/',
        '',
        (string) askedWhatIf($this, $head, $said)->assertOk()->getContent(),
    );
    $dates = ['wish_from' => '2027-01-20', 'wish_until' => '2027-02-28'];
    $says = function (string $html): array {
        preg_match_all('~class="verdict-words">([^<]+)~', $html, $found);

        return $found[1];
    };
    $masks = ['wish_what' => 'mask'] + $dates;
    foreach (
        [
            [['asked' => 'leave-out'] + $masks, ['wish' => 'leave-out'] + $masks],
            [['asked' => 'later', 'wish_what' => 'protein', 'number' => '7'],
                ['wish' => 'later', 'wish_what' => 'protein', 'wish_days' => '7']],
            [['asked' => 'wash-every-for', 'number' => '4'] + $dates,
                ['wish' => 'wash-every', 'wish_days' => '4'] + $dates],
            [['asked' => 'wash-every', 'number' => '10'], ['change' => 'wash-every', 'number' => '10']],
            [['asked' => 'seal'], ['change' => 'seal']],
        ] as [$sentence, $parts]
    ) {
        [$one, $other] = [$page($sentence), $page($parts)];
        expect($says($one))->not->toBe([])->toBe($says($other))
            ->and($one)->toContain("value=\"{$sentence['asked']}\" selected")
            ->and($other)->toContain("value=\"{$sentence['asked']}\" selected")
            ->and($one)->toContain('Use this');
    }
    // What is used is what was asked: the page sends the wish itself, however it was put.
    preg_match_all('~type="hidden" name="(wish[a-z_]*)" value="([^"]*)"~', $page(
        ['asked' => 'later', 'wish_what' => 'protein', 'number' => '7'],
    ), $sent);
    expect(array_intersect_key(array_combine($sent[1], $sent[2]), ['wish' => 1, 'wish_what' => 1, 'wish_days' => 1]))
        ->toBe(['wish' => 'later', 'wish_what' => 'protein', 'wish_days' => '7']);
    $this->post("/clients/{$head->id}/plan/wishes", array_combine($sent[1], $sent[2]))->assertSessionHasNoErrors();
    expect(count($head->refresh()->season['wishes'] ?? []))->toBe(1);
    // What is proposed can be asked as it stands.
    preg_match_all('~href="([^"]+what-if\?[^"]+)"~', $page([]), $instances);
    expect(count($instances[1]))->toBeGreaterThan(2);
    foreach ($instances[1] as $address) {
        $this->get(html_entity_decode($address))->assertOk()->assertSee('Use this');
    }
});

it('keeps the sentence as it was asked where it cannot be asked', function (): void {
    $head = $this->aHead();
    $asked = ['asked' => 'later', 'wish_what' => 'clarifying', 'number' => 'soon'];
    $back = askedWhatIf($this, $head, $asked)->assertRedirect("/clients/{$head->id}/plan/what-if");
    $this->followRedirects($back)->assertOk()->assertSee(__('wishes.wrong.days-later'))
        ->assertSee('value="later" selected', false)->assertSee('value="clarifying" selected', false)
        ->assertSee('value="soon"', false);
});
