<?php

declare(strict_types=1);

use App\Jobs\RenewSalon;
use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;

/*
 * What a label and an allergy list call a thing by: in Spanish, by one word for many, by a name nobody here knows.
 */

function labelled(object $test, string $name, string $kind, string $ingredients): Product
{
    $test->actingAs($test->stylist)->post('/products', [
        'name' => $name, 'kind' => $kind, 'ingredients' => $ingredients, 'size_ml' => '500',
    ])->assertSessionHasNoErrors();

    return Product::query()->where('name', $name)->sole();
}

/** @return string how a product suits a client, as its page of products says it */
function suiting(object $test, Head $head, string $name): string
{
    $page = (string) $test->get("/clients/{$head->id}/products")->assertOk()->getContent();
    $row = '~<b>([^<]+)</b>(?:(?!<b>).)*<strong>' . preg_quote($name, '~') . '</strong>~s';
    expect(preg_match($row, $page, $found))->toBe(1);

    return $found[1];
}

it('reads a label in Spanish as one in the international names', function (): void {
    $product = labelled(
        $this,
        'Mar',
        'conditioner',
        'Agua, alcohol cetílico, glicerina, cloruro de behentrimonio, proteína de trigo hidrolizada, fragancia',
    );
    $this->get("/products/{$product->id}")->assertOk()->assertSee('Hydrolyzed Wheat Protein')
        ->assertSee('Moisture:')->assertDontSee('not known');
    $this->get('/products')->assertSee('mild to strong protein');
});

it('says of a list that is hardly known what it means, and nothing of what the bottle does', function (): void {
    $product = labelled($this, 'Tide', 'conditioner', 'Aqua, Moonberry Dew, Harbour Gum');
    $this->get("/products/{$product->id}")->assertOk()
        ->assertSee('Most of what is in it is not known: 2 of 3 ingredients.')
        ->assertSee('the balance takes it for a usual rinse-out conditioner')
        ->assertDontSee('Surfactants')->assertDontSee('Moisture:')->assertDontSee('times as much')
        ->assertDontSee('<strong>about', false);
    $this->get('/products')->assertSee('most of it is not known yet');
    // One that is known but for a little is said to be so.
    $list = 'Aqua, Cetyl Alcohol, Glycerin, Behentrimonium Chloride, Moonberry Dew';
    $known = labelled($this, 'Ebb', 'conditioner', $list);
    $this->get("/products/{$known->id}")->assertOk()
        ->assertSee('One of its 5 ingredients is not known; what it does is not counted.')
        ->assertSee('Moisture:');
});

it('gives no wash a bottle whose list is hardly known, and says why', function (): void {
    $head = $this->aHead();
    $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail()->update([
        'steps' => [['kind' => 'conditioner', 'minutes' => 3]],
    ]);
    labelled($this, 'Tide', 'conditioner', 'Aqua, Moonberry Dew, Harbour Gum');
    expect(suiting($this, $head, 'Tide'))->toBe('with care');
    $this->get("/clients/{$head->id}/wash")->assertOk()
        ->assertSee('No bottle here does it: Tide (most of what is in it is not known).');
    $known = labelled($this, 'Ebb', 'conditioner', 'Aqua, Cetyl Alcohol, Glycerin, Behentrimonium Chloride');
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertSee($known->name)
        ->assertSee('Not chosen: Tide (most of what is in it is not known).');
});

it('holds one word that means many against every label', function (
    string $allergies,
    string $ingredients,
    string $names,
): void {
    $head = $this->aHead();
    $head->update(['allergies' => $allergies]);
    $product = labelled($this, 'Slip', 'conditioner', $ingredients);
    $this->get("/products/{$product->id}")->assertSee('Not for')->assertSee("The allergy list names it: {$names}.");
    expect(suiting($this, $head, 'Slip'))->toBe('does not suit');
})->with([
    'silicones' => ['Silicones', 'Aqua, Cetyl Alcohol, Dimethicone', 'Dimethicone'],
    'fragrance' => ['fragrance', 'Aqua, Cetyl Alcohol, Limonene', 'Limonene'],
    'nuts' => ['nuts', 'Aqua, Cetyl Alcohol, Prunus Amygdalus Dulcis Oil', 'Prunus Amygdalus Dulcis Oil'],
    'in Spanish' => ['siliconas', 'Agua, alcohol cetílico, dimeticona', 'dimeticona'],
]);

it('says of an allergy that names no ingredient that nobody has read for it, once', function (): void {
    $head = $this->aHead();
    labelled($this, 'Slip', 'conditioner', 'Aqua, Cetyl Alcohol, Glycerin');
    labelled($this, 'Plain mask', 'mask', 'Aqua, Cetyl Alcohol, Glycerin');
    $sentence = 'No ingredient is known here by “látex”, so no bottle is called good before its label is read for it.';
    $head->update(['allergies' => 'látex']);
    $this->get("/clients/{$head->id}")->assertOk()->assertSee($sentence);
    $page = (string) $this->get("/clients/{$head->id}/products")->assertOk()->getContent();
    expect(substr_count($page, $sentence))->toBe(1)->and(suiting($this, $head, 'Slip'))->not->toBe('suits');

    $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail()->update([
        'steps' => [['kind' => 'conditioner', 'minutes' => 3]],
    ]);
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertSee('Read its label for “látex” before the first use.');

    $head->update(['allergies' => 'None known.']);
    $this->get("/clients/{$head->id}")->assertOk()->assertDontSee('No ingredient is known')
        ->assertDontSee('Nothing on this skin');
    expect(suiting($this, $head, 'Slip'))->toBe('suits');
});

it('knows what somebody reacted to by whichever of its names a label has', function (): void {
    $head = $this->aHead();
    labelled($this, 'Slip', 'conditioner', 'Aqua, Cetyl Alcohol, Cocos Nucifera Oil');
    labelled($this, 'Ebb', 'conditioner', 'Aqua, Cetyl Alcohol, Glycerin');
    Reaction::query()->create([
        'salon_id' => $head->salon_id, 'head_id' => $head->id, 'ingredient' => 'coconut oil', 'what' => 'Itched',
        'on' => '2027-01-05', 'by' => 'Test',
    ]);
    expect(suiting($this, $head, 'Slip'))->toBe('does not suit')->and(suiting($this, $head, 'Ebb'))->toBe('suits');
});

it('says that a name stands on the shelf twice', function (): void {
    labelled($this, 'Slip', 'conditioner', 'Aqua, Cetyl Alcohol, Glycerin');
    $this->get('/products')->assertOk();
    $this->post('/products', ['name' => 'Slip', 'kind' => 'mask', 'ingredients' => 'Aqua, Glycerin'])
        ->assertSessionHas('said', static fn (string $said): bool => str_contains($said, 'not the only one there'));
    $this->post('/products', ['name' => 'Ebb', 'kind' => 'mask', 'ingredients' => 'Aqua, Glycerin'])
        ->assertSessionHas('said', 'On the shelf.');
});

it('reads the lists of a salon anew at night, as the book stands then', function (): void {
    $product = labelled($this, 'Mar', 'conditioner', 'Agua, alcohol cetílico, glicerina');
    // As a release before this one had read it.
    $product->update([
        'reading' => ['unknown' => ['Agua', 'alcohol cetílico', 'glicerina'], 'loads' => []] + $product->reading,
    ]);
    $this->get('/products')->assertSee('nothing that is known yet');
    RenewSalon::dispatchSync($product->salon_id);
    expect($product->refresh()->reading['unknown'])->toBe([]);
    $this->get('/products')->assertDontSee('nothing that is known yet')->assertSee('humectants');
});

it('says in Spanish how a bottle feels and what became of it', function (): void {
    $product = labelled($this, 'Mar', 'conditioner', 'Agua, alcohol cetílico, glicerina');
    $this->post("/products/{$product->id}/stock", ['how' => 'bought', 'amount' => '200'])
        ->assertSessionHasNoErrors();
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh())->get("/products/{$product->id}")->assertOk()
        ->assertSee('fijación baja')->assertSee('comprado')->assertDontSee(' low')->assertDontSee(': bought');
});
