<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\BandExit;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
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
