<?php

declare(strict_types=1);

/* Several who come together: held against every group there is, minute by minute. */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\Openings;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\TogetherOpenings;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

/** @return array{DaySchedule, list<Appointment>} a day with three booked, and so many who come together */
function aDayForSeveral(int $seed, int $many, int $chairs): array
{
    $chance = new SeededRandom($seed);
    $day = new SalonDay(
        ['Ada' => [[540, 900]], 'Bo' => [[570, 810]]],
        $chairs,
        Parameters::shipped()->scheduling,
    );
    $booked = [];
    foreach (range(0, 2) as $i) {
        $at = 540 + 5 * $chance->between(0, 50);
        $work = [new WorkSegment(5.0 * $chance->between(3, 9))];
        $booked[] = new Appointment("booked {$i}", $work, $at, $at, ['Ada', 'Bo'][$i % 2]);
    }
    $come = [];
    foreach (range(1, $many) as $i) {
        $come[] = new Appointment("comes {$i}", [
            new WorkSegment(5.0 * $chance->between(2, 5), 5.0 * $chance->between(0, 8)),
            new WorkSegment(5.0 * $chance->between(2, 4)),
        ], 0);
    }

    return [Scheduler::of($day, $booked), $come];
}

/**
 * Whether two can both be had: no hands twice in a minute with five for the tools, no more chairs than there are. Told
 * by the minutes, apart from the masks of the search.
 *
 * @param list<Opening> $group
 */
function canBeHad(DaySchedule $line, array $come, array $group, int $chairs): bool
{
    $busy = $sits = [];
    $take = static function (string $hands, int $from, int $until) use (&$busy): bool {
        for ($minute = $from; $minute < $until; $minute++) {
            if (isset($busy["{$hands} {$minute}"])) {
                return false;
            }
            $busy["{$hands} {$minute}"] = true;
        }

        return true;
    };
    $placed = array_values($line->placed);
    $works = array_map(static fn (string $key) => $line->appointment($key)->stretches, array_keys($line->placed));
    foreach ([...$placed, ...array_map(static fn (Opening $one) => $one->placement, $group)] as $i => $placement) {
        $stretches = $works[$i] ?? $come[$i - count($placed)]->stretches;
        foreach ($stretches as $s => $stretch) {
            $tools = $s === count($stretches) - 1 ? 5 : 0;
            $from = $placement->starts[$s];
            if (! $take($placement->hands, $from, $from + (int) $stretch->handsMinutes + $tools)) {
                return false;
            }
        }
        for ($minute = $placement->start(); $minute < $placement->finish; $minute++) {
            $sits[$minute] = ($sits[$minute] ?? 0) + 1;
        }
    }

    return max($sits) <= $chairs;
}

it('finds for two the group that is through soonest, of every one there is', function (int $seed): void {
    $chairs = 2 + $seed % 2;
    [$line, $come] = aDayForSeveral($seed, 2, $chairs);
    $openings = array_map(static fn (Appointment $one): array => Openings::of($line, $one), $come);
    $found = [];
    foreach (TogetherOpenings::of($line, $openings) as $group) {
        expect(canBeHad($line, $come, $group, $chairs))->toBeTrue();
        $found[$group[0]->placement->start()] = TogetherOpenings::span($group);
    }
    $least = [];
    foreach ($openings[0] as $one) {
        foreach ($openings[1] as $other) {
            $span = max($one->placement->finish, $other->placement->finish)
                - min($one->placement->start(), $other->placement->start());
            $gap = max(
                $one->placement->start() - $other->placement->finish,
                $other->placement->start() - $one->placement->finish,
            );
            $start = $one->placement->start();
            if ($gap <= 30 && $span < ($least[$start] ?? INF) && canBeHad($line, $come, [$one, $other], $chairs)) {
                $least[$start] = $span;
            }
        }
    }
    ksort($least);
    expect($found)->toBe($least);
})->with(range(1, 40));

it('gives three of them places that can be had, near each other', function (int $seed): void {
    [$line, $come] = aDayForSeveral($seed, 3, 4);
    $openings = array_map(static fn (Appointment $one): array => Openings::of($line, $one), $come);
    foreach (TogetherOpenings::of($line, $openings) as $group) {
        expect($group)->toHaveCount(3)->and(canBeHad($line, $come, $group, 4))->toBeTrue();
    }
})->with(range(41, 55));

it('has nothing where one of them has nothing, and nothing far from the others', function (): void {
    $day = new SalonDay(['Ada' => [[540, 600], [700, 760]]], 3, Parameters::shipped()->scheduling);
    $line = Scheduler::of($day, []);
    $one = Openings::of($line, new Appointment('one', [new WorkSegment(50)], 0));
    $long = Openings::of($line, new Appointment('long', [new WorkSegment(90)], 0));
    expect($one)->not->toBe([])->and(TogetherOpenings::of($line, [$one, $long]))->toBe([])
        // Both would fit, one before noon and one after: two hours apart is not together.
        ->and(TogetherOpenings::of($line, [$one, $one]))->toBe([]);
});
