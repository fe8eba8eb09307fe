<?php

declare(strict_types=1);

/*
 * What was really done at home is hidden: by habit and by what is told, some of it is likely, and what is not known is
 * doubt.
 */

use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\MixedMove;
use Nagomi\Core\Estimation\PossibleStep;
use Nagomi\Core\Estimation\PossibleSteps;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\StepMove;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/** @param list<list<Step>> $washes a week apart */
function habitsAfter(array $washes, Place $place = Place::Home): HomeHabits
{
    $habits = HomeHabits::assumed(Parameters::shipped()->habits);
    foreach ($washes as $week => $steps) {
        $habits = $habits->after(new WashDay("w{$week}", Make::day()->modify("+{$week} weeks"), $steps, $place));
    }

    return $habits;
}

/**
 * @param list<Step> $steps
 *
 * @return array<string, PossibleStep> by subject
 */
function possible(array $steps, ?HomeHabits $habits = null, Place $place = Place::Home, bool $sensitive = false): array
{
    $head = Make::head(sensitive: $sensitive);
    $day = new WashDay('w', Make::day(), $steps, $place);

    return array_column(PossibleSteps::of(
        $day,
        TreatmentContext::on($head, $steps),
        $habits ?? HomeHabits::assumed($head->parameters->habits),
    ), null, 'subject');
}

$weekly = array_fill(0, 10, [Step::cleanse(CleanseKind::Gentle), Step::mask(25), Step::leaveIn()]);
$rinsed = array_fill(0, 10, [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3)]);

it('takes what was done in the salon as it was noted', function () use ($rinsed): void {
    $steps = possible([Step::mask(25), Step::mildProtein(5)], habitsAfter($rinsed), Place::Salon);
    expect(array_keys($steps))->toBe(['mask', 'mild-protein']);
    foreach ($steps as $step) {
        expect($step->choices)->toHaveCount(1)->and($step->asTold)->toBe(1.0)->and($step->isTold)->toBeTrue();
    }
});

it('believes a mask the more the more often one is told of', function () use ($weekly, $rinsed): void {
    $told = [Step::cleanse(CleanseKind::Gentle), Step::mask(25)];
    $often = possible($told, habitsAfter($weekly))['mask'];
    $never = possible($told, habitsAfter($rinsed))['mask'];
    expect($often->asTold)->toBeGreaterThan(0.98)
        ->and($never->asTold)->toBeLessThan(0.75)->toBeGreaterThan(0.2)
        ->and($never->choices)->toHaveCount(2);
    // And somebody who masks weekly is thought to have called a mask a conditioner sooner than others.
    $rinse = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3)];
    expect(possible($rinse, habitsAfter($weekly))['conditioner']->asTold)
        ->toBeLessThan(possible($rinse, habitsAfter($rinsed))['conditioner']->asTold - 0.2);
});

it('adds what hardly anybody leaves out, by the habit of whoever tells', function () use ($weekly, $rinsed): void {
    $cleansed = [Step::cleanse(CleanseKind::Gentle)];
    [$mask, $rinse] = [possible($cleansed, habitsAfter($weekly)), possible($cleansed, habitsAfter($rinsed))];
    // The first choice is a conditioner.
    expect($mask['conditioning']->choices[0][0])->toBeLessThan(0.15)
        ->and($rinse['conditioning']->choices[0][0])->toBeGreaterThan(0.6)
        // It was forgotten, or there was none: about two to one for whoever always told of it.
        ->and($rinse['conditioning']->choices[2][0])->toBeGreaterThan(0.2)->toBeLessThan(0.4)
        ->and($mask['conditioning']->asTold)->toBeNull()
        ->and($mask['leave-in']->choices[1][0])->toBeGreaterThan(0.2)
        ->and($rinse)->not->toHaveKey('leave-in');
    $treated = possible([Step::mask(20)]);
    expect(array_key_first($treated))->toBe('cleanse')->and($treated['cleanse']->isTold)->toBeFalse()
        ->and(possible([new Step(StepKind::Swim, how: 'pool')]))->toHaveCount(1);
});

it('learns that somebody leaves it at the cleanse', function () use ($rinsed): void {
    $cleansed = [Step::cleanse(CleanseKind::Gentle)];
    $bare = static fn (array $washes): float => habitsAfter($washes)->bare();
    expect($bare([]))->toEqualWithDelta(0.06 / (0.06 + 0.94 * 0.08), 1e-12)
        ->and($bare($rinsed))->toBeLessThan($bare([]))
        ->and($bare(array_fill(0, 12, $cleansed)))->toBeGreaterThan(0.85)
        ->and(habitsAfter(array_fill(0, 12, $cleansed), Place::Salon)->bare())->toBe($bare([]));
});

it('thinks of a forgotten protein when one is due, and never on a head that is spared it', function (): void {
    $every = static fn (int $due): array => array_map(
        static fn (int $wash): array => [
            Step::cleanse(CleanseKind::Shampoo),
            ...($wash % 4 === 3 ? [Step::strongProtein(10)] : []),
            Step::conditioner(3),
        ],
        range(0, 19 + $due),
    );
    $told = [Step::cleanse(CleanseKind::Shampoo), Step::conditioner(3)];
    $isDue = possible($told, habitsAfter($every(3)));
    $justDone = possible($told, habitsAfter($every(0)));
    expect($isDue['protein']->choices[0][0])->toBeLessThan(0.75)
        ->and($justDone)->not->toHaveKey('protein')
        ->and(possible($told, habitsAfter($every(3)), sensitive: true))->not->toHaveKey('protein');
});

it('thinks of oil that nobody told of before a wash, as often as it is put on and forgotten', function (): void {
    $wash = [Step::cleanse(CleanseKind::Shampoo), Step::conditioner(3)];
    $habits = habitsAfter(array_fill(0, 6, [Step::preWash('oil', 30), ...$wash]));
    // How likely the strips of a cleanse were softened: of the same cleanse, less moisture was lost.
    $softened = function (array $told) use ($habits): float {
        $sum = 0.0;
        $step = possible($told, $habits)['shampoo'];
        $lost = array_map(fn (array $choice): float => round($choice[1][0]->moistureLost, 9), $step->choices);
        foreach ($step->choices as $i => [$probability]) {
            $sum += $lost[$i] < $lost[0] ? $probability : 0.0;
        }

        return $sum;
    };
    $often = $habits->preWash();
    $forgotten = Parameters::shipped()->habits->forgotten;
    expect($often)->toBeGreaterThan(0.5)
        ->and($softened($wash))->toEqualWithDelta($often * $forgotten / ($often * $forgotten + 1 - $often), 0.02)
        ->and($softened([Step::preWash('oil', 30), ...$wash]))->toBe(0.0);
});

it('knows what clarifies, and that it may have been called shampoo', function (): void {
    $every = array_map(
        static fn (int $wash): array => [
            Step::cleanse($wash % 4 === 3 ? CleanseKind::Clarifying : CleanseKind::Shampoo), Step::conditioner(3),
        ],
        range(0, 22),
    );
    $habits = habitsAfter($every);
    expect($habits->cleanses()['clarifying'])->toBeGreaterThan(0.7)
        ->and(array_sum($habits->cleanses()))->toEqualWithDelta(1.0, 1e-12);
    $told = possible([Step::cleanse(CleanseKind::Shampoo), Step::conditioner(3)], $habits)['shampoo'];
    expect($told->asTold)->toBeLessThan(0.95)
        ->and(possible([Step::cleanse(CleanseKind::Clarifying)], $habits)['clarifying']->asTold)->toBe(1.0)
        // One that nobody told of before is believed all the same.
        ->and(possible([Step::cleanse(CleanseKind::ScalpCare)], $habits)['scalp-care']->asTold)->toBe(1.0);
});

it('gives probabilities that are some, for whatever is told', function () use ($weekly): void {
    $days = [
        [Step::mask(15)], [Step::conditioner(3)], [Step::mildProtein(5)], [Step::strongProtein(10)],
        [Step::cleanse(CleanseKind::CoWash)], [Step::cleanse(CleanseKind::Chelating), Step::leaveIn()],
        [Step::preWash('oil', 30), Step::cleanse(CleanseKind::Gentle, 2)],
    ];
    foreach ($days as $steps) {
        foreach ([habitsAfter([]), habitsAfter($weekly), habitsAfter($days)] as $habits) {
            foreach (possible($steps, $habits) as $step) {
                $chances = array_column($step->choices, 0);
                expect(array_sum($chances))->toEqualWithDelta(1.0, 1e-9)->and(min($chances))->toBeGreaterThan(0.0)
                    ->and($step->isTold)->toBe($step->asTold !== null);
            }
        }
    }
});

it('keeps what it knows as numbers, and begins anew where they are of another time', function () use ($weekly): void {
    $parameters = Parameters::shipped()->habits;
    $habits = habitsAfter([...$weekly, [Step::cleanse(CleanseKind::ScalpCare), Step::strongProtein(10)]]);
    expect(HomeHabits::ofNumbers($parameters, $habits->numbers()))->toEqual($habits)
        ->and(HomeHabits::ofNumbers($parameters, [1.0, 2.0]))->toEqual(HomeHabits::assumed($parameters));
    // A swim and a refresh tell nothing of washes.
    expect($habits->after(new WashDay('s', Make::day(), [new Step(StepKind::Swim, how: 'sea')], Place::Home)))
        ->toBe($habits);
});

it('mixes two steps to the mean and the spread that they have together', function (): void {
    $sure = Prior::of(Make::head(Porosity::Medium));
    $size = count($sure->mean);
    $sure = new State($sure->layout, $sure->mean, array_fill(0, $size, array_fill(0, $size, 0.0)));
    [$mask, $nothing] = [[new StratumEffect(moistureGain: 30.0, proteinGain: 6.0)], [new StratumEffect()]];
    $moisture = $sure->layout->of(0, StateLayout::MOISTURE);
    $protein = $sure->layout->of(0, StateLayout::PROTEIN);
    $left = static fn (int $index): float => (new StepMove($sure, $mask, 0.0))->mean[$index] - $sure->mean[$index];
    foreach ([0.0, 0.25] as $effectSd) {
        $mixed = Dynamics::afterOneOf($sure, [[0.7, $mask], [0.3, $nothing]], $effectSd)->state;
        expect($mixed->mean[$moisture])->toEqualWithDelta($sure->mean[$moisture] + 0.7 * $left($moisture), 1e-9)
            // p (1 − p) of the distance squared, and of the mask itself what its own luck spreads.
            ->and($mixed->covariance[$moisture][$moisture])
            ->toEqualWithDelta((0.7 * 0.3 + 0.7 * $effectSd ** 2) * $left($moisture) ** 2, 1e-9)
            // It was done or not for both: they go together.
            ->and($mixed->covariance[$moisture][$protein])
            ->toEqualWithDelta((0.7 * 0.3 + 0.7 * $effectSd ** 2) * $left($moisture) * $left($protein), 1e-9);
    }
    // The slopes are those of the mean.
    $choices = [[0.6, $mask], [0.4, [new StratumEffect(washableKept: 0.3, moistureLost: 5.0)]]];
    $move = new MixedMove($sure, $choices, 0.2);
    foreach ($move->slopes as $row => $columns) {
        foreach ($columns as $column => $slope) {
            $mean = $sure->mean;
            $mean[$column] += 1e-5;
            $nudged = new MixedMove(new State($sure->layout, $mean, $sure->covariance), $choices, 0.2);
            expect(($nudged->mean[$row] - $move->mean[$row]) / 1e-5)->toEqualWithDelta($slope, 1e-4);
        }
    }
});

it('follows on from a day that was kept as if nothing had been left out between', function () use ($weekly): void {
    $washDays = [];
    foreach ([...$weekly, ...$weekly] as $week => $steps) {
        $told = $week % 3 === 0 ? [$steps[0]] : $steps;
        $washDays[] = new WashDay("w{$week}", Make::day()->modify("+{$week} weeks"), $told, Place::Home);
    }
    $head = Make::head();
    $history = new \Nagomi\Core\Estimation\HeadHistory($head, $washDays);
    $end = Make::day()->modify('+25 weeks');
    $whole = KalmanFilter::through($history, $end);
    $from = $whole->points[8];
    $later = new \Nagomi\Core\Estimation\HeadHistory($head, array_slice($washDays, 9));
    $kept = HomeHabits::ofNumbers($head->parameters->habits, $from->habits->numbers());
    $resumed = KalmanFilter::through($later, $end, new \Nagomi\Core\Estimation\Snapshot(
        $from->date,
        $from->state,
        $from->sealed,
        $from->tight,
        $kept,
    ));
    expect($resumed->last()->state->mean)->toBe($whole->last()->state->mean)
        ->and($resumed->last()->habits)->toEqual($whole->last()->habits);
    // Without them it would come out otherwise: they are part of where a head stands.
    $unknown = KalmanFilter::through($later, $end, new \Nagomi\Core\Estimation\Snapshot(
        $from->date,
        $from->state,
        $from->sealed,
        $from->tight,
    ));
    expect($unknown->last()->state->mean)->not->toBe($whole->last()->state->mean);
});

it('counts a pre-wash and a leave-in that were told of for more, the oftener they are forgotten', function (
    Place $place,
): void {
    $parameters = Parameters::shipped()->habits;
    $prior = $parameters->priorWashes;
    $told = HomeHabits::assumed($parameters)->after(new WashDay('w', Make::day(), [
        Step::preWash('oil', 30), Step::cleanse(CleanseKind::Gentle), Step::leaveIn(),
    ], $place));
    $counts = 1 / (1 - ($place === Place::Home ? $parameters->forgotten : $parameters->misnotedInSalon));
    expect($told->preWash())->toEqualWithDelta(($prior * $parameters->preWashShare + $counts) / ($prior + 1), 1e-12)
        ->and($told->leaveIn())->toEqualWithDelta(
            min(1.0, ($prior * $parameters->leaveInShare + $counts) / ($prior + 1)),
            1e-12,
        );
})->with([[Place::Home], [Place::Salon]]);

it('thinks of a leave-in that nobody told of, as often as it is put in and forgotten', function (): void {
    $parameters = Parameters::shipped()->habits;
    $habits = HomeHabits::assumed($parameters);
    $choices = possible([Step::cleanse(CleanseKind::Gentle), Step::conditioner(3)])['leave-in']->choices;
    $done = $habits->leaveIn() * $parameters->forgotten;
    $isIn = $done / ($done + 1 - $habits->leaveIn());
    $chances = array_column($choices, 0);
    sort($chances);
    expect($choices)->toHaveCount(2)
        ->and($chances)->toEqualWithDelta([min($isIn, 1 - $isIn), max($isIn, 1 - $isIn)], 1e-9);
});
