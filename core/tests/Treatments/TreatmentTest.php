<?php

declare(strict_types=1);

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentCatalogue;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

function effect(Step $step, Porosity $porosity = Porosity::Medium, bool $preWashed = false): StratumEffect
{
    $head = Make::head($porosity);

    return TreatmentCatalogue::of($step->kind)->effectOn(
        $head->strata[0],
        $step,
        new TreatmentContext($head, $preWashed ? Step::preWash('oil', 30) : null),
    );
}

it('knows what every kind of step does', function (): void {
    foreach (StepKind::cases() as $kind) {
        expect(TreatmentCatalogue::of($kind))->toBeInstanceOf(Nagomi\Core\Treatments\Treatment::class);
    }
});

it('cleanses by strength, the second pass counting half', function (): void {
    $once = effect(Step::cleanse(CleanseKind::Shampoo));
    $twice = effect(Step::cleanse(CleanseKind::Shampoo, 2));
    expect($once->washableKept)->toEqualWithDelta(0.3, 1e-12)
        ->and($once->moistureLost)->toEqualWithDelta(5.6, 1e-12)
        ->and($once->proteinLost)->toEqualWithDelta(0.35, 1e-12)
        ->and($once->stubbornKept)->toBe(1.0)
        ->and($once->stubbornAdded)->toEqualWithDelta(0.8, 1e-12)
        ->and($twice->washableKept)->toEqualWithDelta(0.3 * 0.65, 1e-12)
        ->and($twice->moistureLost)->toEqualWithDelta(8.4, 1e-12);
});

it('lets only clarifying and chelating take stubborn build-up', function (): void {
    expect(effect(Step::cleanse(CleanseKind::Clarifying))->stubbornKept)->toEqualWithDelta(0.35, 1e-12)
        ->and(effect(Step::cleanse(CleanseKind::Chelating))->stubbornKept)->toEqualWithDelta(0.08, 1e-12);
});

it('halves the loss of a cleanse behind a pre-wash', function (): void {
    expect(effect(Step::cleanse(CleanseKind::Gentle), preWashed: true)->moistureLost)
        ->toEqualWithDelta(0.5 * effect(Step::cleanse(CleanseKind::Gentle))->moistureLost, 1e-12);
});

it('never deposits less for more minutes, up to the over-long limit', function (Porosity $porosity, StepKind $kind): void {
    $last = -1.0;
    for ($minutes = 0.5; $minutes <= Nagomi\Core\Treatments\Deposit::overLongAfterMinutes(
        new Step($kind, 1),
        Parameters::shipped()->treatments,
    ); $minutes += 0.5) {
        $effect = effect(new Step($kind, $minutes), $porosity);
        $gain = $effect->moistureGain + $effect->proteinGain;
        expect($gain)->toBeGreaterThan($last);
        $last = $gain;
    }
})->with(Porosity::cases())->with([
    StepKind::Mask,
    StepKind::Conditioner,
    StepKind::StrongProtein,
    StepKind::MildProtein,
]);

it('takes moisture when protein stays on over three times its label, and nothing when a mask does', function (): void {
    expect(effect(Step::mildProtein(15))->moistureLost)->toBe(0.0)
        ->and(effect(Step::mildProtein(20))->moistureLost)->toEqualWithDelta(3.0, 1e-12)
        ->and(effect(Step::mask(60))->moistureLost)->toBe(0.0)
        ->and(effect(Step::mask(60))->moistureGain)->toEqualWithDelta(effect(Step::mask(45))->moistureGain, 1e-12);
});

it('costs moisture to put strong protein in', function (): void {
    expect(effect(Step::strongProtein(10))->moistureLost)->toBe(4.0);
});

it('wears hair by minutes, tool and wetness, and renews it by a trim', function (): void {
    expect(effect(Step::detangle(20, 'comb', 'wet-with-slip'))->wearAdded)->toEqualWithDelta(0.4, 1e-12)
        ->and(effect(
            Step::detangle(20, 'brush', 'dry-without'),
        )->wearAdded)->toEqualWithDelta(0.02 * 20 * 1.6 * 3, 1e-12)
        ->and(effect(new Step(StepKind::Trim, millimetres: 30))->wearKept)->toEqualWithDelta(0.9, 1e-12)
        ->and(effect(new Step(StepKind::ChemicalService))->wearAdded)->toBe(20.0);
});

it('refuses steps that cannot be', function (Closure $make, string $sentence): void {
    expect($make)->toRefuse(InvalidArgumentException::class, $sentence);
})->with([
    'no minutes' => [fn () => new Step(StepKind::Mask), 'say how long'],
    'contact time of 0' => [fn () => Step::mask(0), '0.5 to 720 minutes'],
    'contact time of 3,000 minutes' => [fn () => Step::mask(3000), '0.5 to 720 minutes'],
    'contact time not a number' => [fn () => Step::mask(NAN), '0.5 to 720 minutes'],
    'four passes' => [fn () => Step::cleanse(CleanseKind::Gentle, 4), '1 to 3'],
    'a cleanse of nothing' => [fn () => new Step(StepKind::Cleanse), 'what it cleansed with'],
    'a mask that cleanses' => [fn () => new Step(StepKind::Mask, 10, cleanse: CleanseKind::Gentle), 'and no other'],
    'a pre-wash of butter' => [fn () => Step::preWash('butter', 20), 'oil, conditioner, mix'],
    'a fork' => [fn () => Step::detangle(10, 'fork', 'wet-with-slip'), 'fingers, comb or brush'],
    'a trim of nothing' => [fn () => new Step(StepKind::Trim), 'how much'],
    'a day without steps' => [fn () => new WashDay('x', Make::day(), []), 'at least one'],
]);
