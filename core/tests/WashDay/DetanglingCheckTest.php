<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\DetanglingDay;
use Nagomi\Core\WashDay\DetanglingPace;
use Nagomi\Core\WashDay\Pace;

it('holds each detangling beside what those before it foretold, by day and not by order', function (): void {
    $parameters = Parameters::shipped()->washDay;
    $timed = [];
    foreach ([['2026-03-16', 9.0], ['2026-03-02', 4.0], ['2026-03-09', 5.0]] as [$date, $minutes]) {
        $timed[] = ['day' => new DetanglingDay(), 'minutes' => $minutes, 'date' => Make::day($date), 'clocked' => true];
    }
    $checks = DetanglingPace::checks($timed, 4.5, $parameters, Make::day('2026-03-05'));
    expect(array_map(fn ($check): string => $check->date->format('Y-m-d'), $checks))
        ->toBe(['2026-03-09', '2026-03-16']);
    $before = DetanglingPace::learned([$timed[1], $timed[2]], 4.5, $parameters);
    $day = new DetanglingDay();
    expect($checks[1]->expected)->toEqualWithDelta($before->minutes($day), 1e-12)
        ->and($checks[1]->zScore)->toEqualWithDelta(
            log(9.0 / $before->minutes($day)) / $before->spread($day),
            1e-12,
        )
        ->and($checks[0]->zScore)->toBeGreaterThan(0.0)
        // Of a head that was never timed only what is usual of heads like it is known.
        ->and(DetanglingPace::checks([$timed[0]], 4.5, $parameters, Make::day('2026-01-01'))[0]->expected)
        ->toEqualWithDelta(4.5, 1e-9)
        // What was told of at home is learned from, and not held against what the plan had said.
        ->and(DetanglingPace::checks([['clocked' => false] + $timed[0]], 4.5, $parameters, Make::day('2026-01-01')))
        ->toBe([])
        ->and(DetanglingPace::checks([], 4.5, $parameters, Make::day('2026-01-01')))->toBe([]);
});

it('tells them of a pace, whatever day it is asked for', function (): void {
    $head = Make::head();
    $days = [
        Make::washDay('2026-03-02', [Step::detangle(20, 'comb', 'wet-with-slip')]),
        Make::washDay('2026-03-09', [Step::detangle(24, 'comb', 'wet-with-slip')]),
    ];
    $days[] = new WashDay('home', Make::day('2026-03-12'), $days[0]->steps, Place::Home);
    $days = array_map(static fn (WashDay $day): WashDay => $day->id === 'home' ? $day : new WashDay(
        $day->id,
        $day->date,
        $day->steps,
        Place::Salon,
    ), $days);
    $pace = Pace::of($head, $days);
    $checks = $pace->checksSince(Make::day('2026-03-01'));
    expect($checks)->toHaveCount(2)->and($checks[1]->minutes)->toEqualWithDelta(6.0, 1e-9)
        ->and($pace->on(2.0, true)->checksSince(Make::day('2026-03-01')))->toEqual($checks)
        ->and($pace->checksSince(Make::day('2026-03-10')))->toBe([]);
});

it('comes out eight times in ten within its range, over heads drawn from what is believed', function (): void {
    $random = new SeededRandom(23);
    $parameters = Parameters::shipped()->washDay;
    $within = $all = 0;
    foreach (range(1, 200) as $ignored) {
        $level = log(4.5) + $parameters->spread['detangle'] / sqrt($parameters->usualWeighs) * $random->normal();
        $timed = [];
        foreach (range(1, 10) as $week) {
            $timed[] = [
                'day' => new DetanglingDay(), 'date' => Make::day()->modify("+{$week} weeks"), 'clocked' => true,
                'minutes' => exp($level + $parameters->spread['detangle'] * $random->normal()),
            ];
        }
        foreach (DetanglingPace::checks($timed, 4.5, $parameters, Make::day()) as $check) {
            $within += abs($check->zScore) < 1.2816 ? 1 : 0;
            $all++;
        }
    }
    expect($within / $all)->toBeGreaterThan(0.75)->toBeLessThan(0.85);
});
