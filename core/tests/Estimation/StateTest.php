<?php

declare(strict_types=1);


/** F·P·Fᵀ + Σ noise, multiplied out in full. */

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\StratumEffect;

function multiplied(State $state, array $slopes, array $noise): array
{
    $size = $state->layout->size;
    $f = [];
    for ($i = 0; $i < $size; $i++) {
        for ($j = 0; $j < $size; $j++) {
            $f[$i][$j] = isset($slopes[$i]) ? ($slopes[$i][$j] ?? 0.0) : ($i === $j ? 1.0 : 0.0);
        }
    }
    $result = [];
    for ($i = 0; $i < $size; $i++) {
        for ($j = 0; $j < $size; $j++) {
            $sum = 0.0;
            for ($k = 0; $k < $size; $k++) {
                for ($l = 0; $l < $size; $l++) {
                    $sum += $f[$i][$k] * $state->covariance[$k][$l] * $f[$j][$l];
                }
            }
            foreach ($noise as $source) {
                $sum += ($source[$i] ?? 0.0) * ($source[$j] ?? 0.0);
            }
            $result[$i][$j] = $sum;
        }
    }

    return $result;
}

it('moves its covariance as F·P·Fᵀ plus noise does, multiplied out', function (array $slopes, array $noise): void {
    $state = KalmanFilter::follow(
        Make::head(lowZones: [Zone::Crown]),
        [Make::washDay('2026-02-02', Make::usualWash())],
        Make::fiveReadings('2026-02-16'),
        Make::day(),
    )->last()->state;
    $moved = $state->moved($state->mean, $slopes, $noise);
    foreach (multiplied($state, $slopes, $noise) as $i => $row) {
        foreach ($row as $j => $value) {
            expect($moved->covariance[$i][$j])->toEqualWithDelta($value, 1e-9);
            expect($moved->covariance[$i][$j])->toBe($moved->covariance[$j][$i]);
        }
    }
})->with([
    'nothing' => [[], []],
    'noise alone' => [[], [[0 => 2.0, 5 => -1.0]]],
    'one diagonal' => [[2 => [2 => 0.3]], []],
    'one with its neighbours' => [[0 => [0 => 0.9, 2 => -0.1, 3 => -0.1, 12 => 4.0]], [[0 => 3.0]]],
    'two that meet' => [[0 => [0 => 0.8, 10 => -2.0], 5 => [5 => 0.7, 10 => -3.0]], [[0 => 1.0, 5 => 1.0], [1 => 0.2]]],
    'many' => [
        [0 => [0 => 0.8, 2 => 0.1], 2 => [2 => 0.3], 4 => [4 => 0.99], 6 => [6 => 0.95, 11 => -1.0], 8 => [8 => 0.35]],
        [[0 => 1.0], [6 => 0.5, 1 => 0.5]],
    ],
]);

it('makes room for signs without touching what is known, and gives it up again', function (): void {
    $state = Prior::of(Make::head());
    $wider = $state->withSigns([Sign::Dryness, Sign::Frizz]);
    expect($wider->layout->size)->toBe($state->layout->size + 2)
        ->and($wider->withSigns([Sign::Frizz]))->toBe($wider)
        ->and(
            $wider->covariance[$wider->layout->offset(Sign::Frizz)][$wider->layout->offset(Sign::Frizz)],
        )->toEqualWithDelta(Prior::offsetSd(Sign::Frizz, Parameters::shipped()->signs) ** 2, 1e-12)
        ->and($wider->withoutSigns()->mean)->toEqual($state->mean)
        ->and($wider->withoutSigns()->covariance)->toEqual($state->covariance);
    expect(fn () => $state->layout->offset(Sign::Dryness))->toThrow(OutOfBoundsException::class);
});

it('takes the numbers along to a head in other circumstances', function (): void {
    $state = Prior::of(Make::head());
    $other = $state->under(Make::head(hardness: 300));
    expect($other->layout->head->hardnessMgPerL)->toBe(300.0)->and($other->mean)->toBe($state->mean);
});

it('gives the root of a variance, and none of what rounding left below 0', function (float $variance, float $sd): void {
    $state = Prior::of(Make::head());
    $covariance = $state->covariance;
    $protein = $state->layout->of(0, StateLayout::PROTEIN);
    $covariance[$protein][$protein] = $variance;
    expect((new State($state->layout, $state->mean, $covariance))->sd(0, StateLayout::PROTEIN))
        ->toEqualWithDelta($sd, 1e-12);
})->with([[25.0, 5.0], [0.04, 0.2], [0.0, 0.0], [-1e-12, 0.0]]);

it('begins each stratum with what is usual, as far apart as any two of one head are', function (): void {
    $model = Parameters::shipped()->model;
    $head = Make::head(lowZones: [Zone::Crown]);
    $state = Prior::of($head);
    $quantities = [
        'moisture' => StateLayout::MOISTURE, 'protein' => StateLayout::PROTEIN, 'washable' => StateLayout::WASHABLE,
        'stubborn' => StateLayout::STUBBORN, 'wear' => StateLayout::WEAR,
    ];
    expect($head->strata)->toHaveCount(2);
    foreach ($quantities as $name => $quantity) {
        [$one, $other] = [$state->layout->of(0, $quantity), $state->layout->of(1, $quantity)];
        $shared = $model->startSd[$name] ** 2 * $model->startCorrelation;
        expect($state->covariance[$one][$other])->toEqualWithDelta($shared, 1e-12)
            ->and($state->covariance[$other][$one])->toEqualWithDelta($shared, 1e-12)
            ->and($state->covariance[$one][$one])->toEqualWithDelta($model->startSd[$name] ** 2, 1e-12);
    }
});

it('knows less of hair whose porosity nobody measured', function (): void {
    $model = Parameters::shipped()->model;
    $known = Prior::of(Make::head());
    $unknown = Prior::of(Make::head(Porosity::NotMeasured));
    // The variance of the targets of all porosities, each as common as it is.
    $shares = $model->common['porosity'];
    $over = fn (Closure $of): float => array_sum(array_map(
        fn (string $kind): float => $shares[$kind] * $of($model->proteinTargetByPorosity[$kind]),
        array_keys($shares),
    )) / array_sum($shares);
    $mean = $over(fn (float $target): float => $target);
    $variance = $over(fn (float $target): float => ($target - $mean) ** 2);
    $protein = $known->layout->of(0, StateLayout::PROTEIN);
    expect($unknown->covariance[$protein][$protein] - $known->covariance[$protein][$protein])
        ->toEqualWithDelta($variance, 1e-9)
        ->and($variance)->toBeGreaterThan(1.0);
});

it('leaves open, of a step, what its bottle does: more taken of build-up is more taken of moisture', function (): void {
    $prior = Prior::of(Make::head());
    $still = array_fill(0, $prior->layout->size, array_fill(0, $prior->layout->size, 0.0));
    $state = new State($prior->layout, $prior->mean, $still);
    $after = fn (float $sd): State => Dynamics::afterStep(
        $state,
        [new StratumEffect(washableKept: 0.4, moistureLost: 5.0, cleanseSd: $sd)],
        0.0,
    )->state;
    expect(array_filter(array_merge(...$after(0.0)->covariance)))->toBeEmpty();
    [$moisture, $washable] = [StateLayout::MOISTURE, StateLayout::WASHABLE];
    foreach ([0.2, 0.9] as $sd) {
        $covariance = $after($sd)->covariance;
        // 0.4 to the power of e to the power of x, laid straight at x = 0.
        $left = $state->mean[$washable] * 0.4 * log(0.4) * $sd;
        expect($covariance[$washable][$washable])->toEqualWithDelta($left ** 2, 1e-9)
            ->and($covariance[$moisture][$moisture])->toEqualWithDelta((5.0 * $sd) ** 2, 1e-9)
            ->and($covariance[$moisture][$washable])->toEqualWithDelta(-5.0 * $sd * $left, 1e-9);
    }
});

it('gives the sd of a sum with its covariance', function (): void {
    $state = Prior::of(Make::head());
    $covariance = $state->covariance;
    $washable = $state->layout->of(0, StateLayout::WASHABLE);
    $stubborn = $state->layout->of(0, StateLayout::STUBBORN);
    $covariance[$washable][$stubborn] = $covariance[$stubborn][$washable] = -60.0;
    $correlated = new State($state->layout, $state->mean, $covariance);
    expect($correlated->buildUpSd(0) ** 2)
        ->toEqualWithDelta(81 + 81 - 120, 1e-9)
        ->and($correlated->buildUp(0))
        ->toBe($state->mean[$washable] + $state->mean[$stubborn]);
    // As sure as can be: what is all but known is not made less sure.
    $covariance[$washable][$washable] = $covariance[$stubborn][$stubborn] = 0.02;
    $covariance[$washable][$stubborn] = $covariance[$stubborn][$washable] = 0.0;
    expect((new State($state->layout, $state->mean, $covariance))->buildUpSd(0))->toEqualWithDelta(0.2, 1e-12);
});

it('inverts what it solves', function (): void {
    $matrix = [[4.0, 1.2, -0.5], [1.2, 3.0, 0.4], [-0.5, 0.4, 2.0]];
    $inverse = (new Cholesky($matrix))->inverse();
    foreach ($matrix as $i => $row) {
        foreach (array_keys($matrix) as $j) {
            $sum = 0.0;
            foreach ($row as $k => $value) {
                $sum += $value * $inverse[$k][$j];
            }
            expect($sum)->toEqualWithDelta($i === $j ? 1.0 : 0.0, 1e-12);
            expect($inverse[$i][$j])->toBe($inverse[$j][$i]);
        }
    }
    expect(fn () => new Cholesky([[1.0, 2.0], [2.0, 1.0]]))->toThrow(InvalidArgumentException::class);
});

it('takes wear away with what is cut, and its doubt with it', function (): void {
    $state = Make::atTarget(Make::head())->state;
    [, , , , $wear] = $state->layout->ofStratum(0);
    $mean = $state->mean;
    $mean[$wear] = 60.0;
    $covariance = $state->covariance;
    $covariance[$wear][$wear] = 100.0;
    $worn = new State($state->layout, $mean, $covariance);
    $cut = Dynamics::afterStep($worn, [new StratumEffect(wearKept: 0.25, wearAdded: 3.0)], 0.0)->state;
    expect($cut->mean[$wear])->toEqualWithDelta(18.0, 1e-9)
        ->and($cut->covariance[$wear][$wear])->toEqualWithDelta(100.0 / 16, 1e-9);
    $grown = Dynamics::afterStep($worn, [new StratumEffect(wearAdded: 3.0)], 0.0)->state;
    expect($grown->mean[$wear])->toEqualWithDelta(63.0, 1e-9)
        ->and($grown->covariance[$wear][$wear])->toEqualWithDelta(100.0, 1e-9);
});

it('knows less of how fast hair loses whose porosity nobody measured, by the share of it', function (): void {
    $known = Make::head();
    $parts = $known->zoneParts;
    foreach ([0, 1, 2] as $i) {
        $parts[$i] = new ZonePart($parts[$i]->zone, $parts[$i]->part, Porosity::NotMeasured, $parts[$i]->strand);
    }
    $head = $known->withZones($parts);
    $model = $head->parameters->model;
    $unknown = array_sum(array_map(
        static fn (Stratum $stratum): float => $stratum->porosity === Porosity::NotMeasured ? $stratum->share : 0.0,
        $head->strata,
    ));
    $shares = $model->common['porosity'];
    $mean = static fn (Closure $of): float => array_sum(array_map(
        static fn (string $kind): float => $shares[$kind] * $of(log($model->moistureHalfLifeDays[$kind])),
        array_keys($shares),
    )) / array_sum($shares);
    $middle = $mean(static fn (float $log): float => $log);
    $variance = $mean(static fn (float $log): float => ($log - $middle) ** 2);
    expect($unknown)->toBeGreaterThan(0.1)->toBeLessThan(0.9)
        ->and(Prior::rateVariance($head, 'moisture-fading') - Prior::rateVariance($known, 'moisture-fading'))
        ->toEqualWithDelta($unknown ** 2 * $variance, 1e-9);
});

it('counts a reserve as low, right or high by how much of its doubt lies there', function (float $beside): void {
    $prior = Prior::of(Make::head());
    $stratum = $prior->layout->head->strata[0];
    $at = $prior->layout->of(0, StateLayout::MOISTURE);
    $mean = [...$prior->mean];
    $mean[$at] = $stratum->targetMoisture() + $beside;
    $state = new State($prior->layout, $mean, $prior->covariance);
    $half = Parameters::shipped()->model->bandHalfWidth;
    $sides = CellProbabilities::sides(CellProbabilities::ofHead($state));
    expect($sides['moisture_low'])
        ->toEqualWithDelta(Normal::cumulative((-$half - $beside) / $state->sd(0, StateLayout::MOISTURE)), 1e-6)
        ->and($sides['moisture_high'])
        ->toEqualWithDelta(1 - Normal::cumulative(($half - $beside) / $state->sd(0, StateLayout::MOISTURE)), 1e-6);
})->with([0.0, -9.0, 14.0]);

it('is less sure of protein for each of porosity and strand that was never measured', function (): void {
    $sd = static fn (Porosity $porosity, StrandDiameter $strand): float => Prior::of(
        Make::head(porosity: $porosity, strand: $strand),
    )->sd(0, StateLayout::PROTEIN) ** 2;
    $known = $sd(Porosity::Medium, StrandDiameter::Medium);
    $porosity = $sd(Porosity::NotMeasured, StrandDiameter::Medium) - $known;
    $strand = $sd(Porosity::Medium, StrandDiameter::NotMeasured) - $known;
    expect($porosity)->toBeGreaterThan(0.5)->and($strand)->toBeGreaterThan(0.5)
        ->and($sd(Porosity::NotMeasured, StrandDiameter::NotMeasured) - $known)
        ->toEqualWithDelta($porosity + $strand, 1e-9);
});
