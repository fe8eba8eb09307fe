<?php

declare(strict_types=1);


/**
 * Fails unless no hands are on two heads at once, everybody keeps to her hours, no wait is drawn out too long and no
 * chair is taken twice.
 */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Scheduling\WorkSegments;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Scheduling\EveryDay;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;

function keepsEveryRule(DaySchedule $line): void
{
    $hands = $chairs = [];
    foreach ($line->appointments as $sitting) {
        $placing = $line->placed[$sitting->key] ?? null;
        if ($placing === null) {
            continue;
        }
        expect($placing->start())->toBeGreaterThanOrEqual($sitting->from());
        $outside = 0;
        foreach ($sitting->stretches as $i => $stretch) {
            for (
                $minute = $placing->starts[$i]; $minute < $placing->starts[$i] + (int) ceil(
                    $stretch->handsMinutes,
                ); $minute++
            ) {
                expect($hands)->not->toHaveKey("{$placing->hands} {$minute}", "{$sitting->key} at {$minute}");
                $hands["{$placing->hands} {$minute}"] = true;
                $outside += array_filter(
                    $line->day->hours[$placing->hands],
                    fn (array $span): bool => $minute >= $span[0] && $minute < $span[1],
                ) === [] ? 1 : 0;
            }
            if (isset($placing->starts[$i + 1])) {
                $gap = $placing->starts[$i + 1]
                    - $placing->starts[$i]
                    - $stretch->handsMinutes
                    - $stretch->waitingMinutes;
                // On a grid of five minutes, hands and wait are each rounded up by less than five.
                expect($gap)->toBeGreaterThanOrEqual(-1e-9)->toBeLessThan(15.0 + 10.0);
                expect($placing->holds[$i])->toBeLessThanOrEqual($stretch->mostHoldMinutes ?? 15.0);
            }
        }
        // What hands do outside their hours is counted, five minutes at a time.
        expect($outside)->toBeLessThanOrEqual($placing->breakMinutes + $placing->closingMinutes);
        if (! $sitting->isUnderWay()) {
            expect($placing->breakMinutes)->toBeLessThanOrEqual(20 * count($line->day->hours[$placing->hands]))
                ->and($placing->closingMinutes)->toBeLessThanOrEqual(60);
        }
        for ($minute = $sitting->inChairSince ?? $placing->start(); $minute < $placing->finish; $minute++) {
            $chairs[$minute] = ($chairs[$minute] ?? 0) + 1;
        }
    }
    expect(max([0, ...$chairs]))->toBeLessThanOrEqual($line->day->chairs);
}

/** @return list<Appointment> */
function drawnAppointments(
    SeededRandom $chance,
    int $count,
    int $stylists,
    int $from,
    int $until,
    bool $any = false,
): array {
    $sittings = [];
    for ($i = 0; $i < $count; $i++) {
        $stretches = [];
        for ($j = $chance->between(1, 2); $j > 0; $j--) {
            $stretches[] = new WorkSegment(
                5.0 * $chance->between(1, 4),
                5.0 * $chance->between(0, 4),
                mostHoldMinutes: [0.0, 7.0, null, null][$chance->between(0, 3)],
            );
        }
        $at = $from + 5 * $chance->between(0, intdiv($until - $from, 10));
        $hands = $any && $chance->happens(0.5) ? null : 'hands ' . $chance->between(1, $stylists);
        $promised = $chance->happens(0.6) ? $at : null;
        $late = $promised !== null && $chance->happens(0.4) ? 5 * $chance->between(1, 4) : 0;
        $sittings[] = $i === 0 && $hands !== null && $chance->happens(0.4)
            ? new Appointment(
                "head {$i}",
                $stretches,
                $at,
                $at,
                $hands,
                $at + 240,
                $at - 10,
                mayHold: 5 * $chance->between(0, 3),
            )
            : new Appointment("head {$i}", $stretches, $at, $promised, $hands, null, null, $late);
    }

    return $sittings;
}

it('finds the very cost that trying every layout of a small day finds', function (int $seed, int $stylists, int $chairs): void {
    $chance = new SeededRandom($seed);
    $hours = [];
    for ($i = 1; $i <= $stylists; $i++) {
        $hours["hands {$i}"] = $chance->happens(0.5) ? [[540, 630]] : [[540, 580], [590, 635]];
    }
    $day = new SalonDay($hours, $chairs, Parameters::shipped()->scheduling);
    $sittings = drawnAppointments($chance, 3, $stylists, 540, 620, $stylists > 1);
    $line = Scheduler::of($day, $sittings);
    keepsEveryRule($line);
    $least = EveryDay::leastCost($day, $sittings);
    // What is shown at once says how far off the best it can be; what is found behind is the best.
    expect($line->cost())->toBeGreaterThanOrEqual($least - 1e-9)
        ->and($line->leastCost)->toBeLessThanOrEqual($least + 1e-9);
    $behind = Scheduler::of($day, $sittings, $day->parameters->mostPlacesBehind);
    keepsEveryRule($behind);
    expect($behind->proved)->toBeTrue()
        ->and($behind->cost())->toEqualWithDelta($least, 1e-9)
        ->and($line->proved ? $line->cost() : $least)->toEqualWithDelta($least, 1e-9);
})->with(array_merge(...array_map(
    fn (int $seed): array => [[$seed, 1, 3], [$seed + 1000, 1, 1], [$seed + 2000, 2, 1], [$seed + 3000, 2, 2]],
    range(1, 113),
)));

it('rinses one head while the mask of another sits', function (): void {
    $mask = [new WorkSegment(20, 30), new WorkSegment(20)];
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 1080]]], 2, Parameters::shipped()->scheduling),
        [new Appointment('first', $mask, 540, 540, 'Ada'), new Appointment('second', $mask, 540, null, 'Ada')],
    );
    keepsEveryRule($line);
    expect($line->placed['first']->starts)->toBe([540, 590])
        ->and($line->placed['second']->starts)->toBe([565, 615])
        ->and($line->brokenPromises())->toBe([]);
});

it('needs a chair for each: with one chair the second begins when the first has gone', function (): void {
    $mask = [new WorkSegment(20, 30), new WorkSegment(20)];
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 1080]]], 1, Parameters::shipped()->scheduling),
        [new Appointment('first', $mask, 540, 540, 'Ada'), new Appointment('second', $mask, 540, null, 'Ada')],
    );
    expect($line->placed['second']->start())->toBe(615);
});

it('keeps a mask on no longer than a quarter of an hour over its time, and rather lets one wait at the door', function (): void {
    $day = new SalonDay(['Ada' => [[540, 1080]]], 4, Parameters::shipped()->scheduling);
    $line = Scheduler::of(
        $day,
        [
            new Appointment('long', [new WorkSegment(90)], 560, 560, 'Ada'),
            new Appointment('masked', [new WorkSegment(15, 10), new WorkSegment(15)], 540, null, 'Ada'),
        ],
    );
    keepsEveryRule($line);
    // Begun at nine, the rinse would come due at 9:25 while the hands are on the other until 10:50.
    expect($line->placed['masked']->start())->toBeGreaterThanOrEqual(635);
});

it('says who finds no place rather than put hands on two heads', function (): void {
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 600]]], 4, Parameters::shipped()->scheduling),
        [
            new Appointment('a', [new WorkSegment(70)], 540, 540, 'Ada'),
            new Appointment('b', [new WorkSegment(70)], 540, null, 'Ada'),
        ],
    );
    // An hour past closing is not enough for both.
    expect($line->without())->toBe(['b'])->and(array_keys($line->placed))->toBe(['a']);
});

it('says which promise a late client and an overrun break', function (): void {
    $day = new SalonDay(['Ada' => [[540, 1080]]], 4, Parameters::shipped()->scheduling);
    $late = new Appointment('late', [new WorkSegment(60)], 570, 540, 'Ada');
    $next = new Appointment('next', [new WorkSegment(60)], 0, 600, 'Ada');
    $line = Scheduler::of($day, [$late, $next]);
    keepsEveryRule($line);
    expect($line->brokenPromises())->toHaveCount(2)
        ->and($line->lateMinutes('late'))->toBe(30)
        ->and($line->lateMinutes('next'))->toBe(35);
    // Whoever is under way stays: what is left begins now.
    $underWay = new Appointment('under way', [new WorkSegment(30)], 600, 600, 'Ada', 600, 540);
    $line = Scheduler::of($day, [$underWay, $next]);
    expect($line->placed['under way']->start())->toBe(600)->and($line->placed['next']->start())->toBe(635)
        ->and($line->placed['under way']->chair[0] & 1)->toBe(1);
});

it('keeps to a lunch break', function (): void {
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 720], [760, 1080]]], 2, Parameters::shipped()->scheduling),
        [new Appointment('late morning', [new WorkSegment(30, 30), new WorkSegment(30)], 660, null, 'Ada')],
    );
    keepsEveryRule($line);
    // At eleven the rinse would fall into lunch; held to 12:40 it would be over-long; begun at half past it sits
    // through lunch, ten minutes held.
    expect($line->placed['late morning']->starts)->toBe([690, 760]);
});

it('tells an honest finish: no earlier than the plan says, with the spread of its stretches', function (): void {
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 1080]]], 2, Parameters::shipped()->scheduling),
        [
            new Appointment('a', [new WorkSegment(60, 0.0, 0.3)], 540, 540, 'Ada'),
            new Appointment('b', [new WorkSegment(60, 0.0, 0.3)], 540, 600, 'Ada'),
        ],
    );
    $finish = $line->finish('b');
    expect($finish['p10'])->toBeLessThan($finish['p50'])->and($finish['p50'])->toBeLessThan($finish['p90'])
        // The second cannot begin before ten, but begins later where the first runs over: the middle lies past eleven.
        ->and($finish['p50'])->toBeGreaterThanOrEqual(658)
        ->and($line->through('b', 1439))->toBe(1.0)
        ->and($line->through('b', 600))->toBe(0.0)
        ->and($line->finish('nobody'))->toBe(['p10' => 0, 'p50' => 0, 'p90' => 0]);
    // One stretch alone, log-normal: the tenth and ninetieth percentile are exp(∓1.2816 × 0.3) of the median.
    $one = $line->finish('a');
    expect($one['p50'] - 540)->toEqualWithDelta(60, 5)
        ->and($one['p90'] - 540)->toEqualWithDelta(60 * exp(1.2816 * 0.3), 9)
        ->and($one['p10'] - 540)->toEqualWithDelta(60 * exp(-1.2816 * 0.3), 7);
});

it('opens only times that leave everybody else alone', function (): void {
    $day = new SalonDay(['Ada' => [[540, 720]], 'Bo' => [[600, 720]]], 2, Parameters::shipped()->scheduling);
    $line = Scheduler::of($day, [new Appointment('a', [new WorkSegment(60)], 540, 570, 'Ada')]);
    $openings = FreeSlots::in($line, new Appointment('new', [new WorkSegment(40)], 540));
    expect(array_map(
        fn ($placing): string => "{$placing->hands} {$placing->start()}",
        $openings,
    ))->toBe(['Bo 600', 'Bo 630', 'Ada 635', 'Bo 660', 'Ada 665']);
    $line = Scheduler::of(
        new SalonDay(['Ada' => [[540, 600]]], 2, Parameters::shipped()->scheduling),
        [new Appointment('a', [new WorkSegment(60)], 540, 540, 'Ada')],
    );
    expect(FreeSlots::in($line, new Appointment('new', [new WorkSegment(40)], 540)))->toBe([]);
});

it('lays out three stylists and twelve heads with every rule kept', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $day = new SalonDay(
        ['hands 1' => [[540, 1080]], 'hands 2' => [[540, 1080]], 'hands 3' => [[600, 1140]]],
        6,
        Parameters::shipped()->scheduling,
    );
    $sittings = drawnAppointments($chance, 12, 3, 540, 1080);
    $line = Scheduler::of($day, $sittings);
    keepsEveryRule($line);
    expect(count($line->placed) + count($line->without()))->toBe(12);
})->with([1, 2, 3, 4, 5, 6]);

it('refuses hours that are none', function (array $hours, int $chairs): void {
    expect(fn () => new SalonDay($hours, $chairs, Parameters::shipped()->scheduling))->toThrow(DomainException::class);
})->with([
    'backwards' => [['Ada' => [[600, 540]]], 2],
    'overlapping' => [['Ada' => [[540, 700], [660, 720]]], 2],
    'no chair' => [['Ada' => [[540, 700]]], 0],
    'longer than fifteen hours' => [['Ada' => [[300, 1300]]], 2],
]);

it('sees a wash day as stretches that come to its whole length', function (): void {
    $head = Make::head();
    $plan = WashDayBuilder::plan(
        $head,
        [
            new Step(StepKind::PreWash, 30.0, how: 'oil'),
            new Step(StepKind::Cleanse, cleanse: CleanseKind::Gentle),
            new Step(StepKind::Mask, 20.0),
        ],
        Pace::of($head, []),
    );
    $stretches = WorkSegments::of($plan, Parameters::shipped());
    expect(count($stretches))->toBeGreaterThanOrEqual(2)
        ->and(array_sum(array_map(
            fn (WorkSegment $stretch): float => $stretch->handsMinutes + $stretch->waitingMinutes,
            $stretches,
        )))->toEqualWithDelta($plan->network->finishMinutes, 1e-6);
});
