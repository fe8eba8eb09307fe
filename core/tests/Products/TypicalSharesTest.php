<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleReading;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\IngredientList;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ListedIngredient;
use Nagomi\Core\Products\ListPart;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\TypicalShares;
use Nagomi\Core\Treatments\Content;

function listRead(string $text): ProductAnalysis
{
    return ProductAnalysis::of($text, IngredientBook::shipped(), Parameters::shipped()->products);
}

/** @return float % of a content that is typical of a list */
function holds(string $text, Content $content): float
{
    return BottleReading::contents(listRead($text), Parameters::shipped()->contents)->of($content)->typicalPercent;
}

/*
 * Formulas as cosmetic handbooks give them to begin with: a rinse-out, a shampoo by its actives, a blend of oils, a protein
 * spray, a mask and a gel. From memory; % by weight.
 */
dataset('formulas', [
    'rinse-out' => [[
        'Aqua' => 89.6, 'Cetearyl Alcohol' => 4.5, 'Glycerin' => 2.0, 'Behentrimonium Chloride' => 1.6,
        'Dimethicone' => 1.0, 'Parfum' => 0.5, 'Phenoxyethanol' => 0.7, 'Citric Acid' => 0.1,
    ]],
    'shampoo' => [[
        'Aqua' => 82.6, 'Sodium Laureth Sulfate' => 9.8, 'Cocamidopropyl Betaine' => 3.0, 'Sodium Chloride' => 1.5,
        'Glycol Distearate' => 1.0, 'Parfum' => 0.6, 'Polyquaternium-10' => 0.3, 'Sodium Benzoate' => 0.5,
        'Citric Acid' => 0.3,
    ]],
    'oils' => [[
        'Helianthus Annuus Seed Oil' => 55.0, 'Argania Spinosa Kernel Oil' => 25.0, 'Ricinus Communis Seed Oil' => 19.0,
        'Tocopherol' => 0.5, 'Parfum' => 0.5,
    ]],
    'protein spray' => [[
        'Aqua' => 94.2, 'Hydrolyzed Wheat Protein' => 2.0, 'Hydrolyzed Keratin' => 1.2, 'Panthenol' => 1.0,
        'Phenoxyethanol' => 0.9, 'Citric Acid' => 0.3, 'Parfum' => 0.2,
    ]],
    'mask' => [[
        'Aqua' => 77.0, 'Cetearyl Alcohol' => 6.0, 'Butyrospermum Parkii Butter' => 5.0, 'Glycerin' => 4.0,
        'Behentrimonium Methosulfate' => 3.0, 'Cocos Nucifera Oil' => 2.0, 'Panthenol' => 1.0,
        'Phenoxyethanol' => 0.9, 'Parfum' => 0.6, 'Xanthan Gum' => 0.3,
    ]],
    'gel' => [[
        'Aqua' => 91.0, 'PVP' => 4.0, 'Glycerin' => 2.5, 'Carbomer' => 0.6, 'Aminomethyl Propanol' => 0.5,
        'Phenoxyethanol' => 0.9, 'Panthenol' => 0.3, 'Parfum' => 0.2,
    ]],
]);

it('comes near what known formulas hold, from their order alone', function (array $formula): void {
    $read = listRead(implode(', ', array_keys($formula)));
    $apart = [];
    foreach (array_values($formula) as $i => $percent) {
        $apart[] = abs(log($read->typical[$i] / $percent));
        expect($read->typical[$i])->toBeGreaterThanOrEqual($percent / 4)->toBeLessThanOrEqual($percent * 4);
    }
    sort($apart);
    // Half of them within a factor of 1.7; bounds alone leave open everything from nothing to a third.
    expect(exp($apart[intdiv(count($apart), 2)]))
        ->toBeLessThan(1.7)
        ->and(array_sum($read->typical))
        ->toEqualWithDelta(100.0, 0.1);
})->with('formulas');

it('stays between the bounds, and falls down to the line, whatever is listed', function (): void {
    mt_srand(5);
    $names = array_values(array_map(
        static fn (Ingredient $one): string => $one->name,
        array_filter(
            IngredientBook::shipped()->ingredients(),
            static fn (Ingredient $one): bool => ! $one->does(IngredientFunction::Colourant)
                && ! str_contains($one->name, ','),
        ),
    ));
    for ($product = 0; $product < 200; $product++) {
        shuffle($names);
        $listed = array_slice($names, 0, mt_rand(1, 25));
        $read = listRead(($product % 2 === 0 ? 'Aqua, ' : '') . implode(', ', $listed));
        $before = 100.0;
        foreach ($read->typical as $i => $typical) {
            [$lower, $upper] = $read->bounds[$i];
            expect($typical)->toBeGreaterThanOrEqual($lower)->toBeLessThanOrEqual($upper);
            if ($typical > 1.0) {
                expect($typical)->toBeLessThanOrEqual($before + 0.01);
                $before = $typical;
            }
        }
        foreach ($read->loads as $load) {
            expect($load->typicalPercent)
                ->toBeGreaterThanOrEqual($load->lowerPercent - 0.01)
                ->toBeLessThanOrEqual($load->upperPercent + 0.01);
        }
    }
});

it('bends the usual levels as little as the order asks for: none where they fall by themselves', function (): void {
    $entry = static fn (float $percent): ListedIngredient => new ListedIngredient(
        'x',
        null,
        false,
        ListPart::Ordered,
        $percent,
    );
    $of = static fn (float ...$percent): array => array_map(
        static fn (float $share): float => round($share, 2),
        TypicalShares::of(array_map($entry, $percent), null, Parameters::shipped()->products),
    );
    expect($of(60.0, 30.0, 9.0, 0.6, 0.4))->toBe([60.0, 30.0, 9.0, 0.6, 0.4])
        // Two that rise are pooled at their geometric mean, and what is above the line is scaled to the rest.
        ->and($of(40.0, 10.0, 40.0))->toBe([50.0, 25.0, 25.0])
        ->and(TypicalShares::of([], null, Parameters::shipped()->products))->toBe([]);
});

it('takes a share that is printed at its word', function (): void {
    $read = listRead('Aqua, Glycerin 12%, Hydrolyzed Keratin (3 %), Phenoxyethanol');
    expect($read->typical[1])->toBe(12.0)->and($read->typical[2])->toBe(3.0)->and($read->typical[3])->toBeLessThan(1.0);
});

it('reads off a list what its bottle does to hair', function (): void {
    $keratin = 'Aqua, Cetearyl Alcohol, Hydrolyzed Keratin, Behentrimonium Chloride, Phenoxyethanol';
    expect(holds($keratin, Content::Protein))->toBeGreaterThan(1.0)
        ->and(holds(str_replace('Hydrolyzed Keratin', 'Keratin', $keratin), Content::Protein))
        ->toEqualWithDelta(0.3 * holds($keratin, Content::Protein), 0.01)
        ->and(holds('Aqua, Cetearyl Alcohol, Phenoxyethanol, Hydrolyzed Keratin', Content::Protein))
        ->toBeLessThanOrEqual(1.0)
        ->and(holds('Aqua, Glycerin', Content::Protein))
        ->toBe(0.0)
        ->and(holds('Cocos Nucifera Oil, Olea Europaea Fruit Oil', Content::PenetratingOil))
        ->toBeGreaterThan(60.0)
        ->toBeLessThan(100.0)
        ->and(holds('Mineral Oil, Helianthus Annuus Seed Oil', Content::PenetratingOil))
        ->toBe(0.0)
        ->and(holds('Aqua, Sodium Lauryl Sulfate', Content::Surfactant))
        ->toBeGreaterThan(2 * holds('Aqua, Decyl Glucoside', Content::Surfactant))
        ->and(holds('Aqua, Amodimethicone, Phenoxyethanol', Content::StubbornFilm))
        ->toBeGreaterThan(0.0)
        ->and(holds('Aqua, Amodimethicone, Phenoxyethanol', Content::WashableFilm))
        ->toBe(0.0)
        ->and(holds('Cyclopentasiloxane, Isododecane', Content::Sealing))
        ->toBe(0.0)
        ->and(holds('Cyclopentasiloxane, Isododecane', Content::WashableFilm))->toBe(0.0);
});

it('knows what only holds a cream together, what evaporates, what is mild and what works on the scalp', function (): void {
    $does = static fn (string $name): array => array_map(
        static fn (IngredientFunction $of): string => $of->value,
        IngredientBook::shipped()->find($name)[0]->functions ?? [],
    );
    expect($does('Sodium Cetearyl Sulfate'))->toBe(['emulsifier'])
        ->and($does('Ceteareth-20'))->toBe(['emulsifier'])
        ->and($does('PEG-100 Stearate'))->toBe(['emulsifier'])
        ->and($does('Glycol Distearate'))->toBe(['emulsifier'])
        ->and($does('Isododecane'))->toBe(['volatile'])
        ->and($does('Cyclopentasiloxane'))->toBe(['silicone', 'volatile'])
        ->and(IngredientBook::shipped()->find('Sodium Laureth-5 Carboxylate')[0]->strength ?? '')->toBe('mild')
        ->and(listRead('Cyclopentasiloxane, Dimethiconol')->removedWith())->toBe('shampoo')
        ->and(listRead('Cyclopentasiloxane')->removedWith())->toBe('nothing')
        ->and(listRead('Cyclopentasiloxane')->feel('weight'))->toBe(['low', 'low']);
    foreach (['Piroctone Olamine', 'Salicylic Acid', 'Ketoconazole', 'Zinc Pyrithione', 'Tea Tree Oil'] as $active) {
        expect($does($active))->toContain('scalp-active');
    }
    // By size, not by name: what is cut small goes in, what is whole stays on the surface.
    foreach (['Keratin', 'Silk', 'Oat', 'Rice', 'Wheat', 'Soy'] as $protein) {
        $named = static fn (string $name): string => IngredientBook::shipped()->find($name)[0]->strength ?? '';
        $whole = in_array($protein, ['Keratin', 'Silk'], true) ? $protein : "{$protein} Protein";
        $cut = "Hydrolyzed {$whole}";
        expect($named($cut))->toBe('strong', $cut)->and($named($whole))->toBe('mild', $whole);
    }
});

it('reads headings and notes as labels of other countries print them', function (string $text, array $names): void {
    expect(array_map(
        static fn (ListedIngredient $one): ?string => $one->ingredient?->name,
        IngredientList::read($text, IngredientBook::shipped()),
    ))->toBe($names);
})->with([
    'French' => ['Ingrédients : Aqua, Glycerin*, Parfum *issu de l’agriculture biologique', ['Aqua', 'Glycerin', 'Parfum']],
    'German' => [
        'Inhaltsstoffe: Aqua, Glycerin*, Linalool** *aus kontrolliert biologischem Anbau **natürlicher Bestandteil',
        ['Aqua', 'Glycerin', 'Linalool'],
    ],
    'Spanish' => ['Ingredientes: Aqua, Glycerin* *de cultivo ecológico', ['Aqua', 'Glycerin']],
    'Italian' => ['Ingredienti: Aqua, Glycerin', ['Aqua', 'Glycerin']],
    'several' => ['Ingredients/Ingrédients/Inhaltsstoffe: Aqua, Cetyl Alcohol', ['Aqua', 'Cetyl Alcohol']],
    'a note without a full stop' => ['Aqua, Glycerin*, Parfum *certified organic', ['Aqua', 'Glycerin', 'Parfum']],
    'a star before a name is no note' => [
        'Aqua, *Aloe Barbadensis Leaf Juice (organic), Glycerin',
        ['Aqua', 'Aloe Barbadensis Leaf Juice', 'Glycerin'],
    ],
]);

it('refuses what a bottle says of itself', function (string $prose): void {
    expect(fn (): array => IngredientList::read($prose, IngredientBook::shipped()))
        ->toRefuse(InvalidIngredientList::class, 'not its story');
})->with([
    'This lovely conditioner softens curls with shea butter and coconut oil.',
    'Apply to wet hair from root to tip. Leave on for ten minutes while you sing. Rinse it well with cool water.',
]);
