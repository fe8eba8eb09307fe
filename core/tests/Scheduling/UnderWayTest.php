<?php

declare(strict_types=1);


/** Hands for 20 minutes, a mask for 30, hands for 40: begun at nine. */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;

function leftAt(int $now, float $over = 0.0): ?Appointment
{
    return RemainingWork::left(
        'a',
        [new WorkSegment(20, 30), new WorkSegment(40)],
        'Ada',
        540,
        $now,
        Parameters::shipped()->scheduling,
        $over,
    );
}

it('leaves what hands have not done yet, beginning now', function (): void {
    $left = leftAt(550);
    expect($left->stretches)
        ->toHaveCount(2)
        ->and($left->stretches[0]->handsMinutes)
        ->toBe(10.0)
        ->and($left->stretches[0]->waitingMinutes)
        ->toBe(30.0)
        ->and([$left->earliest, $left->latest, $left->inChairSince, $left->hands])->toBe([550, 790, 540, 'Ada']);
});

it('leaves the rest for when the mask is through, which may sit on for a quarter of an hour', function (): void {
    $left = leftAt(575);
    expect($left->stretches)
        ->toHaveCount(1)
        ->and($left->stretches[0]->handsMinutes)
        ->toBe(40.0)
        ->and([$left->earliest, $left->latest, $left->mayHold])
        ->toBe([590, 830, 15]);
});

it('goes on with the last hands when the mask is through', function (): void {
    $left = leftAt(600);
    expect($left->stretches)
        ->toHaveCount(1)
        ->and($left->stretches[0]->handsMinutes)
        ->toBe(30.0)
        ->and($left->earliest)
        ->toBe(600);
});

it('takes hands to be at it still where nobody said it is through', function (): void {
    $left = leftAt(700);
    expect($left->stretches)
        ->toHaveCount(1)
        ->and($left->stretches[0]->handsMinutes)
        ->toBe(5.0)
        ->and($left->earliest)
        ->toBe(700);
});

it('takes longer by what was said, where hands are now', function (): void {
    expect(leftAt(550, 15.0)->stretches[0]->handsMinutes)->toBe(25.0)
        ->and(leftAt(600, 15.0)->stretches[0]->handsMinutes)->toBe(45.0)
        ->and(leftAt(632, 15.0)->stretches[0]->handsMinutes)->toBe(13.0);
});

it('needs no hands where only drying is left', function (): void {
    $stretches = [new WorkSegment(20), new WorkSegment(10, 60)];
    expect(RemainingWork::left('a', $stretches, 'Ada', 540, 580, Parameters::shipped()->scheduling))->toBeNull()
        ->and(RemainingWork::left(
            'a',
            $stretches,
            'Ada',
            540,
            565,
            Parameters::shipped()->scheduling,
        )?->stretches[0]->waitingMinutes)->toBe(60.0);
});

it('begins on the grid, never before now', function (int $now, int $begins): void {
    expect(leftAt($now)->earliest)->toBe($begins);
})->with([[541, 545], [545, 545], [557, 560], [571, 590], [588, 590]]);

it('lays the day out anew round whoever is under way', function (): void {
    $day = new SalonDay(['Ada' => [[540, 1080]]], 2, Parameters::shipped()->scheduling);
    // At 9:10 the first is under hands until 9:20; her mask sits until 9:50. The next, promised for 9:20, is begun
    // meanwhile.
    $line = Scheduler::of($day, [leftAt(550), new Appointment('next', [new WorkSegment(30)], 550, 560, 'Ada')]);
    expect($line->placed['a']->starts)
        ->toBe([550, 595])
        ->and($line->placed['next']->start())
        ->toBe(560)
        ->and($line->brokenPromises())
        ->toBe([]);
    // The first runs over by a quarter of an hour: the next waits that long, and the mask's end still finds hands.
    $line = Scheduler::of($day, [leftAt(550, 15.0), new Appointment('next', [new WorkSegment(30)], 550, 560, 'Ada')]);
    expect($line->placed['next']->start())
        ->toBe(575)
        ->and($line->lateMinutes('next'))
        ->toBe(15)
        ->and($line->placed['a']->starts[1])
        ->toBe(610);
});
