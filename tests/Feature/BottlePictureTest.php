<?php

declare(strict_types=1);

/* The picture of a bottle: how full the one in use is, and how many stand beside it. */

use App\Drawings\Bottle;
use App\Models\Product;
use Nagomi\Core\Products\ProductKind;

function bottleOfKind(?float $left, ?float $size, string $kind = 'shampoo'): Bottle
{
    return Bottle::of((new Product())->forceFill(['kind' => $kind, 'left_ml' => $left, 'size_ml' => $size]));
}

it('is as full as the bottle in use, whatever stands beside it', function (
    ?float $left,
    ?float $size,
    int $full,
    ?float $share,
): void {
    $bottle = bottleOfKind($left, $size);
    $room = bottleOfKind(100, 100)->inside['height'];
    expect($bottle->full)->toBe($full);
    $share === null
        ? expect($bottle->inside)->toBeNull()->and($bottle->says)->toBe(__('products.bottle.unknown'))
        : expect($bottle->inside['height'])->toEqualWithDelta($share * $room, 0.06)
            ->and($bottle->says)->toContain((string) (int) round(100 * $share));
})->with([
    'half' => [50.0, 100.0, 0, 0.5], 'empty' => [0.0, 100.0, 0, 0.0], 'one, full' => [100.0, 100.0, 0, 1.0],
    'one and a half' => [150.0, 100.0, 1, 0.5], 'three, full' => [300.0, 100.0, 2, 1.0],
    'not counted' => [null, 100.0, 0, null], 'of no size' => [50.0, null, 0, null], 'of none' => [50.0, 0.0, 0, null],
]);

it('stands on the paper, whatever it is used as, with what is in it inside of the glass', function (ProductKind $kind): void {
    $bottle = bottleOfKind(70, 100, $kind->value);
    ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] = $bottle->body;
    expect($x >= 0 && $x + $width <= Bottle::WIDTH && $y > 0 && $y + $height <= Bottle::HEIGHT)->toBeTrue()
        ->and($bottle->inside['x'])->toBeGreaterThan($x)
        ->and($bottle->inside['y'])->toBeGreaterThan($y)
        ->and($bottle->inside['y'] + $bottle->inside['height'])->toBeLessThan($y + $height)
        ->and(__("products.steps.{$kind->value}"))->not->toContain('products.steps');
})->with(ProductKind::cases());

it('says on the shelf and on its page how full it is, what it is for and whether it stays on', function (): void {
    $this->actingAs($this->stylist)->post('/products', [
        'name' => 'Kelp cream', 'kind' => 'leave-in', 'size_ml' => '200',
        'ingredients' => 'Aqua, Glycerin, Cetearyl Alcohol',
    ])->assertSessionHasNoErrors();
    $product = Product::query()->sole();
    $product->forceFill(['left_ml' => null])->save();
    $this->get('/products')->assertSee('not counted yet')->assertSee(__('products.bottle.unknown'));
    $this->post("/products/{$product->id}/stock", ['how' => 'left-ml', 'amount' => '450'])->assertSessionHasNoErrors();
    $this->get('/products')->assertSee('450 mL left')->assertSee('the bottle in use is 25 % full')
        ->assertSee(__('picture-help.of.bottles')[0]);
    $this->get("/products/{$product->id}")->assertSee('and 2 full bottles')->assertSee('Used for: the leave-in')
        ->assertSee('stays on the hair until the next wash')->assertSee('load-bar is-moisture', false);
});
