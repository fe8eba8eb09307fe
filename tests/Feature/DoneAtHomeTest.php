<?php

declare(strict_types=1);

/*
 * What the plan asked for at home is kept beside what was told of it; how much of it is done is said and reckoned with.
 */

use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use App\Models\WashDay;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;
use Tests\Feature\FeatureTestCase;

function tellsOfAWashAtHome(FeatureTestCase $test, Head $head, CarbonImmutable $on, array $more = []): WashDay
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/wash-days", $more + [
        'date' => $on->format('Y-m-d'), 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1', 'tool' => 'comb',
        'detangling' => 'wet-with-slip', 'conditioning' => 'conditioner', 'conditioning_minutes' => '3',
    ])->assertSessionHasNoErrors();

    return $head->washDays()->reorder()->latest('id')->firstOrFail();
}

/** Washes on each planned day until so many have been, with a conditioner and nothing else. */
function washesBarely(FeatureTestCase $test, Head $head, int $times): void
{
    for ($wash = 0; $wash < $times; $wash++) {
        $item = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
        $test->travelTo(CarbonImmutable::parse($item->date->format('Y-m-d') . ' 18:00', 'Europe/Lisbon'));
        tellsOfAWashAtHome($test, $head, $item->date);
    }
}

it('keeps with a wash at home what was planned on it, and with one in the salon nothing', function (): void {
    $head = $this->aHeadWithoutPast();
    $item = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    $day = tellsOfAWashAtHome($this, $head, $item->date);
    expect($day->planned)->toEqual($item->steps)->and($day->planned)->not->toBe([]);

    // One of before the plan was made, and one in the salon.
    $before = tellsOfAWashAtHome($this, $head, $item->date->subDays(2));
    expect($before->planned)->toBeNull();
    $inSalon = tellsOfAWashAtHome($this, $head, $item->date, ['place' => 'salon']);
    expect($inSalon->planned)->toBeNull();
});

it('takes the nearer of two washes for the one that was planned', function (): void {
    $head = $this->aHeadWithoutPast();
    $item = $head->planItems()->where('status', 'planned')->orderBy('date')->skip(1)->firstOrFail();
    $this->travelTo(CarbonImmutable::parse($item->date->addDays(2)->format('Y-m-d') . ' 12:00', 'Europe/Lisbon'));
    foreach ([2, 0] as $late) {
        WashDay::query()->create([
            'key' => "late-{$late}", 'salon_id' => $head->salon_id, 'head_id' => $head->id,
            'date' => $item->date->addDays($late)->format('Y-m-d'), 'place' => 'home', 'approximate' => false,
        ])->steps()->create([
            'position' => 0, 'kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1, 'heat' => false,
            'evening_before' => false,
        ]);
    }
    app(Outlooks::class)->of($head->refresh());
    $planned = $head->washDays()->pluck('planned', 'key');
    expect($planned['late-0'])->not->toBeNull()->and($planned['late-2'])->toBeNull();
});

it('says on Plan and Now what is left out, and plans for it', function (): void {
    $head = $this->aHeadWithoutPast();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/plan")
        ->assertOk()
        ->assertSee('What gets done at home')
        ->assertSee('No planned wash at home has been saved yet.');
    $this->get("/clients/{$head->id}")->assertOk()->assertDontSee('At home: ');

    washesBarely($this, $head, 7);
    $done = collect($head->outlook()->firstOrFail()->done_at_home)->keyBy('step');
    expect($done['leave-in']['times'])->toBe(7)
        ->and($done['leave-in']['share'])->toBeLessThan(0.6)
        ->and($done['leave-in']['least'])->toBeLessThan($done['leave-in']['share'])
        ->and($done['leave-in']['most'])->toBeGreaterThan($done['leave-in']['share']);
    $this->get("/clients/{$head->id}/plan")
        ->assertOk()
        ->assertSee('noted 0 of 7 times')
        ->assertDontSee('No planned wash at home');
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('At home: ');
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh())->get("/clients/{$head->id}/plan")->assertSee('Lo que se hace en casa');
    $this->get("/clients/{$head->id}")->assertSee('En casa: ');
});

it('comes to the same in one go as wash by wash', function (): void {
    $head = $this->aHeadWithoutPast();
    washesBarely($this, $head, 4);
    $stands = fn (): array => [
        $head->outlook()->firstOrFail()->standing[0]['moisture'], $head->outlook()->firstOrFail()->done_at_home,
    ];
    $byWash = $stands();
    app(StoredSnapshots::class)->forget($head, null);
    app(Outlooks::class)->of($head->refresh());
    expect($stands())->toEqual($byWash);
});

it('carries what was planned into another salon', function (): void {
    $head = $this->aHeadWithoutPast();
    washesBarely($this, $head, 1);
    $exported = (string) $this->get("/clients/{$head->id}/record.json")->assertOk()->getContent();
    $planned = $head->washDays()->firstOrFail()->planned;
    $done = $head->outlook()->firstOrFail()->done_at_home;
    expect(json_decode($exported, true)['events'][0]['planned'])->toEqual($planned);
    $schema = json_decode((string) file_get_contents(base_path('docs/care-record.schema.json')));
    expect((new Validator())->validate(json_decode($exported), $schema)->isValid())->toBeTrue();

    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $file = UploadedFile::fake()->createWithContent('record.json', $exported);
    $this->actingAs($other)->post('/clients/records', ['record' => $file])->assertSessionHasNoErrors();
    $copy = Head::query()->where('salon_id', $salon->id)->firstOrFail();
    expect($copy->washDays()->firstOrFail()->planned)->toEqual($planned)
        ->and($copy->outlook?->done_at_home)->toEqual($done)
        ->and($done)->not->toBe([]);
});
