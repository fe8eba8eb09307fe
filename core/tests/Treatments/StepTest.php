<?php

declare(strict_types=1);

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\ContentFactor;
use Nagomi\Core\Treatments\ContentShare;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentCatalogue;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/** A day of these steps. */
function dayOf(Step ...$steps): WashDay
{
    return Make::washDay('2026-03-02', array_values($steps));
}

function stepEffect(Step $step, array $percent = [], ?TreatmentContext $day = null): StratumEffect
{
    $head = Make::head(Porosity::Medium);
    $contents = $percent === [] ? null : new BottleContents(array_map(
        static fn (float $of): ContentShare => new ContentShare($of, $of, $of),
        $percent,
    ));

    return TreatmentCatalogue::of($step->kind)
        ->effectOn($head->strata[0], $step->with($contents), $day ?? new TreatmentContext($head));
}

it('takes every value of its range, to the edge', function (Step $step): void {
    expect($step)->toBeInstanceOf(Step::class);
})->with([
    'half a minute' => [fn () => Step::mask(0.5)],
    'twelve hours' => [fn () => Step::mask(720.0)],
    'three passes' => [fn () => Step::cleanse(CleanseKind::Gentle, 3)],
    'a trim of half a millimetre' => [fn () => new Step(StepKind::Trim, millimetres: 0.5)],
    'a trim of a metre' => [fn () => new Step(StepKind::Trim, millimetres: 1000.0)],
    'fingers' => [fn () => Step::detangle(5, 'fingers', 'wet-without')],
    'brush' => [fn () => Step::detangle(5, 'brush', 'dry-with-oil')],
    'dry' => [fn () => Step::detangle(5, 'comb', 'dry-without')],
    'wet' => [fn () => Step::detangle(5, 'comb', 'wet-with-slip')],
    'heat tool, medium' => [fn () => new Step(StepKind::HeatTool, how: 'medium')],
    'heat tool, high' => [fn () => new Step(StepKind::HeatTool, how: 'high')],
    'pool' => [fn () => new Step(StepKind::Swim, how: 'pool')],
    'sea' => [fn () => new Step(StepKind::Swim, how: 'sea')],
    'up, loose' => [fn () => new Step(StepKind::UpStyle, how: 'loose')],
    'up, tight' => [fn () => new Step(StepKind::UpStyle, how: 'tight')],
    'oil over night' => [fn () => Step::preWash('oil', 30, true)],
    'conditioner before' => [fn () => Step::preWash('conditioner', 30)],
    'a mix before' => [fn () => Step::preWash('mix', 30)],
]);

it('says what to give beyond an edge', function (Closure $make, string $words): void {
    expect($make)->toRefuse(InvalidArgumentException::class, $words);
})->with([
    'no pass' => [fn () => Step::cleanse(CleanseKind::Gentle, 0), 'Passes: give 1 to 3.'],
    'four passes' => [fn () => Step::cleanse(CleanseKind::Gentle, 4), 'Passes: give 1 to 3.'],
    'a second' => [fn () => Step::mask(0.49), 'Minutes: give 0.5 to 720 minutes.'],
    'a day' => [fn () => Step::mask(720.1), 'Minutes: give 0.5 to 720 minutes.'],
    'a mask over night' => [fn () => new Step(StepKind::Mask, 9, eveningBefore: true), 'only a pre-wash is put on'],
    'an unknown how' => [
        fn () => new Step(StepKind::Swim, how: 'lake'),
        'How: choose one of pool, sea.',
    ],
    'a how too many' => [fn () => new Step(StepKind::Mask, 9, how: 'wet'), 'How: leave it out for mask.'],
    'a hair' => [fn () => new Step(StepKind::Trim, millimetres: 0.49), '0.5 to 1000 mm'],
    'a rope' => [fn () => new Step(StepKind::Trim, millimetres: 1000.1), '0.5 to 1000 mm'],
    'no length' => [fn () => new Step(StepKind::Trim), '0.5 to 1000 mm'],
    'no number' => [fn () => new Step(StepKind::Trim, millimetres: NAN), '0.5 to 1000 mm'],
]);

it('knows of a day what it has, what it cleansed with, and how it leaves the hair', function (): void {
    $gentle = Step::cleanse(CleanseKind::Gentle);
    $coWash = Step::cleanse(CleanseKind::CoWash);
    $tight = new Step(StepKind::UpStyle, how: 'tight');
    $loose = new Step(StepKind::UpStyle, how: 'loose');
    $detangle = Step::detangle(5, 'comb', 'wet-with-slip');
    expect(dayOf($gentle, Step::mask(9))->has(StepKind::Mask))->toBeTrue()
        ->and(dayOf($gentle)->has(StepKind::Mask, StepKind::Conditioner))->toBeFalse()
        ->and(dayOf($coWash, Step::mask(9), $coWash)->coWashes())->toBeTrue()
        ->and(dayOf($coWash, $gentle)->coWashes())->toBeFalse()
        ->and(dayOf(Step::mask(9))->coWashes())->toBeFalse()
        ->and(dayOf($gentle, Step::cleanse(CleanseKind::Clarifying))->clarifies())->toBeTrue()
        ->and(dayOf(Step::cleanse(CleanseKind::Chelating))->clarifies())->toBeTrue()
        ->and(dayOf($gentle, Step::mask(9))->clarifies())->toBeFalse()
        ->and(dayOf($tight)->leavesTight())->toBeTrue()
        ->and(dayOf($gentle, $tight)->leavesTight())->toBeTrue()
        ->and(dayOf($tight, $loose)->leavesTight())->toBeFalse()
        ->and(dayOf($gentle)->leavesTight())->toBeFalse()
        ->and(dayOf($detangle)->leavesTight())->toBeFalse()
        ->and(dayOf(new Step(StepKind::Wetting))->leavesTight())->toBeNull();
});

it('counts whole days, through summer time as well, and knows days that are none', function (): void {
    $day = static fn (string $of): DateTimeImmutable => Calendar::day($of) ?? throw new LogicException($of);
    expect(Calendar::daysBetween($day('2026-01-01'), $day('2027-01-01')))->toBe(365)
        ->and(Calendar::daysBetween($day('2026-03-28'), $day('2026-03-30')))->toBe(2)
        ->and(Calendar::daysBetween($day('2026-01-01'), $day('2046-01-01')))->toBe(7305)
        ->and(Calendar::daysBetween($day('2026-03-02'), $day('2026-03-01')))->toBe(-1)
        ->and(Calendar::day('2026-02-29'))->toBeNull()
        ->and(Calendar::day('soon'))->toBeNull();
});

it('gives more moisture for more of it in the bottle, and never what its kind does not give', function (): void {
    $usual = stepEffect(Step::mask(20))->moistureGain;
    expect(stepEffect(Step::mask(20), ['moisture' => 22.0])->moistureGain / $usual)->toEqualWithDelta(sqrt(2), 1e-9)
        ->and(stepEffect(Step::mask(20), ['moisture' => 5.5])->moistureGain / $usual)
        ->toEqualWithDelta(1 / sqrt(2), 1e-9)
        ->and(stepEffect(Step::strongProtein(5), ['moisture' => 22.0])->moistureGain)->toBe(0.0)
        // Left in it gives all it has; three label times over nothing of it is lost.
        ->and(stepEffect(Step::leaveIn())->moistureGain)->toEqualWithDelta(6.0, 1e-9)
        ->and(stepEffect(new Step(StepKind::LeaveIn, 600))->moistureGain)->toEqualWithDelta(6.0, 1e-9)
        ->and(stepEffect(new Step(StepKind::LeaveIn, 600))->moistureLost)->toBe(0.0);
});

it('works like so much of a mild treatment, at most all of it', function (): void {
    $mild = stepEffect(Step::mildProtein(20))->proteinGain;
    $mask = static fn (float $percent): float => stepEffect(
        Step::mask(20),
        ['moisture' => 11.0, 'protein' => $percent],
    )->proteinGain;
    expect($mask(0.0))->toBe(0.0)
        ->and($mask(0.4))->toEqualWithDelta(0.4 * $mask(1.0), 1e-9)
        ->and($mask(1.0))->toBeGreaterThan(0.9 * $mild)
        ->and($mask(9.0))->toBe($mask(1.0));
    // Half a percent in the mean, none to one: a quarter of the width, as a share of what it is.
    $beside = ContentFactor::beside(new ContentShare(0.0, 0.5, 1.0), 1.0);
    expect($beside->times)->toBe(0.5)->and($beside->sd)->toBe(0.5)
        ->and(ContentFactor::beside(new ContentShare(0.0, 1.0, 2.0), 4.0)->times)->toBe(0.25)
        ->and(ContentFactor::beside(new ContentShare(0.0, 0.01, 1.0), 1.0)->sd)->toBe(1.0)
        ->and(ContentFactor::beside(null, 1.0)->times)->toBe(0.0)
        ->and(ContentFactor::beside(new ContentShare(0.0, 0.0, 0.0), 1.0)->sd)->toBe(0.0);
});

it('cleanses, wears and protects by the numbers it says', function (): void {
    $head = Make::head(Porosity::High);
    $effect = TreatmentCatalogue::of(StepKind::Cleanse)->effectOn(
        $head->strata[0],
        Step::cleanse(CleanseKind::Shampoo, 2),
        TreatmentContext::on($head, [Step::preWash('oil', 30), Step::cleanse(CleanseKind::Shampoo, 2)]),
    );
    // 8 · (1 + ½) · .7 · 1.25 behind an oil that keeps half away; two passes of .2 wear, halved too.
    expect($effect->moistureLost)->toEqualWithDelta(5.25, 1e-9)
        ->and($effect->wearAdded)->toEqualWithDelta(0.2, 1e-9);
    // Four times the surfactant is twice the power: what stays is what stays, squared.
    $twice = stepEffect(Step::cleanse(CleanseKind::Clarifying), ['surfactant' => 56.0]);
    expect($twice->stubbornKept)->toEqualWithDelta(0.35 ** 2, 1e-9)
        ->and($twice->washableKept)->toEqualWithDelta(0.07 ** 2, 1e-9);
    $edge = stepEffect(Step::cleanse(CleanseKind::Chelating), ['surfactant' => 14.0, 'chelator' => 0.5]);
    expect($edge->stubbornKept)->toEqualWithDelta(0.08, 1e-9);
    expect(stepEffect(new Step(StepKind::HeatTool, how: 'high'))->wearAdded)
        ->toBeGreaterThan(stepEffect(new Step(StepKind::HeatTool, how: 'medium'))->wearAdded)
        ->and(stepEffect(new Step(StepKind::Trim, millimetres: 150.0))->wearKept)->toEqualWithDelta(0.5, 1e-9)
        ->and(stepEffect(new Step(StepKind::Trim, millimetres: 900.0))->wearKept)->toBe(0.0);
    expect(TreatmentContext::on($head, [Step::mask(9)])->preWash)->toBeNull();
});

it('leaves a film by its share, four times the usual twice as much', function (): void {
    $left = stepEffect(Step::leaveIn(), ['moisture' => 4.0, 'washable-film' => 3.0, 'stubborn-film' => 1.0]);
    $share = Make::head()->parameters->model->washableShare;
    expect($left->washableAdded)->toEqualWithDelta(2 * (2 * 0.75 - $share), 1e-9)
        ->and($left->stubbornAdded)->toEqualWithDelta(2 * (2 * 0.25 - (1 - $share)), 1e-9);
    $little = stepEffect(Step::leaveIn(), ['moisture' => 4.0, 'washable-film' => 0.49]);
    expect($little->washableAdded)->toEqualWithDelta(2 * (0.7 - $share), 1e-9);
    foreach ([Step::mildProtein(5), Step::preWash('oil', 30)] as $step) {
        $none = stepEffect($step, ['washable-film' => 9.0]);
        expect($none->washableAdded)->toBe(0.0)->and($none->stubbornAdded)->toBe(0.0);
    }
});

it('seals from five percent, and nothing else seals', function (): void {
    $head = Make::head();
    $with = static fn (float $percent): BottleContents => new BottleContents([
        'sealing' => new ContentShare($percent, $percent, $percent),
    ]);
    expect(TreatmentContext::seals($head, Step::seal()->with($with(5.0))))->toBeTrue()
        ->and(TreatmentContext::seals($head, Step::leaveIn()->with($with(5.0))))->toBeTrue()
        ->and(TreatmentContext::seals($head, Step::leaveIn()->with($with(4.9))))->toBeFalse()
        ->and(TreatmentContext::seals($head, Step::mask(9)->with($with(50.0))))->toBeFalse();
});

it('keeps bottles apart by what was cleansed with', function (): void {
    $contents = new BottleContents([], 720);
    $before = dayOf(Step::cleanse(CleanseKind::Gentle)->with($contents));
    $with = static fn (CleanseKind $kind): ?BottleContents => BottlesInUse::in([$before])
        ->with([Step::cleanse($kind)])[0]->contents;
    expect($with(CleanseKind::Gentle))->toBe($contents)->and($with(CleanseKind::Clarifying))->toBeNull()
        ->and((new BottleContents([], 1))->labelMinutes)->toBe(1);
});
