<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Tests\Support\English;

function wearer(
    Porosity $porosity = Porosity::Medium,
    string $allergies = '',
    bool $careful = false,
    ?float $dewPoint = null,
    array $with = [],
): SuitabilityContext {
    $zones = array_map(
        fn (Zone $zone): ZonePart => new ZonePart(
            $zone,
            Part::Length,
            $porosity,
            $with['strand'] ?? StrandDiameter::Medium,
        ),
        Zone::cases(),
    );
    $head = new Head(
        $zones,
        hardnessMgPerL: $with['hardness'] ?? 100,
        proteinSensitive: $with['sensitive'] ?? false,
        soreScalp: $with['sore'] ?? false,
        method: new Method($with['method'] ?? []),
    );

    return new SuitabilityContext($head, Allergies::of($allergies, IngredientBook::shipped()), $careful, $dewPoint);
}

/** @return array{SuitabilityVerdict, string} the verdict and all its reasons in one line */
function suits(string $list, ProductKind $kind, SuitabilityContext $wearer): array
{
    $book = IngredientBook::shipped();
    $told = Suitability::of(ProductAnalysis::of($list, $book, Parameters::shipped()->products), $kind, $wearer, $book);

    return [$told['verdict'], implode(' ', English::all(array_column($told['reasons'], 1)))];
}

it('never lets past what an allergy list names, in whatever words', function (string $allergies, string $list, bool $named): void {
    [$verdict, $why] = suits($list, ProductKind::LeaveIn, wearer(allergies: $allergies));
    expect($verdict === SuitabilityVerdict::No)->toBe($named);
    if ($named) {
        expect($why)->toContain('The allergy list names it');
    }
})->with([
    ['Wheat proteins.', 'Aqua, Hydrolysed Wheat Protein', true],
    ['Wheat proteins.', 'Aqua, Hydrolyzed Silk', false],
    ['nuts; coconut', 'Aqua, Cocos Nucifera Oil', true],
    ['Reacts to strong fragrance; patch test everything new.', 'Aqua, Parfum', true],
    ['Reacts to strong fragrance; patch test everything new.', 'Aqua, Glycerin', false],
    ['lanolin, MI and propolis', 'Aqua, Wool Fat', true],
    ['', 'Aqua, Parfum', false],
    ['almonds', 'Aqua, Prunus Amygdalus Dulcis (Sweet Almond) Oil', true],
]);

it('keeps protein from who is sensitive to it, and strong things from a sore scalp', function (): void {
    expect(suits(
        'Hydrolyzed Keratin, Aqua',
        ProductKind::Mask,
        wearer(with: ['sensitive' => true]),
    )[0])->toBe(SuitabilityVerdict::No)
        ->and(suits(
            'Aqua, Arginine',
            ProductKind::Mask,
            wearer(with: ['sensitive' => true]),
        )[0])->toBe(SuitabilityVerdict::WithCare)
        ->and(suits(
            'Aqua, Glycerin',
            ProductKind::Mask,
            wearer(with: ['sensitive' => true]),
        )[0])->toBe(SuitabilityVerdict::Good)
        ->and(suits(
            'Aqua, Silk Amino Acids',
            ProductKind::Mask,
            wearer(with: ['method' => ['protein' => 'avoided']]),
        )[1])->toContain('avoids protein')
        ->and(suits(
            'Aqua, Sodium Lauryl Sulfate',
            ProductKind::Shampoo,
            wearer(with: ['sore' => true]),
        )[0])->toBe(SuitabilityVerdict::No)
        ->and(suits(
            'Aqua, Tea Tree Oil',
            ProductKind::ScalpCare,
            wearer(with: ['sore' => true]),
        )[1])->toContain('Not on a sore scalp: Melaleuca')
        ->and(suits(
            'Aqua, Peppermint Oil',
            ProductKind::Shampoo,
            wearer(careful: true),
        )[0])->toBe(SuitabilityVerdict::WithCare);
});

it('tells by stratum, method and air', function (): void {
    expect(suits(
        'Shea Butter, Castor Oil, Coconut Oil',
        ProductKind::LeaveIn,
        wearer(Porosity::Low),
    )[1])->toContain('Heavy')
        ->and(suits(
            'Aqua, Glycerin',
            ProductKind::LeaveIn,
            wearer(Porosity::High),
        )[1])->toContain('Nothing in it seals')
        ->and(suits('Aqua, Shea Butter', ProductKind::LeaveIn, wearer(Porosity::High))[1])->toContain('It seals')
        ->and(suits(
            'Aqua, Jojoba Oil',
            ProductKind::LeaveIn,
            wearer(with: ['method' => ['oils' => 'none']]),
        )[1])->toContain('no oils')
        ->and(suits(
            'Aqua, Dimethicone',
            ProductKind::Styler,
            wearer(with: ['method' => ['cleansing' => 'alternate-co-wash']]),
        )[0])->toBe(SuitabilityVerdict::WithCare)
        ->and(suits('Aqua, Amodimethicone', ProductKind::Styler, wearer())[1])->toContain('clarifying cleanse only')
        ->and(suits(
            'Aqua, Glycerin',
            ProductKind::LeaveIn,
            wearer(dewPoint: -3),
        )[1])->toContain('Dry air, dew point −3')
        ->and(suits('Aqua, Glycerin', ProductKind::LeaveIn, wearer(dewPoint: 20))[1])->toContain('Sticky air')
        ->and(suits('Aqua, Glycerin', ProductKind::LeaveIn, wearer(dewPoint: 9))[0])->toBe(SuitabilityVerdict::Good)
        ->and(suits(
            'Aqua, Sodium Laureth Sulfate, Disodium EDTA',
            ProductKind::Clarifier,
            wearer(with: ['hardness' => 310]),
        )[1])->toContain('310 mg/L');
    // What nobody knows cannot be called safe for somebody with allergies.
    expect(suits(
        'Aqua, Moonlight Extract of the Seventh Wave',
        ProductKind::LeaveIn,
        wearer(allergies: 'lanolin'),
    )[0])->toBe(SuitabilityVerdict::WithCare);
});
