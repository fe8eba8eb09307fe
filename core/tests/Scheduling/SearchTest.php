<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\Occupancy;
use Nagomi\Core\Scheduling\Placements;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

it('costs the same whatever the order the sittings are given in', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $day = new SalonDay(['hands 1' => [[540, 700]], 'hands 2' => [[560, 720]]], 2, Parameters::shipped()->scheduling);
    $sittings = [];
    for ($i = 0; $i < 5; $i++) {
        $at = 540 + 5 * $chance->between(0, 16);
        $sittings[] = new Appointment(
            "head {$i}",
            [new WorkSegment(5.0 * $chance->between(1, 4), 5.0 * $chance->between(0, 3)), new WorkSegment(10)],
            $at,
            $chance->happens(0.5) ? $at : null,
            'hands ' . $chance->between(1, 2),
        );
    }
    $line = Scheduler::of($day, $sittings);
    $turned = Scheduler::of($day, array_reverse($sittings));
    if ($line->proved && $turned->proved) {
        expect($turned->cost())->toEqualWithDelta($line->cost(), 1e-9);
    } else {
        expect(abs($turned->cost() - $line->cost()))->toBeLessThan(Parameters::shipped()->scheduling->costOfNoPlace);
    }
})->with(range(1, 12));

it('never costs less with more heads, nor more with another chair', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $sittings = [];
    $costs = [];
    for ($i = 0; $i < 4; $i++) {
        $at = 540 + 5 * $chance->between(0, 8);
        $sittings[] = new Appointment(
            "head {$i}",
            [new WorkSegment(5.0 * $chance->between(1, 3), 5.0 * $chance->between(0, 3)), new WorkSegment(5)],
            $at,
            $at,
            'Ada',
        );
        $one = Scheduler::of(new SalonDay(['Ada' => [[540, 660]]], 1, Parameters::shipped()->scheduling), $sittings);
        $two = Scheduler::of(new SalonDay(['Ada' => [[540, 660]]], 2, Parameters::shipped()->scheduling), $sittings);
        if ($one->proved && $two->proved) {
            expect($two->cost())->toBeLessThanOrEqual($one->cost() + 1e-9);
            expect($two->cost())->toBeGreaterThanOrEqual(max([0.0, ...$costs]) - 1e-9);
            $costs[] = $two->cost();
        }
    }
    expect($costs)->not->toBe([]);
})->with(range(21, 30));

it('lists every placing once, the cheapest first, within the hours', function (): void {
    $day = new SalonDay(['Ada' => [[540, 600], [630, 700]]], 1, Parameters::shipped()->scheduling);
    $sitting = new Appointment('a', [new WorkSegment(12, 8), new WorkSegment(5)], 547);
    $placings = Placements::of($sitting, $day);
    $costs = array_map(fn ($placing): float => $placing->cost, $placings);
    $sorted = $costs;
    sort($sorted);
    expect($costs)->toBe($sorted);
    $seen = [];
    foreach ($placings as $placing) {
        $key = implode(' ', $placing->starts) . ' ' . implode(' ', $placing->holds);
        expect($seen)->not->toHaveKey($key);
        $seen[$key] = true;
        expect($placing->start())->toBeGreaterThanOrEqual(550)->and($placing->finish)->toBeLessThanOrEqual(760)
            // A quarter of an hour of hands on the grid, ten minutes of waiting, then what it was held.
            ->and($placing->starts[1] - $placing->starts[0])->toBe(25 + $placing->holds[0]);
    }
    // Whole before the break: starts 9:10 to 9:30 with what holds fit; 9:10 alone may be held to 9:55 in full.
    expect($placings[0]->start())->toBe(550)->and($placings[0]->cost)->toBe(3.0);
});

it('knows a room by what is taken in it', function (): void {
    $day = new SalonDay(['Ada' => [[540, 660]], 'Bo' => [[540, 660]]], 2, Parameters::shipped()->scheduling);
    $at = fn (string $key, string $hands, int $start) => Placements::of(
        new Appointment($key, [new WorkSegment(30)], $start, null, $hands, $start),
        $day,
    )[0];
    $room = Occupancy::of($day);
    $first = $at('a', 'Ada', 540);
    expect($room->has($first))->toBeTrue();
    $room = $room->with($first);
    expect($room->has($at('b', 'Ada', 550)))
        ->toBeFalse()
        ->and($room->has($at('b', 'Ada', 575)))
        ->toBeTrue()
        ->and($room->has($at('b', 'Bo', 550)))
        ->toBeTrue();
    // Two chairs: with both taken nobody sits, whoever's hands are free.
    $both = $room->with($at('b', 'Bo', 550));
    $third = new SalonDay(
        ['Ada' => [[540, 660]], 'Bo' => [[540, 660]], 'Cy' => [[540, 660]]],
        2,
        Parameters::shipped()->scheduling,
    );
    $cy = Placements::of(new Appointment('c', [new WorkSegment(30)], 555, null, 'Cy', 555), $third)[0];
    expect($both->has($cy))->toBeFalse()->and($room->has($cy))->toBeTrue();
    expect($both->free([$cy, $at('d', 'Ada', 600)], INF))
        ->toHaveCount(1)
        ->and($both->free([$at('d', 'Ada', 600)], 0.0))
        ->toBe([]);
});

it('refuses a sitting without a stretch and a stretch without hands', function (): void {
    expect(fn () => new Appointment('a', []))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new WorkSegment(0))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new WorkSegment(10, -1))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new WorkSegment(800, 800))->toThrow(InvalidArgumentException::class);
});
