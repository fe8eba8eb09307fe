<?php

declare(strict_types=1);

/*
 * What is made up in the salon: scaled to a batch, and within the caps that protect the skin, whatever the parts are
 * called. Caps after Tisserand & Young, Essential Oil Safety (from memory); the kitchen is common practice, no source.
 */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixKind;
use Nagomi\Core\Products\MixNames;
use Nagomi\Core\Products\MixUse;

/** @param array<string, float> $parts percent by name */
function mixOf(array $parts, string $carrier = 'Jojoba Oil', array $uses = [MixUse::Scalp], float $ml = 60.0): Mix
{
    $names = new MixNames(IngredientBook::shipped(), Parameters::shipped()->products);
    $named = [];
    foreach ($parts as $name => $percent) {
        $named[] = $names->part($name, $percent);
    }

    return new Mix($named, $names->part($carrier, 0.0), $ml, Parameters::shipped()->products, $uses);
}

it('scales a mix, in drops where it is little', function (): void {
    // Worked by hand: 0.5 % of 60 mL is 0.3 mL, at 20 drops a millilitre 6 drops (common practice, no source).
    $scaled = mixOf(['Lavender Oil' => 0.5, 'Castor Oil' => 25])->scaled();
    expect($scaled[0])->toBe(['name' => 'Lavender Oil', 'percent' => 0.5, 'ml' => 0.3, 'drops' => 6])
        ->and($scaled[1]['ml'])->toBe(15.0)
        ->and($scaled[1]['drops'])->toBeNull()
        ->and($scaled[2])->toBe(['name' => 'Jojoba Oil', 'percent' => 74.5, 'ml' => 44.7, 'drops' => null]);
});

it('knows a part by any of its names, and takes nothing for harmless that it does not know', function (
    string $name,
    MixKind $kind,
): void {
    $names = new MixNames(IngredientBook::shipped(), Parameters::shipped()->products);
    expect($names->part($name, 1.0)->kind)->toBe($kind);
})->with([
    'the book’s name' => ['Mentha Piperita Oil', MixKind::EssentialOil],
    'the common one' => ['Peppermint Oil', MixKind::EssentialOil],
    'the plant alone' => ['peppermint', MixKind::EssentialOil],
    'in capitals' => ['CLOVE', MixKind::EssentialOil],
    'with its part' => ['clove bud essential oil', MixKind::EssentialOil],
    'praised' => ['pure organic lavender', MixKind::EssentialOil],
    'drops of it' => ['Tea tree drops', MixKind::EssentialOil],
    'short' => ['Rosemary EO', MixKind::EssentialOil],
    'one the book does not know' => ['Niaouli essential oil', MixKind::EssentialOil],
    'a slip of the pen' => ['Pepermint Oil', MixKind::EssentialOil],
    'nobody knows it' => ['Moonbeam elixir', MixKind::Unknown],
    'nearly a harmless one' => ['Jojobba Oil', MixKind::Unknown],
    'scent' => ['Parfum', MixKind::Unknown],
    'a tea' => ['Green Tea', MixKind::Water],
    'steeped' => ['Rosemary tea', MixKind::Water],
    'flower water' => ['lavender hydrosol', MixKind::Water],
    'water' => ['water', MixKind::Water],
    'aloe' => ['Aloe Vera Gel', MixKind::Water],
    'oil' => ['Castor Oil', MixKind::Oil],
    'butter' => ['Shea Butter', MixKind::Oil],
    'kitchen' => ['Yoghurt', MixKind::Fresh],
    'egg' => ['egg yolk', MixKind::Fresh],
    'clay' => ['Rhassoul clay', MixKind::Dry],
]);

it('sums what is essential oil and what nobody knows, the carrier too, and says which', function (
    array $parts,
    string $carrier,
    array $uses,
    string $says,
): void {
    expect(fn (): Mix => mixOf($parts, $carrier, $uses))->toRefuse(DomainException::class, $says);
})->with([
    'too much' => [
        ['Tea Tree Oil' => 2.0], 'Water', [MixUse::Scalp], 'come to 2 % (Tea Tree Oil 2 %); on the scalp 1 %',
    ],
    'two together' => [
        ['Tea Tree Oil' => 0.6, 'Lavender Oil' => 0.6], 'Water', [MixUse::Scalp],
        'come to 1.2 % (Tea Tree Oil 0.6 %, Lavender Oil 0.6 %)',
    ],
    'by the plant’s name' => [['peppermint' => 5.0], 'Water', [MixUse::Scalp], 'peppermint 5 %'],
    'more than one alone bears' => [
        ['clove' => 0.6], 'Water', [MixUse::RinsedOff], 'clove: 0.5 % is the most of it by itself',
    ],
    'as the carrier' => [['Castor Oil' => 50.0], 'lavender', [MixUse::Scalp], 'lavender 50 %'],
    'nobody knows it' => [
        ['Moonbeam elixir' => 30.0], 'Water', [MixUse::Scalp],
        'Not known here, and counted as an essential oil until it is named: Moonbeam elixir.',
    ],
    'an unknown carrier' => [['Castor Oil' => 10.0], 'mystery', [MixUse::Scalp], 'mystery 90 %'],
    'for a child, any' => [
        ['Lavender Oil' => 0.1], 'Water', [MixUse::RinsedOff, MixUse::Child], 'on a child under 12 there is none',
    ],
    'from 12 to 15' => [['Lavender Oil' => 0.3], 'Water', [MixUse::Scalp, MixUse::Young], 'from 12 to 15 years 0.25 %'],
    'in pregnancy' => [['Lavender Oil' => 0.3], 'Water', [MixUse::Scalp, MixUse::Pregnancy], 'in pregnancy 0.25 %'],
    'with asthma' => [['Lavender Oil' => 0.3], 'Water', [MixUse::Scalp, MixUse::Asthma], 'with asthma 0.25 %'],
    'rinsed off' => [['Lavender Oil' => 2.1], 'Water', [MixUse::RinsedOff], 'in what is rinsed off 2 %'],
    'sour' => [['Vinegar' => 26.0], 'Water', [MixUse::Scalp], 'Vinegar: 25 % is the most of it by itself'],
]);

it('lets through what is within its caps, to the hundredth', function (array $parts, array $uses): void {
    expect(mixOf($parts, 'Water', $uses)->scaled())->toHaveCount(count($parts) + 1);
})->with([
    'one percent' => [['Tea Tree Oil' => 0.5, 'Lavender Oil' => 0.5], [MixUse::Scalp]],
    'two, rinsed off' => [['Lavender Oil' => 2.0], [MixUse::RinsedOff]],
    'a quarter' => [['Lavender Oil' => 0.25], [MixUse::Scalp, MixUse::Pregnancy]],
    'clove' => [['Clove Oil' => 0.5], [MixUse::Scalp]],
    'a child, without' => [['Aloe Vera' => 40.0, 'Honey' => 5.0], [MixUse::Scalp, MixUse::Child]],
    'vinegar' => [['Cider vinegar' => 25.0], [MixUse::RinsedOff]],
]);

it('refuses shares that are none', function (array $parts, float $ml, string $says): void {
    expect(fn (): Mix => mixOf($parts, 'Water', ml: $ml))->toRefuse(DomainException::class, $says);
})->with([
    'more than all' => [['Aloe Vera' => 80.0, 'Honey' => 30.0], 100.0, 'come to 110.0 %'],
    'minus' => [['Aloe Vera' => -2.0], 100.0, 'more than 0'],
    'no number' => [['Aloe Vera' => NAN], 100.0, 'more than 0'],
    'no batch' => [['Aloe Vera' => 20.0], 0.0, 'how much to make'],
    'no number of mL' => [['Aloe Vera' => 20.0], NAN, 'how much to make'],
]);

it('keeps as long as what keeps least, and not what is not in it', function (array $parts, string $carrier, int $days): void {
    expect(mixOf($parts, $carrier)->keepsDays())->toBe($days);
})->with([
    'oil alone' => [['Castor Oil' => 50.0, 'Lavender Oil' => 0.5], 'Jojoba Oil', 180],
    'with water' => [['Castor Oil' => 50.0], 'Water', 5],
    'food' => [['Yoghurt' => 50.0, 'Castor Oil' => 5.0], 'Water', 1],
    'no water left' => [['Castor Oil' => 60.0, 'Jojoba Oil' => 40.0], 'Water', 180],
    'nobody knows' => [['Moonbeam elixir' => 0.5], 'Jojoba Oil', 5],
]);

it('believes the salon’s own book', function (): void {
    $book = IngredientBook::with([[new Ingredient('Moonbeam Elixir', [IngredientFunction::Humectant]), []]]);
    $names = new MixNames($book, Parameters::shipped()->products);
    expect($names->part('moonbeam elixir', 30.0)->kind)->toBe(MixKind::Water);
    $book = IngredientBook::with([[new Ingredient('Niaouli Oil', [IngredientFunction::EssentialOil]), []]]);
    $names = new MixNames($book, Parameters::shipped()->products);
    expect($names->part('niaouli', 1.0)->kind)->toBe(MixKind::EssentialOil);
});
