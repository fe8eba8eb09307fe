<?php

declare(strict_types=1);


/** @return array<string, mixed> */

use Nagomi\Core\Climate\MoistureRegain;
use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Estimation\Adherence;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\FilterJournal;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\HomeStep;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\ReadingNoiseEstimator;
use Nagomi\Core\Estimation\Smoother;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Learning\AlikeHeads;
use Nagomi\Core\Learning\ForetoldResult;
use Nagomi\Core\Learning\KindShift;
use Nagomi\Core\Learning\LearnedValue;
use Nagomi\Core\Learning\LearningRound;
use Nagomi\Core\Learning\ResultsFinding;
use Nagomi\Core\Learning\ResultsGroup;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\ExcessTable;
use Nagomi\Core\Practice\PracticeTally;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\Beta;
use Nagomi\Core\Statistics\BivariateNormal;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Statistics\ShrunkRegression;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

function reference(string $name): array
{
    return json_decode((string) file_get_contents(__DIR__ . "/values/{$name}.json"), true, 16, JSON_THROW_ON_ERROR);
}

/** @return list<Reading> three visits whose equations are all straight lines */
function linearVisits(): array
{
    $readings = [];
    foreach (
        [
            ['2026-03-02', 5, -1, 38, 3],
            ['2026-03-12', 4, 0.5, 44, 2],
            ['2026-03-27', 5.5, -1, 36, 5],
        ] as [$date, $dryness, $feel, $stretch, $build]
    ) {
        // Hairs that snap have no return, whose equation is no straight line near 100 %.
        $hair = ['rest_mm' => 100.0, 'stretched_mm' => 100.0 + $stretch, 'snapped' => true];
        $readings[] = Make::reading($date, 'dryness', ['points' => $dryness]);
        $readings[] = Make::reading($date, 'feel', ['points' => $feel]);
        $readings[] = Make::reading($date, 'wet-stretch', ['hairs' => [$hair, $hair, $hair]]);
        $readings[] = Make::reading(
            $date,
            'build-up-signs',
            [
                'dull' => min(2, $build), 'beads' => max(0, min(2, $build - 2)), 'film' => max(0, $build - 4),
                'sticky' => 0, 'no_lather' => 0,
            ],
        );
    }

    return $readings;
}

it('agrees with R’s whole-history least squares on the linear case to 1e-8 (scripts/kalman.R)', function (): void {
    $reference = reference('kalman');
    $state = KalmanFilter::follow(
        Make::head(),
        [],
        linearVisits(),
        Make::day('2026-04-02'),
        learning: false,
    )->last()->state;
    foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $i) {
        expect($state->mean[$i])->toEqualWithDelta($reference['mean'][$i], 1e-8);
        foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $j) {
            expect($state->covariance[$i][$j])->toEqualWithDelta($reference['covariance'][$i][$j], 1e-8);
        }
    }
});

it('agrees with scipy on the normal distribution (scripts/normal.py)', function (): void {
    foreach (reference('normal')['cumulative'] as ['z' => $z, 'p' => $p]) {
        expect(Normal::cumulative($z) / $p)->toEqualWithDelta(1.0, 1e-12);
    }
    foreach (reference('normal')['squared_excess'] as ['d' => $d, 'e' => $e]) {
        expect(Normal::meanSquaredExcess($d))->toEqualWithDelta($e, 1e-10);
    }
});

it('agrees with R on the quantiles of the normal distribution (scripts/quantiles.R)', function (): void {
    foreach (reference('quantiles')['quantiles'] as ['p' => $p, 'z' => $z]) {
        expect(Normal::quantile($p) / $z)->toEqualWithDelta(1.0, 1e-13);
    }
    expect(Normal::quantile(0.5))->toEqualWithDelta(0.0, 1e-15);
});

it('agrees with scipy on the bivariate normal distribution (scripts/normal.py)', function (): void {
    foreach (reference('normal')['bivariate'] as ['x' => $x, 'y' => $y, 'rho' => $rho, 'p' => $p]) {
        expect(BivariateNormal::cumulative($x, $y, $rho))->toEqualWithDelta($p, 1e-9);
    }
});

it('looks up the mean squared excess within 1e-4 of the closed form', function (): void {
    $table = ExcessTable::values();
    for ($d = -7.99; $d < 11.99; $d += 0.0371) {
        $x = ($d - ExcessTable::LEAST) * ExcessTable::STEPS;
        $looked = $table[(int) $x] + ($table[(int) $x + 1] - $table[(int) $x]) * ($x - (int) $x);
        expect($looked)->toEqualWithDelta(Normal::meanSquaredExcess($d), 1e-4);
    }
});

it('classes water hardness as the US Geological Survey does', function (float $mgPerL, string $class): void {
    expect(WaterHardness::fromMgPerL($mgPerL)->value)->toBe($class);
})->with([
    [0, 'soft'], [60, 'soft'], [61, 'moderate'], [120, 'moderate'], [121, 'hard'], [180, 'hard'], [181, 'very hard'],
]);

it('holds the moisture regain of hair at the published humidities (Robbins; from memory)', function (float $humidity, float $regain): void {
    expect(MoistureRegain::percentAt($humidity))->toEqualWithDelta($regain, 1e-12);
})->with([[29, 6.0], [40, 7.6], [50, 9.8], [65, 12.8], [70, 13.6]]);

it('smooths as R’s whole-history least squares does, on every day of a visit, to 1e-8 (scripts/kalman.R)', function (): void {
    $reference = reference('kalman')['smoothed'];
    $journal = new FilterJournal();
    KalmanFilter::through(
        new HeadHistory(Make::head(), [], linearVisits()),
        Make::day('2026-04-02'),
        learning: false,
        journal: $journal,
    );
    $smoothed = [];
    foreach (Smoother::of($journal) as $point) {
        $smoothed[$point->date->format('Y-m-d')] = $point->state;
    }
    foreach (['2026-03-02', '2026-03-12', '2026-03-27'] as $k => $date) {
        foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $i) {
            expect($smoothed[$date]->mean[$i])->toEqualWithDelta($reference[$k]['mean'][$i], 1e-8);
            foreach (
                [StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $j
            ) {
                expect($smoothed[$date]->covariance[$i][$j])->toEqualWithDelta(
                    $reference[$k]['covariance'][$i][$j],
                    1e-8,
                );
            }
        }
    }
});

it('filters and smooths one quantity as R’s KalmanRun and KalmanSmooth do, to 1e-8 (scripts/univariate.R)', function (): void {
    $reference = reference('univariate');
    $readings = [];
    foreach ($reference['dryness'] as $week => $points) {
        $readings[] = Make::reading(
            Make::day()->modify('+' . 7 * $week . ' days')->format('Y-m-d'),
            'dryness',
            ['points' => $points],
            confirmed: true,
        );
    }
    $journal = new FilterJournal();
    $trace = KalmanFilter::through(
        new HeadHistory(Make::head(), [], $readings),
        Make::day('2026-04-13'),
        learning: false,
        journal: $journal,
    );
    $smoothed = array_values(array_filter(
        Smoother::of($journal),
        fn (Snapshot $point): bool => in_array($point->date, array_column($trace->points, 'date'), false),
    ));
    expect($smoothed)->toHaveCount(7);
    foreach ($trace->points as $week => $point) {
        expect($point->state->value(0, StateLayout::MOISTURE))->toEqualWithDelta($reference['filtered'][$week], 1e-8)
            ->and($point->state->sd(
                0,
                StateLayout::MOISTURE,
            ) ** 2)->toEqualWithDelta($reference['filtered_variance'][$week], 1e-8)
            ->and($smoothed[$week]->state->value(
                0,
                StateLayout::MOISTURE,
            ))->toEqualWithDelta($reference['smoothed'][$week], 1e-8)
            ->and($smoothed[$week]->state->sd(
                0,
                StateLayout::MOISTURE,
            ) ** 2)->toEqualWithDelta($reference['smoothed_variance'][$week], 1e-8);
    }
});

it('learns few numbers from few days as numpy does by singular values (scripts/shrunk_regression.py)', function (): void {
    $cases = reference('shrunk_regression')['cases'];
    expect($cases)->toHaveCount(24);
    foreach ($cases as $case) {
        $names = array_map(fn (int $i): string => "x{$i}", array_keys($case['mean']));
        $line = ShrunkRegression::of(
            array_combine($names, array_map(null, $case['mean'], $case['sd'])),
            array_map(
                fn (array $x, float $y): array => ['x' => array_combine($names, $x), 'y' => $y],
                $case['x'],
                $case['y'],
            ),
            $case['noise'],
        );
        $asked = array_combine($names, $case['asked']);
        expect(array_values($line->means))->toEqualWithDelta($case['means'], 1e-9)
            ->and($line->expected($asked))->toEqualWithDelta($case['expected'], 1e-9)
            ->and($line->doubt($asked))->toEqualWithDelta($case['doubt'], 1e-9);
    }
});

it('follows what was hidden at home as 600,000 particles do (scripts/hidden_steps.R)', function (): void {
    // Week by week as the script has it: cleanse, conditioning, leave-in, and what was read before.
    $told = [
        ['shampoo', Step::mask(20), true, [4.0, -1.0]], ['shampoo', Step::mask(25), true, null],
        [null, Step::mask(20), false, [3.5, 0.0]], ['shampoo', null, true, null],
        ['gentle', Step::mask(15), true, [5.5, -1.5]], ['shampoo', Step::conditioner(3), true, null],
        ['shampoo', Step::mask(20), false, [2.5, 0.5]], ['shampoo', null, true, null],
        [null, Step::mask(30), true, [4.5, -0.5]], ['shampoo', Step::mask(20), true, null],
    ];
    $washDays = $readings = [];
    foreach ($told as $week => [$cleanse, $care, $leaveIn, $read]) {
        $date = Make::day()->modify('+' . 7 * $week . ' days');
        $washDays[] = new WashDay("w{$week}", $date, array_values(array_filter([
            $cleanse === null ? null : Step::cleanse(CleanseKind::from($cleanse)), $care,
            $leaveIn ? Step::leaveIn() : null,
        ])), Place::Home);
        if ($read !== null) {
            $readings[] = Make::reading($date->format('Y-m-d'), 'dryness', ['points' => $read[0]]);
            $readings[] = Make::reading($date->format('Y-m-d'), 'feel', ['points' => $read[1]]);
        }
    }
    $run = KalmanFilter::follow(Make::head(), $washDays, $readings, Make::day()->modify('+63 days'), learning: false);
    foreach (reference('hidden_steps')['weeks'] as $week => $particles) {
        $point = $run->points[$week];
        foreach (['moisture' => StateLayout::MOISTURE, 'protein' => StateLayout::PROTEIN] as $name => $quantity) {
            $sd = $particles["{$name}_sd"];
            expect($point->state->value(0, $quantity))->toEqualWithDelta($particles[$name], 0.25 * $sd)
                ->and($point->state->sd(0, $quantity) / $sd)->toBeGreaterThan(0.85)->toBeLessThan(1.1);
        }
        // That a dry reading speaks against the mask before it the filter leaves to the state, and not to the habit;
        // until the first such reading the two are one.
        $apart = $week < 4 ? 0.01 : 0.03;
        expect($point->habits->masks->due())->toEqualWithDelta($particles['mask_due'], $apart)
            ->and($point->habits->clarifying->due())->toEqualWithDelta($particles['clarifying_due'], 0.01);
    }
});

it('learns how much of a plan is done as the whole posterior has it (scripts/adherence.R)', function (): void {
    $planned = [Step::cleanse(CleanseKind::Gentle), Step::mask(25)];
    foreach (reference('adherence')['posteriors'] as $whole) {
        [$told, $times] = [$whole['told'], $whole['times']];
        $adherence = Adherence::assumed(Parameters::shipped()->habits);
        for ($wash = 0; $wash < $times; $wash++) {
            // Spread evenly: one Beta distribution goes on from wash to wash, so their order is not quite nothing.
            $masks = intdiv(($wash + 1) * $told, $times) > intdiv($wash * $told, $times);
            $steps = [Step::cleanse(CleanseKind::Gentle), $masks ? Step::mask(25) : Step::conditioner(3)];
            $adherence = $adherence->after(
                new WashDay("w{$wash}", Make::day()->modify("+{$wash} weeks"), $steps, Place::Home, planned: $planned),
            );
        }
        [$least, $most] = $adherence->interval(HomeStep::LongMask);
        expect($adherence->share(HomeStep::LongMask))->toEqualWithDelta($whole['share'], 0.06, "{$told} of {$times}")
            ->and($least)->toEqualWithDelta($whole['least'], 0.07)
            ->and($most)->toEqualWithDelta($whole['most'], 0.07);
    }
});

it('has the quantiles of R’s qbeta (scripts/adherence.R)', function (): void {
    foreach (reference('adherence')['quantiles'] as ['probability' => $p, 'a' => $a, 'b' => $b, 'share' => $share]) {
        expect(Beta::quantile($p, $a, $b))->toEqualWithDelta($share, 1e-9);
    }
});

it('takes a step of a salon’s factors as R’s cor and solve have it (scripts/learning.R)', function (): void {
    $wanted = reference('learning');
    $from = [];
    foreach (LearnedFactor::cases() as $f => $factor) {
        $from[$factor->value] = new LearnedValue($factor, $wanted['from'][$f], 0.25, 0.0);
    }
    $learned = array_values((new LearningRound($from, Parameters::shipped()))->learned($wanted['said']));
    foreach ($learned as $f => $value) {
        expect($value->log)->toEqualWithDelta($wanted['log'][$f], 1e-9)
            ->and($value->logSd)->toEqualWithDelta($wanted['sd'][$f], 1e-9)
            ->and($value->weight)->toEqualWithDelta(1 - ($wanted['sd'][$f] / 0.25) ** 2, 1e-9);
    }
});

it('finds a shift of results as R’s t.test over clients has it (scripts/calibration.R)', function (): void {
    $wanted = reference('calibration');
    $results = [];
    foreach ($wanted['sds'] as $client => $of) {
        foreach ($of as $sds) {
            $results[] = new ForetoldResult("client {$client}", $sds, []);
        }
    }
    $group = ResultsGroup::of($results, Parameters::shipped()->with('learning.surely', 0.9)->learning);
    expect($group->finding)->toBe(ResultsFinding::Higher)
        ->and($group->surely)->toEqualWithDelta($wanted['t'] / $wanted['limit'], 1e-6)
        ->and($group->held)->toEqualWithDelta($wanted['held'], 1e-12)
        ->and($group->above)->toEqualWithDelta($wanted['above'], 1e-12);
});

it('finds how much readings scatter as R’s optim over the whole posterior does (scripts/reading_noise.R)', function (): void {
    $wanted = reference('reading_noise');
    expect($wanted['worth'])->toBeLessThan(0.9);
    $estimator = new ReadingNoiseEstimator(Parameters::shipped()->signs);
    foreach ($wanted['surprise'] as $i => $surprise) {
        $estimator->read(
            "stylist {$wanted['by'][$i]}",
            "sign {$wanted['sign'][$i]}",
            "head {$wanted['head'][$i]}",
            $surprise,
            $wanted['state'][$i],
            $wanted['noise'][$i],
        );
    }
    $found = $estimator->noises();
    foreach ([1, 2, 3, 4, 5, 6, 7] as $k) {
        $noise = $k <= 3 ? $found['by']["stylist {$k}"] : $found['sign']['sign ' . ($k - 3)];
        expect($noise->log)->toEqualWithDelta($wanted['log'][$k - 1], 1e-6)
            ->and($noise->sd)->toEqualWithDelta($wanted['sd'][$k - 1], 1e-6)
            ->and($noise->readings)->toBe($k <= 3 ? 40 : 30);
    }
});

it('finds in what kinds of hair differ as R has it over the whole posterior (scripts/alike_heads.R)', function (): void {
    $wanted = reference('alike_heads');
    $kinds = ['porosity/low', 'porosity/medium', 'porosity/high', 'strand/fine', 'strand/coarse'];
    $heads = [];
    foreach ($wanted['x'] as $i => $shares) {
        $heads[] = [
            'kind' => array_filter(array_combine($kinds, array_map(floatval(...), $shares))),
            'said' => ['protein-fading' => [$wanted['y'][$i], $wanted['variance'][$i]]],
        ];
    }
    $shifts = AlikeHeads::shifts($heads, Parameters::shipped());
    foreach ($kinds as $k => $kind) {
        expect($shifts['protein-fading'][$kind]->log)->toEqualWithDelta($wanted['shift'][$k], 1e-9)
            ->and($shifts['protein-fading'][$kind]->sd)->toEqualWithDelta($wanted['sd'][$k], 1e-9)
            // Of what nobody's records say anything, nothing is said; nor of a trait that nobody measured.
            ->and($shifts['uptake'][$kind]->log)->toBe(0.0);
    }
    expect($shifts['protein-fading']['curl/coily'])->toEqual(new KindShift(0.0, 0.0, 0.0));
});

it('scores what was believed as R does (scripts/brier.R)', function (): void {
    $reference = reference('brier');
    $cells = array_map(static fn (BalanceCell $cell): string => $cell->value, BalanceCell::cases());
    $tally = new PracticeTally();
    foreach ($reference['said'] as $i => $said) {
        $tally = $tally->believing(array_combine($cells, $said), array_combine($cells, $reference['was'][$i]));
    }

    expect($tally->brier())->toEqualWithDelta($reference['brier'], 1e-12);
});
