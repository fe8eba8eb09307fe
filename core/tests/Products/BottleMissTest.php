<?php

declare(strict_types=1);

use Nagomi\Core\Products\BottleFacts;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleNeed;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** A bottle nothing speaks against, but for what the test changes. */
function bottle(mixed ...$but): BottleFacts
{
    return new BottleFacts(...$but + [
        'protein' => 'none', 'surfactants' => 'medium', 'chelates' => false, 'caresForScalp' => false,
        'goodUntil' => null, 'leftMl' => 100.0, 'labelMinutes' => null,
    ]);
}

function needs(mixed ...$but): BottleNeed
{
    return new BottleNeed(...$but + ['kind' => ProductKind::Mask, 'on' => Make::day(), 'ml' => 20.0]);
}

it('lets a bottle do what it can and says what it cannot', function (
    BottleNeed $need,
    BottleFacts $bottle,
    ?BottleMiss $miss,
): void {
    expect(BottleMiss::of($need, $bottle))->toBe($miss);
})->with([
    'nothing asked' => [fn () => needs(), fn () => bottle(), null],
    'the last day it is good' => [fn () => needs(), fn () => bottle(goodUntil: Make::day()), null],
    'a day later' => [
        fn () => needs(), fn () => bottle(goodUntil: Make::day('2026-03-01')), BottleMiss::PastItsTime,
    ],
    'just enough' => [fn () => needs(), fn () => bottle(leftMl: 20.0), null],
    'a little too little' => [fn () => needs(), fn () => bottle(leftMl: 19.9), BottleMiss::TooLittle],
    'never counted' => [fn () => needs(), fn () => bottle(leftMl: null), null],
    'strong for strong' => [fn () => needs(protein: 'strong'), fn () => bottle(protein: 'strong'), null],
    'perhaps strong for strong' => [
        fn () => needs(protein: 'strong'), fn () => bottle(protein: 'mild-to-strong'), null,
    ],
    'mild for strong' => [
        fn () => needs(protein: 'strong'), fn () => bottle(protein: 'mild'), BottleMiss::ProteinTooMild,
    ],
    'none for strong' => [fn () => needs(protein: 'strong'), fn () => bottle(), BottleMiss::NoProtein],
    'strong for mild' => [
        fn () => needs(protein: 'mild'), fn () => bottle(protein: 'strong'), BottleMiss::ProteinTooStrong,
    ],
    'mild for mild' => [fn () => needs(protein: 'mild'), fn () => bottle(protein: 'mild'), null],
    'a little where none may be' => [
        fn () => needs(protein: 'none'), fn () => bottle(protein: 'mild'), BottleMiss::HoldsProtein,
    ],
    'harsh for gentle' => [
        fn () => needs(cleanse: CleanseKind::Gentle), fn () => bottle(surfactants: 'strong'), BottleMiss::TooHarsh,
    ],
    'medium for gentle' => [fn () => needs(cleanse: CleanseKind::Gentle), fn () => bottle(), null],
    'mild for clarifying' => [
        fn () => needs(cleanse: CleanseKind::Clarifying), fn () => bottle(surfactants: 'mild'),
        BottleMiss::TooMildACleanse,
    ],
    'without a chelator' => [
        fn () => needs(cleanse: CleanseKind::Chelating), fn () => bottle(surfactants: 'strong'),
        BottleMiss::DoesNotChelate,
    ],
    'with one' => [
        fn () => needs(cleanse: CleanseKind::Chelating), fn () => bottle(surfactants: 'strong', chelates: true), null,
    ],
    'longer than its label' => [
        fn () => needs(minutes: 25.0), fn () => bottle(labelMinutes: 10), BottleMiss::SitsTooShort,
    ],
    'as long as its label' => [fn () => needs(minutes: 10.0), fn () => bottle(labelMinutes: 10), null],
]);

it('asks for a mask without protein after strong protein, and where there is to be none', function (): void {
    $mask = Step::mask(25);
    $strong = new Step(StepKind::StrongProtein, minutes: 10);
    $of = fn (array $day, bool $free): ?string => BottleNeed::of(
        $mask,
        $day,
        ProductKind::Mask,
        Make::day(),
        20.0,
        $free,
    )->protein;
    expect($of([$mask], false))->toBeNull()
        ->and($of([$strong, $mask], false))->toBe('none')
        ->and($of([$mask], true))->toBe('none')
        ->and(BottleNeed::of($strong, [$strong, $mask], ProductKind::Protein, Make::day(), 20.0, true)->protein)
        ->toBe('strong')
        ->and(BottleNeed::of($mask, [$mask], ProductKind::Mask, Make::day(), 20.0, false, 40.0)->minutes)->toBe(40.0);
});

it('takes each step out of a bottle of its kind', function (Step $step, ?ProductKind $kind): void {
    expect(ProductKind::of($step))->toBe($kind);
})->with([
    'oil before the water' => [fn () => Step::preWash('oil', 30), ProductKind::PreWash],
    'a mix before the water' => [fn () => Step::preWash('mix', 20), ProductKind::PreWash],
    'conditioner before the water' => [fn () => Step::preWash('conditioner', 20), ProductKind::Conditioner],
    'gentle' => [fn () => Step::cleanse(CleanseKind::Gentle), ProductKind::Shampoo],
    'for the scalp' => [fn () => Step::cleanse(CleanseKind::ScalpCare), ProductKind::Shampoo],
    'co-wash' => [fn () => Step::cleanse(CleanseKind::CoWash), ProductKind::CoWash],
    'chelating' => [fn () => Step::cleanse(CleanseKind::Chelating), ProductKind::Clarifier],
    'mild protein' => [fn () => new Step(StepKind::MildProtein, 5.0), ProductKind::Protein],
    'mask' => [fn () => Step::mask(20), ProductKind::Mask],
    'seal' => [fn () => Step::seal(), ProductKind::Oil],
    'scalp oil' => [fn () => Step::scalpOil(), ProductKind::ScalpCare],
    'trim' => [fn () => new Step(StepKind::Trim, millimetres: 5.0), null],
]);

it('counts every time a day takes a bottle', function (): void {
    $conditioner = Step::conditioner(3);
    $twice = Step::cleanse(CleanseKind::Gentle, 2);
    $day = [Step::preWash('conditioner', 20), $twice, $conditioner];
    expect(BottleNeed::times(ProductKind::Conditioner, $conditioner, $day))->toBe(2)
        ->and(BottleNeed::times(ProductKind::Shampoo, $twice, $day))->toBe(2)
        ->and(BottleNeed::times(ProductKind::Shampoo, $twice, []))->toBe(2)
        ->and(BottleNeed::times(ProductKind::Styler, null, $day))->toBe(1);
});
