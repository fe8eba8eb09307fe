<?php

declare(strict_types=1);


/** @return list<string|null> what each entry was read as */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\IngredientList;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\LabelClaim;
use Nagomi\Core\Products\ListedIngredient;
use Nagomi\Core\Products\ListPart;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Tests\Support\English;

function readAs(string $text): array
{
    return array_map(
        fn (ListedIngredient $entry): ?string => $entry->ingredient?->name,
        IngredientList::read($text, IngredientBook::shipped()),
    );
}

function reading(string $text, bool $ruled = true): ProductAnalysis
{
    return ProductAnalysis::of($text, IngredientBook::shipped(), Parameters::shipped()->products, $ruled);
}

it('ships a book of at least 400 entries with enough of each kind', function (): void {
    $ingredients = IngredientBook::shipped()->ingredients();
    expect(count($ingredients))->toBeGreaterThanOrEqual(400);
    $count = fn (IngredientFunction ...$functions): int => count(array_filter(
        $ingredients,
        fn (Ingredient $one): bool => $one->does(...$functions),
    ));
    expect($count(IngredientFunction::Protein, IngredientFunction::AminoAcid))->toBeGreaterThanOrEqual(40)
        ->and($count(
            IngredientFunction::PenetratingOil,
            IngredientFunction::MixedOil,
            IngredientFunction::SealingOil,
            IngredientFunction::Butter,
        ))->toBeGreaterThanOrEqual(60)
        ->and($count(IngredientFunction::Surfactant))->toBeGreaterThanOrEqual(50)
        ->and($count(IngredientFunction::FilmFormer, IngredientFunction::Silicone))->toBeGreaterThanOrEqual(50)
        ->and($count(IngredientFunction::Humectant))->toBeGreaterThanOrEqual(40)
        ->and($count(IngredientFunction::Chelator, IngredientFunction::Acid))->toBeGreaterThanOrEqual(25)
        ->and($count(IngredientFunction::Conditioner))->toBeGreaterThanOrEqual(60)
        ->and($count(IngredientFunction::Sensitiser, IngredientFunction::FragranceAllergen))->toBeGreaterThanOrEqual(40)
        ->and($count(IngredientFunction::Preservative))->toBeGreaterThanOrEqual(35);
    foreach ($ingredients as $one) {
        expect($one->functions)->not
            ->toBe([], $one->name)
            ->and($one->source)
            ->toBeIn(['published', 'common-practice', 'memory'], $one->name);
        if ($one->does(IngredientFunction::Protein, IngredientFunction::AminoAcid, IngredientFunction::Surfactant)) {
            expect($one->strength)->toBeIn(['mild', 'medium', 'strong'], $one->name);
        } elseif ($one->does(IngredientFunction::FilmFormer, IngredientFunction::Silicone)) {
            expect($one->strength)->toBeIn(['nothing', 'water', 'gentle', 'shampoo', 'clarifying'], $one->name);
        }
        if ($one->capPercent !== null) {
            expect($one->capPercent)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(3.0);
        }
    }
});

it('finds every entry of the book by its own name, in any case', function (): void {
    foreach (IngredientBook::shipped()->ingredients() as $one) {
        expect(IngredientBook::shipped()->find(mb_strtoupper($one->name))[0]->name ?? null)->toBe($one->name);
    }
});

it('reads commas, lines, capitals, brackets, asterisks and footnotes', function (string $text, array $names): void {
    expect(readAs($text))->toBe($names);
})->with([
    'a label' => [
        'INGREDIENTS: AQUA (WATER), GLYCERIN*, BUTYROSPERMUM PARKII (SHEA) BUTTER**, PARFUM (FRAGRANCE). '
            . '*From plants. **Certified organic.',
        ['Aqua', 'Glycerin', 'Butyrospermum Parkii Butter', 'Parfum'],
    ],
    'one on each line' => [
        "Ingredients\nWater/Eau\n- Cetyl Alcohol\n• Dimethicone\n",
        ['Aqua', 'Cetyl Alcohol', 'Dimethicone'],
    ],
    'common names first' => [
        'Purified Water, Shea Butter (Butyrospermum Parkii), Organic Raw Honey, Vegetable Glycerin; Fragrance',
        ['Aqua', 'Butyrospermum Parkii Butter', 'Mel', 'Glycerin', 'Parfum'],
    ],
    'a comma within a name' => [
        'Aqua, 1,2-Hexanediol, 2-Bromo-2-Nitropropane-1,3-Diol',
        ['Aqua', '1,2-Hexanediol', '2-Bromo-2-Nitropropane-1,3-Diol'],
    ],
    'British spelling' => [
        'Hydrolysed Wheat Protein, Sodium Lauryl Sulphate, Behentrimonium Methosulphate, Glycerine',
        ['Hydrolyzed Wheat Protein', 'Sodium Lauryl Sulfate', 'Behentrimonium Methosulfate', 'Glycerin'],
    ],
    'accents' => ['Açai oil, Cúpuaçu butter', ['Euterpe Oleracea Fruit Oil', 'Theobroma Grandiflorum Seed Butter']],
    'slips of the pen' => [
        'Cetearyl Alchol, Behentrimonum Methosulfate, Hydrolyzed Kertain',
        ['Cetearyl Alcohol', 'Behentrimonium Methosulfate', 'Hydrolyzed Keratin'],
    ],
    'colours' => ['Aqua, CI 42090, Mica', ['Aqua', 'CI 42090', 'Mica']],
    'what nobody knows' => ['Aqua, Moonlight Extract of the Seventh Wave', ['Aqua', null]],
]);

it('never takes one numbered or short name for another', function (): void {
    expect(readAs('Aqua, Polyquaternium-99, PEG-9 Dimethicone, MEA'))->toBe(['Aqua', null, null, null])
        ->and(readAs('Polyquaternium-10, Polyquaternium-11'))->toBe(['Polyquaternium-10', 'Polyquaternium-11']);
});

it('keeps what may be in it, and the actives of a drug label, out of the order', function (): void {
    $entries = IngredientList::read(
        'Aqua, Glycerin, Phenoxyethanol [+/- CI 77891, CI 77491, Mica]',
        IngredientBook::shipped(),
    );
    expect(array_map(fn (ListedIngredient $one): ListPart => $one->part, $entries))->toBe([
        ListPart::Ordered, ListPart::Ordered, ListPart::Ordered, ListPart::MayContain, ListPart::MayContain,
        ListPart::MayContain,
    ]);
    $reading = reading(
        "Active ingredient: Zinc Pyrithione 1%\nInactive ingredients: Water, Sodium Laureth Sulfate, Cocamidopropyl Betaine",
    );
    expect($reading->entries[0]->part)
        ->toBe(ListPart::Active)
        ->and($reading->bounds[0])
        ->toBe([1.0, 1.0])
        ->and($reading->entries[1]->part)
        ->toBe(ListPart::Ordered)
        ->and($reading->bounds[1][1])
        ->toBe(100.0);
});

it('says what to paste instead of what is no list', function (string $text, string $sentence): void {
    expect(
        fn (): array => IngredientList::read($text, IngredientBook::shipped()),
    )->toRefuse(InvalidIngredientList::class, $sentence);
})->with([
    'nothing' => [" \n ", 'paste the list from the bottle'],
    'signs alone' => ['*, -, 12', 'no name in this text'],
    'a novel' => [str_repeat('It was a dark and stormy night. ', 500), 'longer than any list'],
    'a page of prose' => [
        'Our story began by the sea, where grandmother, wise as ever, stirred her pot, sang to the gulls, '
            . 'and dreamt of curls, of rain, of salt, of summers, of dances, of lanterns, of boats, of winters by '
            . 'the fire',
        'not its story',
    ],
    'a whole shop' => [implode(', ', array_fill(0, 200, 'Aqua')), 'one product at a time'],
]);

it('bounds the shares by the order, and by what a rule allows', function (): void {
    $reading = reading('Aqua, Cetearyl Alcohol, Phenoxyethanol, Parfum, Hydrolyzed Keratin');
    // Phenoxyethanol is at most 1 % (EU 1223/2009 Annex V), so what follows is too.
    expect($reading->bounds[1])
        ->toBe([0.0, 50.0])
        ->and($reading->bounds[2][1])
        ->toBe(1.0)
        ->and($reading->bounds[4])
        ->toBe([0.0, 1.0])
        ->and($reading->proteinStrength())->toBe('mild');
    // Without that rule the keratin may be a fifth.
    expect(reading(
        'Aqua, Cetearyl Alcohol, Phenoxyethanol, Parfum, Hydrolyzed Keratin',
        ruled: false,
    )->bounds[4][1])->toBe(20.0);
    // A list that breaks the rule it was thought to keep is bounded by its order alone.
    expect(reading('Phenoxyethanol, Parfum')->bounds[0][1])->toBe(100.0);
});

it('tells how strong the protein is, or that the list leaves it open', function (string $text, string $strength): void {
    expect(reading($text)->proteinStrength())->toBe($strength);
})->with([
    'none' => ['Aqua, Glycerin', 'none'],
    'amino acids' => ['Aqua, Arginine, Glycerin', 'mild'],
    'first of all' => ['Hydrolyzed Wheat Protein, Aqua', 'strong'],
    'somewhere' => ['Aqua, Glycerin, Hydrolyzed Keratin, Phenoxyethanol', 'mild-to-strong'],
    'after the preservative' => ['Aqua, Glycerin, Phenoxyethanol, Hydrolyzed Keratin', 'mild'],
]);

it('tells what takes its films off, how strongly it cleanses, and what each load comes from', function (): void {
    $shampoo = reading('Aqua, Sodium C14-16 Olefin Sulfonate, Cocamidopropyl Betaine, Polyquaternium-10, Disodium EDTA, Sodium '
        . 'Benzoate');
    expect($shampoo->surfactantStrength())
        ->toBe('strong')
        ->and($shampoo->removedWith())
        ->toBe('shampoo')
        ->and($shampoo->loads['chelator']->from)
        ->toBe(['Disodium EDTA']);
    $gel = reading('Aqua, PVP, Amodimethicone, Glycerin, Carbomer');
    expect($gel->removedWith())
        ->toBe('clarifying')
        ->and($gel->surfactantStrength())
        ->toBe('none')
        ->and($gel->has('humectant'))
        ->toBeTrue()
        ->and($gel->loads['moisture']->upperPercent)
        ->toBeLessThanOrEqual(100.0);
    foreach ($gel->loads as $load) {
        expect($load->lowerPercent)->toBeLessThanOrEqual($load->upperPercent)->and($load->from)->not->toBe([]);
    }
});

it('says where a label disagrees with its list, and only there', function (LabelClaim $claim, string $text, ?string $words): void {
    $said = $claim->contradiction(reading($text));
    $words === null ? expect($said)->toBeNull() : expect(English::say($said))->toContain($words);
})->with([
    [LabelClaim::ProteinFree, 'Aqua, Silk Amino Acids', 'Silk Amino Acids'],
    [LabelClaim::ProteinFree, 'Aqua, Glycerin', null],
    [LabelClaim::SiliconeFree, 'Aqua, Dimethiconol', 'Dimethiconol'],
    [LabelClaim::SiliconeFree, 'Aqua, Squalane', null],
    [LabelClaim::SulfateFree, 'Aqua, Sodium Laureth Sulfate', 'Sodium Laureth Sulfate'],
    [LabelClaim::SulfateFree, 'Aqua, Behentrimonium Methosulfate, Magnesium Sulfate', null],
    [LabelClaim::FragranceFree, 'Aqua, Lavender Oil', 'scented'],
    [LabelClaim::FragranceFree, 'Aqua, Cetyl Alcohol', null],
    [LabelClaim::AlcoholFree, 'Aqua, Alcohol Denat.', 'drying alcohol'],
    [LabelClaim::AlcoholFree, 'Aqua, Cetearyl Alcohol', null],
    [LabelClaim::ParabenFree, 'Aqua, Methylparaben', 'Methylparaben'],
    [LabelClaim::ForHighPorosity, 'Aqua, Glycerin', 'Nothing in it seals'],
    [LabelClaim::ForHighPorosity, 'Aqua, Shea Butter', null],
    [LabelClaim::ForLowPorosity, 'Shea Butter, Coconut Oil', 'heavy'],
    [LabelClaim::Moisturising, 'Alcohol Denat., Aqua, PVP', 'almost no'],
    [LabelClaim::Strengthening, 'Aqua, Glycerin', 'no protein'],
    [LabelClaim::Clarifying, 'Aqua, Decyl Glucoside', 'mild'],
    [LabelClaim::Clarifying, 'Aqua, Sodium Lauryl Sulfate', null],
    [LabelClaim::Gentle, 'Aqua, Sodium Lauryl Sulfate', 'strong'],
]);

it('can be taught, and the taught stands before the shipped', function (): void {
    $book = IngredientBook::with([
        [new Ingredient('Harbour Kelp Ferment', [IngredientFunction::Humectant], 'medium'), ['Kelp Broth']],
        [new Ingredient('Dimethicone', [IngredientFunction::Silicone], 'clarifying'), []],
    ]);
    [$broth] = IngredientList::read('Kelp Broth', $book);
    expect($broth->ingredient->name)
        ->toBe('Harbour Kelp Ferment')
        ->and(ProductAnalysis::of('Dimethicone', $book, Parameters::shipped()->products)->removedWith())
        ->toBe('clarifying')
        ->and(reading('Dimethicone')->removedWith())->toBe('shampoo');
});

it('names published facts of the book by their source', function (): void {
    // Rele & Mohile, J Cosmet Sci 2003;54:175–192: of coconut, mineral and sunflower oil only coconut lowers protein
    // loss. Keis et al., J Cosmet Sci 2005;56:283–295: coconut penetrates, mineral oil does not.
    $kind = fn (string $name): array => IngredientBook::shipped()->find($name)[0]->functions;
    expect($kind('Coconut Oil'))
        ->toBe([IngredientFunction::PenetratingOil])
        ->and($kind('Mineral Oil'))
        ->toBe([IngredientFunction::SealingOil])
        ->and($kind('Sunflower Oil'))
        ->toBe([IngredientFunction::SealingOil]);
    // EU 1223/2009 Annex V: phenoxyethanol at most 1 %, methylparaben 0.4 % (as acid), methylisothiazolinone 0.0015 %
    // in rinse-off; from memory.
    expect(IngredientBook::shipped()->find('Phenoxyethanol')[0]->capPercent)
        ->toBe(1.0)
        ->and(IngredientBook::shipped()->find('Methylparaben')[0]->capPercent)
        ->toBe(0.4)
        ->and(IngredientBook::shipped()->find('MIT')[0]->capPercent)
        ->toBe(0.0015);
});

it('holds every share between its bounds, for products mixed at random', function (): void {
    mt_srand(11);
    $names = array_values(array_map(
        fn (Ingredient $one): string => $one->name,
        array_filter(
            IngredientBook::shipped()->ingredients(),
            fn (Ingredient $one): bool => $one->capPercent === null
                && ! $one->does(IngredientFunction::Colourant)
                && ! str_contains($one->name, ','),
        ),
    ));
    for ($product = 0; $product < 150; $product++) {
        shuffle($names);
        $count = mt_rand(2, 30);
        $shares = array_map(fn (): float => (mt_rand(1, 1000) / 1000) ** 4, range(1, $count));
        $shares = array_map(fn (float $share): float => 100 * $share / array_sum($shares), $shares);
        // Down to 1 % in descending order, below it in any.
        $above = array_filter($shares, fn (float $share): bool => $share >= 1.0);
        $below = array_filter($shares, fn (float $share): bool => $share < 1.0);
        rsort($above);
        shuffle($below);
        $shares = [...$above, ...$below];
        foreach (reading(implode(', ', array_slice($names, 0, $count)))->bounds as $i => [$lower, $upper]) {
            expect($shares[$i])->toBeGreaterThanOrEqual($lower - 0.001)->toBeLessThanOrEqual($upper + 0.001);
        }
    }
});
