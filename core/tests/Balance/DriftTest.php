<?php

declare(strict_types=1);

use Nagomi\Core\Balance\Drift;
use Nagomi\Core\Balance\Forecast;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Tests\Support\Make;

it('says the first day on which the mean leaves the band when nothing is done', function (): void {
    $point = Make::atTarget(Make::head());
    $on = Drift::on($point);
    expect($on)->not->toBeNull();
    $stratum = $point->state->layout->head->strata[0];
    $outside = fn ($at): bool => abs($at->state->value(0, Layout::MOISTURE) - $stratum->targetMoisture()) > Model::BAND_HALF_WIDTH || abs($at->state->value(0, Layout::PROTEIN) - $stratum->targetProtein(false)) > Model::BAND_HALF_WIDTH;
    foreach (Forecast::from($point, [], Drift::DAYS) as $ahead) {
        if ($ahead->date < $on) {
            expect($outside($ahead))->toBeFalse();
        }
        if ($ahead->date === $on) {
            expect($outside($ahead))->toBeTrue();
        }
    }
});
