<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\ContactLimit;
use Nagomi\Core\Scheduling\OpenStep;
use Nagomi\Core\Scheduling\RunningWork;
use Nagomi\Core\Scheduling\WorkSegments;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;

/** @param list<OpenStep> $open */
function left(array $open, float $now, float $since, ?float $due = null, ?float $hold = null): RunningWork
{
    return RunningWork::of($open, $now, $since, Parameters::shipped()->scheduling, $due, $hold);
}

it('takes of the step in hand what is left of it, whatever the plan had said', function (): void {
    $left = left([new OpenStep(30), new OpenStep(10)], 620, 600);
    expect($left->wanted)->toBe(620.0)->and($left->until)->toBe(630.0 + 10)
        ->and($left->stretches)->toHaveCount(1)
        ->and($left->stretches[0]->handsMinutes)->toBe(20.0);
    // It should have been done ten minutes ago, and nobody says it is.
    $over = left([new OpenStep(10), new OpenStep(10)], 620, 600);
    expect($over->stretches[0]->handsMinutes)->toBe(11.0)->and($over->until)->toBe(631.0);
});

it('waits for what sits already, and lets it sit no longer than its label says', function (): void {
    $left = left([new OpenStep(20)], 610, 600, 625, 3.0);
    $appointment = $left->appointment('a', 'Ada', 540, Parameters::shipped()->scheduling);
    expect($left->wanted)->toBe(625.0)
        ->and([$appointment->earliest, $appointment->mayHold, $appointment->inChairSince])->toBe([625, 3, 540]);
    // Beside the mask there is something to do: hands are wanted now, the rinse when it is through.
    $beside = left([new OpenStep(5, isBeside: true), new OpenStep(20)], 610, 610, 625);
    expect($beside->stretches)->toHaveCount(2)
        ->and($beside->stretches[0]->waitingMinutes)->toBe(10.0)
        ->and($beside->until)->toBe(645.0);
});

it('needs no hands where only drying is left', function (): void {
    $left = left([], 700, 690, 740);
    expect($left->appointment('a', 'Ada', 540, Parameters::shipped()->scheduling))->toBeNull()
        ->and($left->until)->toBe(740.0);
});

it('says of a day that has just begun what the plan says of it', function (): void {
    $plan = WashDayBuilder::plan(
        Make::head(),
        [Step::cleanse(CleanseKind::Gentle), Step::strongProtein(10.0), Step::mask(20.0), Step::leaveIn()],
        Pace::of(Make::head(), []),
    );
    $open = [];
    foreach ($plan->steps as $step) {
        if (! $step->afterClient) {
            $open[] = new OpenStep(
                $step->handsOnMinutes,
                $step->waitingMinutes,
                $step->beside,
                $step->spread,
                $step->waitSpread,
                ContactLimit::holdMinutes($step->kind, $step->waitingMinutes, $step->mostMinutes),
            );
        }
    }
    $left = left($open, 540, 540);
    $planned = WorkSegments::of($plan, Parameters::shipped());
    expect(count($left->stretches))->toBe(count($planned))
        ->and($left->until)->toEqualWithDelta(540 + $plan->network->finishMinutes, 0.01);
    foreach ($planned as $i => $segment) {
        expect($left->stretches[$i]->handsMinutes)->toEqualWithDelta($segment->handsMinutes, 0.01)
            ->and($left->stretches[$i]->waitingMinutes)->toEqualWithDelta($segment->waitingMinutes, 0.01)
            ->and($left->stretches[$i]->spread)->toEqualWithDelta($segment->spread, 0.01)
            ->and($left->stretches[$i]->mostHoldMinutes)->toEqual($segment->mostHoldMinutes);
    }
});

it('never leaves protein on beyond its time, a mask no longer than it may be on', function (): void {
    $plan = WashDayBuilder::plan(
        Make::head(),
        [Step::cleanse(CleanseKind::Gentle), Step::strongProtein(10.0), Step::mask(55.0), Step::leaveIn()],
        Pace::of(Make::head(), []),
    );
    $holds = array_map(
        static fn ($segment): int => $segment->holdMinutes(Parameters::shipped()->scheduling),
        WorkSegments::of($plan, Parameters::shipped()),
    );
    // A mask may be on for an hour where its bottle says nothing: five minutes more than planned here.
    expect($holds)->toContain(0)->toContain(5);
});
