<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ShippedData;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientName;
use Nagomi\Core\Products\ListedIngredient;
use Nagomi\Core\Products\MixKind;
use Nagomi\Core\Products\MixNames;
use Nagomi\Core\Products\ProductAnalysis;

it('reads every Spanish name as the ingredient it names, and as no other', function (): void {
    $book = IngredientBook::shipped();
    $own = [];
    foreach ($book->ingredients() as $ingredient) {
        $own[$ingredient->name] = true;
    }
    $kitchen = array_column(ShippedData::table('household.csv'), 'name', 'name');
    $seen = [];
    foreach (IngredientBook::abroad() as $name => $also) {
        expect(isset($own[$name]) || isset($kitchen[$name]))->toBeTrue($name);
        foreach (isset($own[$name]) ? $also : [] as $spanish) {
            [$found, $isGuess] = $book->find($spanish) ?? [null, true];
            expect($found?->name)->toBe($name, $spanish)->and($isGuess)->toBeFalse($spanish);
            $key = IngredientName::key($spanish);
            expect($seen[$key] ?? $name)->toBe($name, $spanish);
            $seen[$key] = $name;
        }
    }
    expect(count($seen))->toBeGreaterThan(400);
});

it('reads a label in Spanish, with or without its praise', function (): void {
    $reading = ProductAnalysis::of(
        'Ingredientes: Agua purificada, alcohol cetílico, glicerina vegetal, cloruro de behentrimonio, aceite de oliva '
            . 'virgen extra, proteína de trigo hidrolizada, MANTECA DE KARITÉ*, fragancia, benzoato de sodio. '
            . '*de cultivo ecológico',
        IngredientBook::shipped(),
        Parameters::shipped()->products,
    );
    expect(array_map(static fn (ListedIngredient $one): ?string => $one->ingredient?->name, $reading->entries))->toBe([
        'Aqua', 'Cetyl Alcohol', 'Glycerin', 'Behentrimonium Chloride', 'Olea Europaea Fruit Oil',
        'Hydrolyzed Wheat Protein', 'Butyrospermum Parkii Butter', 'Parfum', 'Sodium Benzoate',
    ])->and($reading->proteinStrength())->not->toBe('none')->and($reading->isMostlyUnknown())->toBeFalse();
});

it('guesses at no name that shares all but the letters that count', function (string $printed): void {
    expect(IngredientBook::shipped()->find($printed))->toBeNull();
})->with(['aceite de limo', 'aceite de caco', 'manteca de manco', 'proteina de trino hidrolizada']);

it('knows a colour by its number alone', function (): void {
    expect(IngredientBook::shipped()->find('42090')[0]->name ?? '')->toBe('CI 42090')
        ->and(IngredientBook::shipped()->find('CI 42090')[0]->name ?? '')->toBe('CI 42090')
        ->and(IngredientBook::shipped()->find('4209'))->toBeNull();
});

it('knows the parts of a mix in Spanish, the harmful ones first of all', function (
    string $name,
    MixKind $kind,
    ?float $most,
): void {
    $names = new MixNames(IngredientBook::shipped(), Parameters::shipped()->products);
    $part = $names->part($name, 5.0);
    expect($part->kind)->toBe($kind)->and($part->mostPercent)->toBe($most);
})->with([
    ['agua', MixKind::Water, null],
    ['gel de linaza', MixKind::Water, null],
    ['aceite de coco', MixKind::Oil, null],
    ['Huevo', MixKind::Fresh, null],
    ['aguacate', MixKind::Fresh, null],
    ['vinagre de manzana', MixKind::Water, 25.0],
    ['jugo de limón', MixKind::Fresh, 5.0],
    ['aceite esencial de romero', MixKind::EssentialOil, null],
    ['romero', MixKind::EssentialOil, null],
    ['gotas de aceite esencial de canela', MixKind::EssentialOil, 0.07],
    ['esencia de pino', MixKind::EssentialOil, null],
    ['agua de clavo', MixKind::Unknown, null],
    ['polvo de hadas', MixKind::Unknown, null],
]);
