<?php

declare(strict_types=1);

use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\LabelMinutes;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\WashDays\WashDayBottles;
use App\Models\Head;
use App\Models\Product;

function aMask(string $name, ?int $minutes, ?Head $head = null): Product
{
    $test = test();
    $ingredients = 'Aqua, Cetearyl Alcohol, Glycerin';
    $book = app(SalonIngredients::class)->of($test->salon);
    $mask = new Product([
        'name' => $name, 'kind' => 'mask', 'ingredients' => $ingredients,
        'reading' => app(SalonIngredients::class)->read($ingredients, $book), 'claims' => [], 'size_ml' => 500,
        'left_ml' => 300, 'label_minutes' => $minutes, 'head_id' => $head?->id,
    ]);
    $mask->salon_id = $test->salon->id;
    $mask->save();

    return $mask;
}

/** @return list<float> minutes of the masks that are planned */
function plannedMasks(Head $head): array
{
    app(Outlooks::class)->current($head->refresh());
    $minutes = [];
    foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
        foreach ($item->steps as $step) {
            if ($step['kind'] === 'mask') {
                $minutes[] = (float) $step['minutes'];
            }
        }
    }

    return $minutes;
}

it('never plans a mask for longer than the bottles bear', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    expect(max(plannedMasks($head)))->toBeGreaterThan(12.0);
    $short = aMask('Short', 12);
    expect(LabelMinutes::of($head)['mask'] ?? null)->toBe(12)->and($head->refresh()->outlook_due_from)->not->toBeNull();
    $planned = plannedMasks($head);
    expect($planned)->not->toBe([])->and(max($planned))->toBeLessThanOrEqual(12.0);
    // Another that bears more: the plan may choose it, and then the wash day does.
    aMask('Long', 30);
    $planned = plannedMasks($head);
    expect(LabelMinutes::of($head)['mask'] ?? null)->toBe(30)->and(max($planned))->toBeLessThanOrEqual(30.0);
    $chosen = app(WashDayBottles::class)->of($head)['mask']->product?->name;
    expect($chosen)->toBe(max($planned) > 12.0 ? 'Long' : $chosen);
    // One that does not say: nothing is known of how long it sits.
    $unsaid = aMask('Unsaid', null);
    expect(LabelMinutes::of($head)['mask'] ?? null)->toBeNull();
    $unsaid->update(['recalled_on' => '2027-01-01']);
    expect(LabelMinutes::of($head)['mask'] ?? null)->toBe(30);
    // A client's own bottle is what a mask is done with.
    aMask('Own', 7, $head);
    expect(LabelMinutes::of($head)['mask'] ?? null)
        ->toBe(7)
        ->and(max([0.0, ...plannedMasks($head)]))->toBeLessThanOrEqual(7.0);
    $short->delete();
    expect(LabelMinutes::of($head)['mask'] ?? null)->toBe(7);
});

it('asks for the minutes of the label, and says what to type instead', function (): void {
    $this->actingAs($this->stylist);
    $form = fn (string $minutes): array => [
        'name' => 'Sea mask', 'kind' => 'mask', 'ingredients' => 'Aqua', 'label_minutes' => $minutes,
    ];
    $this->post('/products', $form('20'))->assertSessionHasNoErrors();
    expect(Product::query()->sole()->label_minutes)->toBe(20);
    foreach (['0', '721', 'long', '2,5'] as $wrong) {
        $this->from('/products/new')->post('/products', $form($wrong))->assertSessionHasErrors('label_minutes');
    }
    $this->get('/products/' . Product::query()->sole()->id . '/edit')->assertSee('Sits at most, by its label');
});

it('never plans protein for longer than its bottles bear, and takes one that bears it', function (): void {
    $head = $this->aHead();
    $short = aMask('Short protein', 4);
    $short->update(['kind' => 'protein', 'ingredients' => 'Aqua, Hydrolyzed Keratin']);
    expect(LabelMinutes::of($head))->toBe(['protein' => 4])->and($head->refresh()->outlook_due_from)->not->toBeNull();
    app(Outlooks::class)->current($head);
    foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
        foreach ($item->steps as $step) {
            if (str_ends_with($step['kind'], '-protein')) {
                expect($step['minutes'])->toBeLessThanOrEqual(4);
            }
        }
    }
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $item->forceFill(['steps' => [['kind' => 'strong-protein', 'minutes' => 9]]])->save();
    aMask('Long protein', 12)->update(['kind' => 'protein', 'ingredients' => 'Aqua, Hydrolyzed Keratin']);
    expect(app(WashDayBottles::class)->of($head)['protein']->product?->name)->toBe('Long protein');
});
