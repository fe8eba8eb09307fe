<?php

declare(strict_types=1);

use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\IngredientList;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Tests\Support\Make;

/** @return list<string> of these, as printed, those that the words of an allergy list forbid */
function forbidden(string $allergies, string ...$printed): array
{
    $book = IngredientBook::shipped();
    $of = Allergies::of($allergies, $book);

    return array_values(array_filter(
        $printed,
        static fn (string $one): bool => $of->name(IngredientList::read($one, $book)[0], $book),
    ));
}

/** @return list<string> names in the book that the words forbid */
function forbiddenInBook(string $allergies): array
{
    return forbidden($allergies, ...array_map(
        static fn (Ingredient $one): string => $one->name,
        IngredientBook::shipped()->ingredients(),
    ));
}

it('hears one word that means many', function (string $said, array $forbidden, array $allowed): void {
    expect(forbidden($said, ...$forbidden))->toBe($forbidden)
        ->and(forbidden($said, ...$allowed))->toBe([]);
})->with([
    'parabens' => ['Parabens', ['Methylparaben', 'Sodium Propylparaben', 'Isobutylparaben'], ['Phenoxyethanol']],
    'silicones' => ['silicones', ['Dimethicone', 'Cyclopentasiloxane', 'Amodimethicone'], ['Cetyl Alcohol']],
    'sulfates' => ['sulphates', ['Sodium Lauryl Sulfate', 'Sodium Coco-Sulfate'], ['Behentrimonium Methosulfate']],
    'wheat' => [
        'Wheat proteins.', ['Hydrolyzed Wheat Protein', 'Triticum Vulgare Germ Oil'], ['Hydrolyzed Rice Protein'],
    ],
    'gluten' => [
        'coeliac',
        ['Hordeum Vulgare Extract', 'Avena Sativa Kernel Extract', 'Wheat Protein'], ['Oryza Sativa Bran Oil'],
    ],
    'lanolin' => ['wool wax', ['Lanolin', 'Lanolin Alcohol', 'Adeps Lanae'], ['Cera Alba']],
    'coconut' => ['coconut', ['Cocos Nucifera Oil', 'Coconut Oil'], ['Cocamidopropyl Betaine', 'Coco-Glucoside']],
    'almond milk' => ['almond milk', ['Prunus Amygdalus Dulcis Oil', 'Milk Protein'], ['Glycerin']],
    'hair dye' => ['hair dye', ['p-Phenylenediamine', 'Toluene-2,5-Diamine', 'Resorcinol'], ['Caramel']],
    'its kin' => ['PPD', ['p-Phenylenediamine', 'm-Aminophenol'], ['Aqua']],
    'daisies' => ['ragweed', ['Chamomilla Recutita Flower Extract', 'Arnica Montana Extract'], ['Aqua']],
    'fish' => ['fish', ['Hydrolyzed Collagen', 'Gelatin'], ['Hydrolyzed Keratin']],
    'in Spanish' => ['frutos secos y parabenos', ['Aceite de Almendras', 'Metilparabeno'], ['Aceite de Oliva']],
    'Spanish plurals' => [
        'aceites esenciales', ['Lavandula Angustifolia Oil', 'Aceite Esencial de Romero'], ['Aceite de Coco'],
    ],
    'Spanish names' => [
        'aceite de coco', ['Cocos Nucifera Oil', 'Aceite de Coco'], ['Aceite de Oliva', 'Coco-Glucoside'],
    ],
]);

/* EU 1169/2011 Annex II, point 8, with the plants’ names; from memory. */
it('means by nuts every nut that food must name, on a label in any of its names', function (): void {
    $nuts = [
        'Prunus Amygdalus Dulcis Oil', 'Corylus Avellana Seed Oil', 'Juglans Regia Seed Oil',
        'Anacardium Occidentale Seed Oil',
        'Carya Illinoinensis Seed Oil', 'Bertholletia Excelsa Seed Oil', 'Pistacia Vera Seed Oil',
        'Macadamia Ternifolia Seed Oil', 'Sweet Almond Oil', 'Hazelnut Oil', 'Walnut Oil', 'Cashew Oil', 'Pecan Oil',
        'Brazil Nut Oil', 'Pistachio Oil', 'Macadamia Oil',
    ];
    expect(forbidden('tree nuts', ...$nuts))->toBe($nuts)
        ->and(forbidden('Nuts.', ...$nuts))->toBe($nuts)
        ->and(forbidden('nuts', 'Cocos Nucifera Oil', 'Butyrospermum Parkii Butter'))->toBe([]);
});

/*
 * De Groot et al., Formaldehyde-releasers: relationship to formaldehyde contact allergy. Contact Dermatitis 2010; the
 * releasers it finds in cosmetics, from memory.
 */
it('means by formaldehyde what sets it free', function (): void {
    expect(forbiddenInBook('formaldehyde'))->toContain(
        'Formaldehyde',
        'Quaternium-15',
        'Imidazolidinyl Urea',
        'Diazolidinyl Urea',
        'DMDM Hydantoin',
        '2-Bromo-2-Nitropropane-1,3-Diol',
        '5-Bromo-5-Nitro-1,3-Dioxane',
        'Sodium Hydroxymethylglycinate',
        'Methenamine',
    )->not->toContain('Phenoxyethanol');
});

/* The scents a label must name: EU 1223/2009 Annex III, as the book has them. */
it('means by fragrance every part of a scent that a label must name, and no other', function (): void {
    $book = IngredientBook::shipped();
    $scents = array_map(static fn (Ingredient $one): string => $one->name, array_values(array_filter(
        $book->ingredients(),
        static fn (Ingredient $one): bool => $one->does(
            IngredientFunction::FragranceAllergen,
            IngredientFunction::Fragrance,
            IngredientFunction::EssentialOil,
        ),
    )));
    expect(forbiddenInBook('Reacts to strong fragrance.'))->toBe($scents)
        ->and(forbiddenInBook('perfume'))->toBe($scents)
        ->and(count($scents))->toBeGreaterThan(60);
});

it('keeps what names no ingredient, and says nothing of who has no allergy', function (
    string $said,
    array $unread,
    bool $isEmpty,
): void {
    $of = Allergies::of($said, IngredientBook::shipped());
    expect($of->unread)->toBe($unread)->and($of->isEmpty())->toBe($isEmpty);
})->with([
    'nothing' => ['', [], true],
    'none' => ['None.', [], true],
    'none known' => ['no known allergies', [], true],
    'shorthand' => ['n/a', [], true],
    'none in Spanish' => ['Ninguna conocida', [], true],
    'without' => ['sin alergias', [], true],
    'none that is known' => ['no se le conocen', [], true],
    'a thing without a name here' => ['látex,  níquel', ['látex', 'níquel'], false],
    'part of it' => ['hay fever; limonene', ['hay fever'], false],
    'known' => ['limonene', [], false],
    'a vitamin' => ['vitamin e', [], false],
    'no such thing' => ['no scalp oils', [], false],
]);

it('never calls good for a client what an unread allergy may forbid', function (): void {
    $book = IngredientBook::shipped();
    $verdict = static fn (string $allergies): array => Suitability::of(
        Nagomi\Core\Products\ProductAnalysis::of(
            'Aqua, Cetyl Alcohol, Glycerin',
            $book,
            Nagomi\Core\Parameters\Parameters::shipped()->products,
        ),
        ProductKind::Conditioner,
        new SuitabilityContext(Make::head(), Allergies::of($allergies, $book), false, null),
        $book,
    );
    expect($verdict('none known')['verdict'])->toBe(SuitabilityVerdict::Good)
        ->and($verdict('latex')['verdict'])->toBe(SuitabilityVerdict::WithCare)
        ->and($verdict('latex')['reasons'][0][1]->key)->toBe('suitability.allergy-not-known')
        ->and($verdict('glycerine')['verdict'])->toBe(SuitabilityVerdict::No);
});
