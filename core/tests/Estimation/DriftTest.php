<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\BandExit;
use Nagomi\Core\Estimation\Forecast;
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
    foreach (Forecast::from($point, [], BandExit::DAYS) as $ahead) {
        if ($ahead->date < $on) {
            expect($outside($ahead))->toBeFalse();
        }
        if ($ahead->date === $on) {
            expect($outside($ahead))->toBeTrue();
        }
    }
});
