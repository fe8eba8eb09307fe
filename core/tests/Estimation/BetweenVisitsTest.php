<?php

declare(strict_types=1);


/** @param list<Step> $steps */

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\AirMoisture;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\ExpectedBreakage;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerKind;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

function done(array $steps, ?Method $method = null, Place $place = Place::Salon, string $until = '2026-03-02'): State
{
    return KalmanFilter::through(
        new HeadHistory(Make::head(method: $method ?? new Method()), [new WashDay('w', Make::day(), $steps, $place)]),
        Make::day($until),
    )->last()->state;
}

it('loses more moisture in a dry week than in a damp one, day by day as the station says', function (): void {
    $left = function (float $percent): float {
        $year = [];
        for ($day = Make::day('2026-03-03'); $day <= Make::day('2026-03-12'); $day = $day->modify('+1 day')) {
            $year[$day->format('m-d')] = $percent;
        }
        // The rest of the year makes the mean 50 %.
        $year['07-01'] = max(0.0, min(100.0, 50 * 11 - 10 * $percent));
        $history = new HeadHistory(
            Make::head(),
            Make::fiveReadings('2026-03-02') === [] ? [] : [Make::washDay('2026-03-02', Make::usualWash())],
            air: new Humidity(50, $year),
        );

        return KalmanFilter::through($history, Make::day('2026-03-12'))->last()->state->value(0, StateLayout::MOISTURE);
    };
    expect($left(45.5))->toBeLessThan($left(54.5) - 0.3);
});

it('passes days of changing air at once as it passes them one by one, slopes and all', function (): void {
    $year = [];
    foreach (range(1, 28) as $i) {
        $year[sprintf('03-%02d', $i)] = 40.0 + 20 * ($i % 3);
    }
    $history = new HeadHistory(Make::head(), [], Make::fiveReadings('2026-03-02'), air: new Humidity(55, $year));
    $state = KalmanFilter::through($history, Make::day('2026-03-02'))->last()->state;
    $once = Dynamics::afterDays($state, 12, false, Make::day('2026-03-02'))->state;
    $each = $state;
    for ($day = 0; $day < 12; $day++) {
        $each = Dynamics::afterDays($each, 1, false, Make::day('2026-03-02')->modify("+{$day} days"))->state;
    }
    foreach ($once->mean as $i => $value) {
        expect($each->mean[$i])->toEqualWithDelta($value, 1e-9);
        foreach ($once->covariance[$i] as $j => $covariance) {
            expect($each->covariance[$i][$j])->toEqualWithDelta($covariance, 1e-6);
        }
    }
});

it('takes moisture in the pool and leaves what only chelating takes; the sea leaves mostly what washes out', function (): void {
    $before = done([new Step(StepKind::Trim, millimetres: 0.5)]);
    $pool = done([new Step(StepKind::Swim, how: 'pool')]);
    $sea = done([new Step(StepKind::Swim, how: 'sea')]);
    expect($pool->value(0, StateLayout::MOISTURE))->toEqualWithDelta($before->value(0, StateLayout::MOISTURE) - 2, 1e-9)
        ->and(
            $pool->value(0, StateLayout::STUBBORN) - $before->value(0, StateLayout::STUBBORN),
        )->toEqualWithDelta(2.0, 1e-9)
        ->and(
            $sea->value(0, StateLayout::WASHABLE) - $before->value(0, StateLayout::WASHABLE),
        )->toEqualWithDelta(2.0, 1e-9)
        ->and($sea->value(0, StateLayout::STUBBORN))->toBeLessThan($pool->value(0, StateLayout::STUBBORN));
    // Behind a pre-wash half as much moisture is lost.
    $oiled = done([Step::preWash('oil', 30), new Step(StepKind::Swim, how: 'pool')]);
    expect($oiled->value(0, StateLayout::MOISTURE))->toEqualWithDelta(
        $before->value(0, StateLayout::MOISTURE) - 1,
        1e-9,
    );
});

it('wears hair in a tight style by the day until it is taken down', function (): void {
    $wear = fn (array $steps, string $until): float => done($steps, until: $until)->value(0, StateLayout::WEAR);
    $up = [Step::cleanse(CleanseKind::Gentle), new Step(StepKind::UpStyle, how: 'tight')];
    $loose = [Step::cleanse(CleanseKind::Gentle), new Step(StepKind::UpStyle, how: 'loose')];
    expect($wear($up, '2026-03-16') - $wear($loose, '2026-03-16'))->toEqualWithDelta(7.0, 0.1);
    $takenDown = KalmanFilter::follow(Make::head(), [
        Make::washDay('2026-03-02', $up), Make::washDay('2026-03-04', [Step::detangle(10, 'fingers', 'wet-with-slip')]),
    ], [], Make::day('2026-03-16'))->last();
    expect($takenDown->tight)
        ->toBeFalse()
        ->and($takenDown->state->value(0, StateLayout::WEAR))
        ->toBeLessThan($wear($up, '2026-03-16') - 5);
});

it('wears hair on cotton, by an extra wetting, and by the school of wet or dry detangling', function (): void {
    $wear = fn (array $choices, array $steps, string $until = '2026-03-02'): float => done(
        $steps,
        new Method($choices),
        until: $until,
    )->value(0, StateLayout::WEAR);
    $wash = Make::usualWash();
    expect(
        $wear(['night' => 'cotton'], $wash, '2026-03-22') - $wear([], $wash, '2026-03-22'),
    )->toEqualWithDelta(1.0, 0.03);
    expect($wear([], [...$wash, new Step(StepKind::Wetting)]) - $wear([], $wash))->toEqualWithDelta(0.1, 1e-9);
    $wet = [...$wash, Step::detangle(20, 'comb', 'wet-with-slip')];
    $dry = [...$wash, Step::detangle(20, 'comb', 'dry-without')];
    expect($wear([], $wet) - $wear([], $wash))->toEqualWithDelta(0.4, 1e-9)
        ->and($wear(['wet-hair' => 'wet-breaks'], $wet))->toBeGreaterThan($wear([], $wet))
        ->and($wear(['wet-hair' => 'wet-breaks'], $dry))->toBeLessThan($wear([], $dry));
});

it('expects more broken hairs the longer hair was left and the more it is worn', function (): void {
    $state = Make::atTarget(Make::head())->state;
    $worn = $state->mean;
    $worn[StateLayout::WEAR] = 40.0;
    $fresh = $state->mean;
    $fresh[StateLayout::WEAR] = 0.0;
    $of = fn (array $mean, float $days, float $offset = 0.0): float => ExpectedBreakage::expected(
        new State($state->layout, $mean, $state->covariance),
        $days,
        $offset,
    );
    expect($of($fresh, 7))->toEqualWithDelta(13.5, 0.01)
        ->and($of($fresh, 28))->toEqualWithDelta(45.0, 0.02)
        ->and($of($worn, 7))->toEqualWithDelta(13.5 * exp(1.2), 0.05)
        ->and($of($fresh, 7, log(2)))->toEqualWithDelta(27.0, 0.02);
});

it('takes a wash day at home as nobody leaves it: conditioned once cleansed, cleansed before a mask', function (): void {
    $moisture = fn (array $steps, Place $place): float => done($steps, place: $place)->value(0, StateLayout::MOISTURE);
    $cleansed = [Step::cleanse(CleanseKind::Shampoo)];
    expect($moisture($cleansed, Place::Home))->toBeGreaterThan($moisture($cleansed, Place::Salon) + 2)
        ->and($moisture($cleansed, Place::Home))->toBeLessThan($moisture([...$cleansed, Step::mask(25)], Place::Home));
    $washable = fn (array $steps, Place $place): float => done($steps, place: $place)->value(0, StateLayout::WASHABLE);
    expect($washable([Step::mask(25)], Place::Home))->toBeLessThan($washable([Step::mask(25)], Place::Salon) / 2);
    // What was assumed stands in the ledger under its own name, and leaves more doubt than what was told.
    $trace = KalmanFilter::follow(
        Make::head(),
        [new WashDay('w', Make::day(), $cleansed, Place::Home)],
        [],
        Make::day(),
    );
    expect(array_column(
        array_filter($trace->ledger, fn ($line): bool => $line->kind === LedgerKind::Untold),
        'subject',
    ))->toBe(['conditioning', 'leave-in']);
    expect(done($cleansed, place: Place::Home)->sd(0, StateLayout::MOISTURE))->toBeGreaterThan(done(
        [...$cleansed, Step::mask(25)],
        place: Place::Home,
    )->sd(0, StateLayout::MOISTURE));
    // A swim at home is no wash day.
    expect(KalmanFilter::follow(
        Make::head(),
        [new WashDay('w', Make::day(), [new Step(StepKind::Swim, how: 'pool')], Place::Home)],
        [],
        Make::day(),
    )->ledger)->toHaveCount(2);
});

it('ends a gap of a year wide and near what is usual, remembers the head, and books the gap in one line', function (): void {
    $head = Make::head(Nagomi\Core\Head\Porosity::High);
    $washDays = $readings = [];
    for ($week = 0; $week < 20; $week++) {
        $date = Make::day('2025-01-06')->modify('+' . 7 * $week . ' days')->format('Y-m-d');
        $washDays[] = Make::washDay($date, Make::usualWash());
        $readings = $week % 2 === 0 ? [...$readings, ...Make::fiveReadings($date)] : $readings;
    }
    $last = KalmanFilter::follow($head, $washDays, $readings, Make::day('2025-05-19'))->last()->state;
    $trace = KalmanFilter::follow($head, $washDays, $readings, Make::day('2026-05-19'));
    $state = $trace->last()->state;
    $prior = Nagomi\Core\Estimation\Prior::of($head);
    foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $quantity) {
        expect($state->sd(0, $quantity))->toBeGreaterThan(
            0.4 * $prior->sd(0, $quantity),
        )->toBeLessThan(1.2 * $prior->sd(0, $quantity));
    }
    expect($state->buildUp(0))->toBeLessThan(70.0)->and($state->value(0, StateLayout::MOISTURE))->toBeGreaterThan(30.0)
        ->and($state->mean[$state->layout->moistureFading])->toBe($last->mean[$last->layout->moistureFading]);
    expect(array_filter($trace->ledger, fn ($line): bool => $line->kind === LedgerKind::Untold))->toHaveCount(1);
    expect(array_sum(array_map(
        fn ($line): int => $line->amounts[0][StateLayout::PROTEIN],
        $trace->ledger,
    )))->toBe((int) round($state->value(0, StateLayout::PROTEIN) * 1_000_000));
});

it('takes the usual air where no day is named, or no station tells of one', function (): void {
    $model = Make::head()->parameters->model;
    $usual = AirMoisture::at(55.0, $model);
    $told = new Humidity(55.0, ['03-03' => 20.0, '03-04' => 90.0]);
    $from = Make::day('2026-03-02');
    expect(AirMoisture::onDays($told, 2, null, $model))->toBe([$usual, $usual])
        ->and(AirMoisture::onDays(new Humidity(55.0), 2, $from, $model))->toBe([$usual, $usual])
        ->and(AirMoisture::onDays($told, 2, $from, $model))->toBe([
            AirMoisture::at($told->percentOn($from->modify('+1 day')), $model),
            AirMoisture::at($told->percentOn($from->modify('+2 days')), $model),
        ])
        ->and(AirMoisture::onDays($told, 2, $from, $model)[0])->toBeLessThan($usual);
});

it('lets what was known of reserves and build-up go by e in as many days as are said, and widens the doubt by as much', function (): void {
    $state = done(Make::usualWash());
    [$usual, $treatments] = [Prior::of($state->layout->head), $state->layout->parameters->treatments];
    $after = $state;
    for ($day = 0; $day < (int) $treatments->untoldDriftDays; $day++) {
        $after = Dynamics::afterADayUntold($after)->state;
    }
    // An Ornstein–Uhlenbeck process towards what any head begins with; its mean and variance are Gardiner's,
    // Stochastic Methods, 4.4 (from memory).
    $kept = exp(-1);
    foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $quantity) {
        $at = $state->layout->of(0, $quantity);
        $of = static fn (float $before, float $end, float $share): float => $share * $before + (1 - $share) * $end;
        expect($after->mean[$at])->toEqualWithDelta($of($state->mean[$at], $usual->mean[$at], $kept), 1e-6)
            ->and($after->covariance[$at][$at])->toEqualWithDelta(
                $of($state->covariance[$at][$at], $usual->covariance[$at][$at], $kept ** 2),
                1e-6,
            );
    }
});

it('doubts build-up more by the root of the days, what only chelating takes by its share of that', function (): void {
    $state = done(Make::usualWash());
    $model = $state->layout->parameters->model;
    $after = Dynamics::afterDays($state, 9, false)->state;
    $shares = [StateLayout::WASHABLE => 1.0, StateLayout::STUBBORN => $model->stubbornDriftShare];
    foreach ($shares as $quantity => $share) {
        $at = $state->layout->of(0, $quantity);
        expect($after->covariance[$at][$at] - $state->covariance[$at][$at])
            ->toEqualWithDelta(9 * ($share * $model->buildUpDriftSd) ** 2, 1e-9);
    }
});
