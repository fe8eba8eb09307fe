<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\Openings;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

it('opens every start that a bare look at the day finds, and no other', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $hours = ['Ada' => [[540, 720], [765, 900]], 'Bo' => [[600, 900]]];
    $day = new SalonDay($hours, 6, Parameters::shipped()->scheduling);
    $booked = [];
    foreach (range(0, 3) as $i) {
        $at = 540 + 5 * $chance->between(0, 50);
        $minutes = 5.0 * $chance->between(2, 8);
        $booked[] = new Appointment("booked {$i}", [new WorkSegment($minutes)], $at, $at, ['Ada', 'Bo'][$i % 2]);
    }
    $line = Scheduler::of($day, $booked);
    [$first, $wait, $then] = [5 * $chance->between(2, 6), 5 * $chance->between(0, 6), 5 * $chance->between(2, 5)];
    $found = array_map(
        static fn (Opening $opening): string => "{$opening->placement->hands} {$opening->placement->start()}",
        Openings::of($line, new Appointment('new', [new WorkSegment($first, $wait), new WorkSegment($then)], 0)),
    );
    // Minute by minute: whose hands are at work, tools and all.
    $busy = [];
    foreach ($line->placed as $key => $placement) {
        $minutes = $line->appointment((string) $key)?->stretches[0]->handsMinutes ?? 0.0;
        for ($minute = $placement->start(); $minute < $placement->start() + $minutes + 5; $minute++) {
            $busy["{$placement->hands} {$minute}"] = true;
        }
    }
    $works = static function (string $hands, int $from, int $until) use ($hours, $busy): bool {
        for ($minute = $from; $minute < $until; $minute++) {
            $isThere = array_filter(
                $hours[$hands],
                static fn (array $span): bool => $minute >= $span[0] && $minute < $span[1],
            ) !== [];
            if (! $isThere || isset($busy["{$hands} {$minute}"])) {
                return false;
            }
        }

        return true;
    };
    $expected = [];
    for ($start = 540; $start < 900; $start += 5) {
        foreach (array_keys($hours) as $hands) {
            foreach ([0, 5, 10, 15] as $hold) {
                $second = $start + $first + $wait + $hold;
                if ($works($hands, $start, $start + $first) && $works($hands, $second, $second + $then + 5)) {
                    $expected["{$hands} {$start}"] = "{$hands} {$start}";
                }
            }
        }
    }
    sort($found);
    $expected = array_values($expected);
    sort($expected);
    expect($found)->toBe($expected)->and($found)->not->toBe([]);
})->with(range(1, 25));

it('knows what a time leaves behind', function (): void {
    $day = new SalonDay(['Ada' => [[540, 720]]], 3, Parameters::shipped()->scheduling);
    $line = Scheduler::of($day, [new Appointment('booked', [new WorkSegment(55)], 600, 600, 'Ada')]);
    $lost = [];
    foreach (Openings::of($line, new Appointment('new', [new WorkSegment(30)], 0)) as $opening) {
        $lost[$opening->placement->start()] = $opening->lostMinutes;
    }
    // Before it there is an hour: begun at nine, 25 minutes are left to nobody; at 9:25 it is the first 25. After it
    // there are sixty minutes as well.
    expect($lost[540])->toBe(25)
        ->and($lost[545])->toBe(25)
        ->and($lost[565])->toBe(25)
        ->and($lost[660])->toBe(25)
        ->and($lost)->not->toHaveKey(570)
        ->and($lost[685])->toBe(25);
    // Alone on the day, what it cuts off at an end is lost; in the middle nothing is.
    $alone = [];
    foreach (Openings::of(Scheduler::of($day, []), new Appointment('new', [new WorkSegment(30)], 0)) as $opening) {
        $alone[$opening->placement->start()] = $opening->lostMinutes;
    }
    expect([$alone[540], $alone[560], $alone[570], $alone[685]])->toBe([0, 20, 0, 0]);
});

it('opens nothing where the hours are over and only who is under way is looked at', function (): void {
    $day = new SalonDay(['Ada' => [[540, 1080]]], 3, Parameters::shipped()->scheduling, [], [1410, 1500]);
    $under = new Appointment('under way', [new WorkSegment(60)], 1410, 1410, 'Ada', 1440, 1380);
    $line = Scheduler::of($day, [$under]);
    expect(Openings::of($line, new Appointment('new', [new WorkSegment(20)], 1410)))->toBe([])
        ->and($line->without())->toBe([]);
});
