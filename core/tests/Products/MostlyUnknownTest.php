<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientListing;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\ShelfBottle;
use Nagomi\Core\Products\ShelfCandidates;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Tests\Support\Make;

it('says of a list that is hardly known that it says nothing', function (string $list, bool $isMostlyUnknown): void {
    $reading = ProductAnalysis::of($list, IngredientBook::shipped(), Parameters::shipped()->products);
    expect($reading->isMostlyUnknown())->toBe($isMostlyUnknown)
        ->and(IngredientListing::of($reading)['mostly_unknown'])->toBe($isMostlyUnknown);
})->with([
    'all of it known' => ['Aqua, Cetyl Alcohol, Glycerin', false],
    'one plant nobody knows, near the end' => ['Aqua, Cetyl Alcohol, Glycerin, Moonberry Extract, Parfum', false],
    'nothing but water known' => ['Aqua, Moonberry Dew, Harbour Gum', true],
    'not even water' => ['Moonberry Dew, Harbour Gum', true],
    'only what smells known' => ['Aqua, Moonberry Dew, Harbour Gum, Tide Butter, Parfum', true],
    'water alone' => ['Aqua', false],
]);

it('never gives a wash by itself a bottle whose list is hardly known', function (string $list, ?BottleMiss $refusal): void {
    $head = Make::head();
    $candidates = new ShelfCandidates(
        new SuitabilityContext($head, Allergies::of('', IngredientBook::shipped()), false, null),
        IngredientBook::shipped(),
        Parameters::shipped(),
        'medium',
    );
    $bottle = new ShelfBottle('Tide', ProductKind::Conditioner, $list, 300.0, 300.0, null, null, new Stock(300.0));
    expect($candidates->of($bottle, true)->refusal)->toBe($refusal);
})->with([
    ['Aqua, Cetyl Alcohol, Glycerin', null],
    ['Aqua, Moonberry Dew, Harbour Gum', BottleMiss::MostlyUnknown],
    ['', BottleMiss::NotRead],
]);

it('does not rule protein out for who bears none, where what may be it is not known', function (): void {
    $verdict = static fn (string $list, bool $sensitive): array => Suitability::of(
        ProductAnalysis::of($list, IngredientBook::shipped(), Parameters::shipped()->products),
        ProductKind::Conditioner,
        new SuitabilityContext(
            Make::head(sensitive: $sensitive),
            Allergies::of('', IngredientBook::shipped()),
            false,
            null,
        ),
        IngredientBook::shipped(),
    );
    $list = 'Aqua, Cetyl Alcohol, Moonberry Dew, Glycerin';
    // What stands behind a preservative that may be 1 % at most cannot be more than that.
    $tail = 'Aqua, Cetyl Alcohol, Glycerin, Phenoxyethanol, Moonberry Dew';
    expect($verdict($list, true)['verdict'])->toBe(SuitabilityVerdict::WithCare)
        ->and($verdict($list, true)['reasons'][0][1]->key)->toBe('suitability.protein-not-known')
        ->and($verdict($list, false)['verdict'])->toBe(SuitabilityVerdict::Good)
        ->and($verdict($tail, true)['verdict'])->toBe(SuitabilityVerdict::Good);
});
