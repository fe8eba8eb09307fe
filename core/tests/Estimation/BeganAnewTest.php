<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\FilterJournal;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Smoother;
use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Tests\Support\Make;

it('looks back to the day the strata became others and no further, also where that day is the last', function (string $until): void {
    $parts = fn (bool $mixed): array => array_map(
        fn (Zone $zone): ZonePart => new ZonePart(
            $zone,
            Part::Length,
            $mixed && $zone === Zone::Crown ? Porosity::Low : Porosity::High,
            StrandDiameter::Medium,
        ),
        Zone::cases(),
    );
    $now = new Head($parts(true));
    $journal = new FilterJournal();
    $history = new HeadHistory(
        $now,
        [Make::washDay('2026-01-05', Make::usualWash())],
        Make::fiveReadings('2026-01-10'),
        [new StrataTransition(Make::day('2026-01-20'), $parts(false))],
    );
    $trace = KalmanFilter::through($history, Make::day($until), journal: $journal);
    $points = Smoother::of($journal);
    expect($points)->not->toBe([])->and($points[0]->date->format('Y-m-d'))->toBe('2026-01-20')
        ->and($points[count($points) - 1]->state->mean)->toEqual($trace->last()->state->mean);
})->with(['2026-01-20', '2026-01-21', '2026-02-10']);
