<?php

declare(strict_types=1);

/* The bottle a wash day picks does what the step asks, and what was passed over is said. */

use App\Bridge\Products\ChosenBottle;
use App\Bridge\WashDays\WashDayBottles;
use App\Models\Head;
use App\Models\Product;
use Tests\Feature\FeatureTestCase;

beforeEach(fn () => $this->actingAs($this->stylist));

/** @param array<string, mixed> $but */
function onTheShelf(FeatureTestCase $test, string $name, string $kind, string $ingredients, array $but = []): Product
{
    $test->post('/products', [
        'name' => $name, 'kind' => $kind, 'ingredients' => $ingredients, 'size_ml' => '500', 'price' => '9',
    ])->assertSessionHasNoErrors();
    $product = Product::query()->where('name', $name)->sole();
    $product->update($but + ['left_ml' => 400.0]);

    return $product;
}

/** @param list<array<string, mixed>> $steps of the next wash day */
function plannedAs(Head $head, array $steps): void
{
    $next = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    $next->forceFill(['steps' => $steps])->save();
}

/** @return array<string, array<string, mixed>> by kind */
function picked(Head $head): array
{
    return array_filter(array_map(
        fn (ChosenBottle $bottle): ?array => $bottle->kept(),
        app(WashDayBottles::class)->of($head->refresh()),
    ));
}

it('takes strong protein for strong protein, and a mask without any after it', function (): void {
    $head = $this->aHead();
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'strong-protein', 'minutes' => 10],
        ['kind' => 'mask', 'minutes' => 20],
    ]);
    onTheShelf($this, 'A mild rinse', 'protein', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol, Hydrolyzed Silk');
    onTheShelf($this, 'Keratin mask', 'mask', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol');
    expect(picked($head))->not->toHaveKey('protein')->not->toHaveKey('mask');
    $this->get("/clients/{$head->id}/wash")->assertOk()
        ->assertSee('No bottle here does it: A mild rinse (its protein is too mild).')
        ->assertSee('Keratin mask (holds protein where there must be none)');
    onTheShelf($this, 'Strong treatment', 'protein', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol');
    onTheShelf($this, 'Plain mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin');
    $bottles = picked($head);
    expect($bottles['protein']['name'])->toBe('Strong treatment')
        ->and($bottles['mask']['name'])->toBe('Plain mask');
    $this->get("/clients/{$head->id}/wash")->assertSee('Strong treatment')->assertDontSee('No bottle here does it');
    // The other way round: mild is asked, strong is passed over.
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mild-protein', 'minutes' => 5],
        ['kind' => 'mask', 'minutes' => 20],
    ]);
    expect(picked($head)['protein']['name'])->toBe('A mild rinse')
        ->and(isset(picked($head)['mask']))->toBeTrue();
});

it('passes over what is past its time or nearly empty, and says so', function (): void {
    $head = $this->aHead();
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'leave-in']]);
    $old = onTheShelf($this, 'Old leave-in', 'leave-in', 'Aqua, Glycerin', [
        'opened_on' => '2025-01-01', 'months_open' => 6, 'price_cents' => 1,
    ]);
    onTheShelf($this, 'Empty jar', 'leave-in', 'Aqua, Glycerin', ['left_ml' => 3.0, 'price_cents' => 1]);
    onTheShelf($this, 'Fresh leave-in', 'leave-in', 'Aqua, Glycerin', ['price_cents' => 5000]);
    $bottle = picked($head)['leave-in'];
    expect($bottle['name'])->toBe('Fresh leave-in')->and($bottle['passed'])->toContain('Old leave-in (past its time)');
    Product::query()->where('name', 'Fresh leave-in')->delete();
    expect(picked($head))->not->toHaveKey('leave-in')
        ->and(app(WashDayBottles::class)->of($head)['leave-in']->missing)
        ->toContain('Old leave-in (past its time)')->toContain('Empty jar (too little left)');
    $old->update(['opened_on' => null]);
    expect(picked($head)['leave-in']['name'])->toBe('Old leave-in');
});

it('takes minerals off only with what does, and cleanses gently with what is gentle', function (): void {
    $head = $this->aHead();
    onTheShelf($this, 'Plain clarifier', 'clarifier', 'Aqua, Sodium Laureth Sulfate, Sodium Chloride');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'chelating', 'passes' => 1]]);
    expect(app(WashDayBottles::class)->of($head)['clarifier']->missing)->toContain('takes no minerals off');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'clarifying', 'passes' => 1]]);
    expect(picked($head)['clarifier']['name'])->toBe('Plain clarifier');
    onTheShelf($this, 'Harsh shampoo', 'shampoo', 'Aqua, Sodium Lauryl Sulfate, Sodium Chloride');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1]]);
    expect(picked($head))->not->toHaveKey('shampoo');
    onTheShelf($this, 'Soft shampoo', 'shampoo', 'Aqua, Decyl Glucoside, Glycerin');
    expect(picked($head)['shampoo']['name'])->toBe('Soft shampoo');
});
