<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\BandExit;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;

it('says the first day on which the mean leaves the band when nothing is done', function (): void {
    $point = Make::atTarget(Make::head());
    $on = BandExit::on($point);
    expect($on)->not->toBeNull();
    $stratum = $point->state->layout->head->strata[0];
    $outside = fn ($at): bool => abs(
        $at->state->value(0, StateLayout::MOISTURE) - $stratum->targetMoisture(),
    ) > Parameters::shipped()->model->bandHalfWidth
        || abs(
            $at->state->value(0, StateLayout::PROTEIN) - $stratum->targetProtein(false),
        ) > Parameters::shipped()->model->bandHalfWidth;
    $days = [];
    foreach (Forecast::from($point, [], BandExit::DAYS) as $ahead) {
        $days[$ahead->date->format('Y-m-d')] = $outside($ahead);
    }
    expect($days)->toContain(false)->and(array_search(true, $days, true))->toBe($on->format('Y-m-d'));
});

it('leaves sooner the nearer it lies to the edge, and not within four weeks where nothing moves it out', function (): void {
    $point = Make::atTarget(Make::head());
    $at = $point->state->layout->of(0, StateLayout::MOISTURE);
    $moved = static function (float $by) use ($point, $at): ?DateTimeImmutable {
        $mean = $point->state->mean;
        $mean[$at] += $by;

        return BandExit::on($point->on(
            $point->date,
            new State($point->state->layout, $mean, $point->state->covariance),
        ));
    };
    $half = Parameters::shipped()->model->bandHalfWidth;
    expect($moved(0.5 - $half))->toBeLessThan($moved(0.0))
        ->and($moved(-1.0 - $half))->toEqual($point->date)
        // Fuller than it likes is outside as well.
        ->and($moved(1.0 + $half))->toEqual($point->date);
});

it('speaks for hair that is just enough of the head to, and not for less', function (): void {
    $share = Parameters::shipped()->planning->speaksForTheHeadFrom;
    $zones = Zone::cases();
    $low = static fn (int $count): Head => Make::head(lowZones: array_slice($zones, 0, $count));
    foreach (range(1, count($zones) - 1) as $count) {
        $point = Make::atTarget($low($count));
        $mean = $point->state->mean;
        foreach ($point->state->layout->head->strata as $s => $stratum) {
            $small = $stratum->share < $share;
            $mean[$point->state->layout->of($s, StateLayout::MOISTURE)] += $small ? -30.0 : 10.0;
        }
        $onTheDay = BandExit::on($point->on(
            $point->date,
            new State($point->state->layout, array_values($mean), $point->state->covariance),
        ));
        expect($onTheDay === null || $onTheDay > $point->date)->toBeTrue("{$count} zones");
    }
});

it('forecasts each day by the air of that day', function (): void {
    $year = ['07-01' => 50.0];
    foreach (range(2, 12) as $day) {
        $year[sprintf('03-%02d', $day)] = $day % 4 === 0 ? 5.0 : 60.0;
    }
    $start = Make::atTarget(Make::head());
    $layout = new StateLayout($start->state->layout->head, [], new Humidity(50.0, $year));
    $point = $start->on(Make::day('2026-03-02'), new State(
        $layout,
        array_slice($start->state->mean, 0, $layout->size),
        $start->state->withoutSigns()->covariance,
    ));
    $ahead = Forecast::from($point, [], 10)[10]->state;
    $followed = Dynamics::afterDays($point->state, 10, $point->sealed, $point->date)->state;
    expect($ahead->value(0, StateLayout::MOISTURE))
        ->toEqualWithDelta($followed->value(0, StateLayout::MOISTURE), 1e-9)
        ->and(abs($ahead->value(0, StateLayout::MOISTURE) - Dynamics::afterDays(
            $point->state,
            10,
            $point->sealed,
            $point->date->modify('+2 days'),
        )->state->value(0, StateLayout::MOISTURE)))->toBeGreaterThan(1e-3);
});
