<?php

declare(strict_types=1);

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\HomeBottles;
use App\Bridge\Products\SalonIngredients;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\Product;
use App\Models\WashDay;
use App\Models\WashSession;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\Step;

const KERATIN_MASK = 'Aqua, Cetearyl Alcohol, Hydrolyzed Keratin, Glycerin, Behentrimonium Chloride, Phenoxyethanol';

/** A bottle on the salon's shelf, or a client's own. */
function stood(string $name, string $kind, string $ingredients, ?Head $head = null, ?int $minutes = null): Product
{
    $salon = test()->salon;
    $ingredientBook = app(SalonIngredients::class);
    $product = new Product([
        'name' => $name, 'kind' => $kind, 'ingredients' => $ingredients, 'claims' => [], 'size_ml' => 500,
        'left_ml' => 400, 'head_id' => $head?->id, 'label_minutes' => $minutes,
        'reading' => $ingredients === '' ? [] : $ingredientBook->read($ingredients, $ingredientBook->of($salon)),
    ]);
    $product->salon_id = $salon->id;
    $product->save();

    return $product;
}

/** A wash day typed in by hand, with a mask of a bottle. */
function maskedWith(object $test, Head $head, string $date, ?string $bottle): void
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/wash-days", [
        'date' => $date, 'place' => 'salon', 'cleanse' => 'gentle', 'passes' => '1', 'conditioning' => 'mask',
        'conditioning_minutes' => '20', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
        'conditioning_product' => $bottle,
    ])->assertSessionHasNoErrors();
}

/** @return list<Step> steps of the last wash day in the book */
function stepsOfLast(Head $head): array
{
    /** @var WashDay $day */
    $day = $head->washDays()->with('steps')->reorder()->latest('id')->firstOrFail();

    return app(HeadRecord::class)->washDay($day)->steps;
}

it('reckons with what is in the bottle that a wash day names', function (?string $bottle, float $least, float $most): void {
    stood('Keratin mask', 'mask', KERATIN_MASK);
    stood('Plain mask', 'mask', str_replace('Hydrolyzed Keratin, ', '', KERATIN_MASK));
    stood('Nameless mask', 'mask', '');
    $proteinAfter = function (Head $head, ?string $bottle): float {
        foreach (['2027-01-03', '2027-01-06', '2027-01-09'] as $date) {
            maskedWith($this, $head, $date, $bottle);
        }
        app(Outlooks::class)->current($head->refresh());

        return $head->outlook()->first()->standing[0]['protein'][0];
    };
    $head = $this->aHead();
    $before = $head->washDays()->pluck('id')->all();
    $with = $proteinAfter($head, $bottle);
    $mask = stepsOfLast($head)[1];
    $head->washDays()->reorder()->whereNotIn('id', $before)->get()->each->delete();
    $without = $proteinAfter($head, null);
    expect($with - $without)
        ->toBeGreaterThanOrEqual($least)
        ->toBeLessThanOrEqual($most)
        ->and($mask->contents === null)
        ->toBe($bottle === 'Nameless mask')
        ->and($mask->contents?->of(Content::Protein)->typicalPercent > 0.5)->toBe($bottle === 'Keratin mask');
})->with([
    ['Keratin mask', 4.0, 20.0],
    ['Plain mask', -0.2, 0.2],
    ['Nameless mask', 0.0, 0.0],
]);

it('takes the same wash day for the same, though its bottle is known by then', function (): void {
    stood('Keratin mask', 'mask', KERATIN_MASK);
    $head = $this->aHead();
    maskedWith($this, $head, '2027-01-09', 'Keratin mask');
    $days = $head->washDays()->count();
    maskedWith($this, $head, '2027-01-09', 'Keratin mask');
    expect($head->washDays()->count())->toBe($days);
});

it('keeps what the bottle held on the day, in the book, in the record and in another salon', function (): void {
    $mask = stood('Keratin mask', 'mask', KERATIN_MASK, null, 15);
    $head = $this->aHead();
    maskedWith($this, $head, '2027-01-09', 'Keratin mask');
    $before = stepsOfLast($head);
    // The maker changes the recipe; what was done stays done.
    $mask->update(['ingredients' => 'Aqua, Glycerin']);
    expect(stepsOfLast($head))->toEqual($before)->and($before[1]->contents?->labelMinutes)->toBe(15);
    $exported = (string) $this->get("/clients/{$head->id}/record.json")->assertOk()->getContent();
    $record = CareRecordReader::read($exported, Parameters::shipped());
    expect(array_slice($record->washDays, -1)[0]->steps)->toEqual($before);
    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other);
    $elsewhere = app(RecordImporter::class)->record($record, $salon);
    expect(stepsOfLast($elsewhere))->toEqual($before);
});

it('writes down what the bottles of a wash day in the salon hold', function (): void {
    stood('Keratin mask', 'mask', KERATIN_MASK);
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/wash", [])->assertSessionHasNoErrors();
    $washSession = WashSession::query()->latest('id')->firstOrFail();
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $acts = [];
    foreach ($washSession->steps() as $i => $step) {
        $acts[] = [
            'key' => "key-of-step-{$i}", 'kind' => 'done', 'step' => $step['key'], 'value' => [],
            'at' => now('UTC')->addMinutes(5 * $i + 1)->format('c'),
        ];
    }
    $this->travel(5 * count($acts) + 5)->minutes();
    $this->postJson("{$url}/acts", ['device' => 'one', 'acts' => $acts])->assertOk();
    $this->post("{$url}/finish")->assertRedirect();
    $masks = array_filter(stepsOfLast($head), static fn (Step $step): bool => $step->product === 'Keratin mask');
    expect($masks)
        ->toHaveCount(1)
        ->and(reset($masks)->contents?->of(Content::Protein)->typicalPercent)->toBeGreaterThan(0.5);
});

it('does at home what the client’s own bottle does, where the routine names it', function (): void {
    $head = $this->aHead();
    stood('Anything mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin', $head, 5);
    stood('Keratin mask at home', 'mask', KERATIN_MASK, $head, 60);
    app(Outlooks::class)->current($head->refresh());
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $item->forceFill([
        'steps' => [['kind' => 'cleanse', 'cleanse' => 'gentle'], ['kind' => 'mask', 'minutes' => 25]],
    ])->save();
    // Of two the one whose label bears what is planned.
    $at = fn (float $minutes): ?string => app(HomeBottles::class)
        ->in($head, [Step::mask($minutes)], Calendar::dayOf($this->salon->today()))[0]->product;
    expect($at(25.0))->toBe('Keratin mask at home')->and($at(5.0))->toBe('Anything mask')
        ->and($at(61.0))->toBeNull();
    $this->actingAs($this->stylist)
        ->post("/clients/{$head->id}/home-routine/links", ['days' => '30'])
        ->assertSessionHasNoErrors();
    $link = HomeLink::query()->latest('id')->firstOrFail();
    auth()->logout();
    $this->get($link->path('card'))->assertOk()->assertSee('Keratin mask at home');
    $this->postJson($link->path('card.acts'), ['acts' => [[
        'key' => 'one', 'kind' => 'wash-day', 'date' => '2027-01-09',
        'value' => ['uid' => $item->uid, 'steps' => [0, 1]],
    ]]])->assertOk()->assertJson(['answers' => [['key' => 'one', 'answer' => 'taken']]]);
    [$cleanse, $mask] = stepsOfLast($head);
    expect($cleanse->product)
        ->toBeNull()
        ->and($mask->product)
        ->toBe('Keratin mask at home')
        ->and($mask->contents?->of(Content::Protein)->typicalPercent)->toBeGreaterThan(0.5);
});

it('says on its page what a bottle does to hair, with what is usual and what is sure', function (string $kind, string $list, array $words): void {
    $product = stood('A bottle', $kind, $list, null, $kind === 'mask' ? 20 : null);
    $page = $this->actingAs($this->stylist)->get("/products/{$product->id}")->assertOk();
    foreach (['On hair, beside a usual one', 'about ', ...$words] as $word) {
        $page->assertSee($word);
    }
})->with([
    'mask' => ['mask', KERATIN_MASK, ['times as much as a usual mask', 'It brings protein', '20 minutes at most']],
    'conditioner' => ['conditioner', 'Aqua, Cetearyl Alcohol', ['times as much as a usual conditioner']],
    'leave-in' => ['leave-in', 'Aqua, Glycerin', ['usual leave-in', 'does not keep water in']],
    'protein' => ['protein', 'Aqua, Hydrolyzed Keratin', ['usual mild protein', 'usual strong protein']],
    'shampoo' => ['shampoo', 'Aqua, Decyl Glucoside', ['as strong as a usual gentle shampoo']],
    'clarifier' => ['clarifier', 'Aqua, Sodium Lauryl Sulfate', ['Nothing in it removes minerals']],
    'chelating' => [
        'clarifier',
        'Aqua, Sodium Lauryl Sulfate, Tetrasodium EDTA 2%',
        ['It removes minerals: about 2.0 %'],
    ],
    'oil' => ['oil', 'Ricinus Communis Seed Oil', ['It keeps water in']],
    'pre-wash' => ['pre-wash', 'Paraffinum Liquidum', ['none of it goes into hair']],
]);
