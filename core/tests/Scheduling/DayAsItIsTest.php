<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\Exchanges;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

/** @param non-empty-array<string, non-empty-list<array{int, int}>> $hours */
function hoursOf(array $hours, int $chairs = 6): SalonDay
{
    return new SalonDay($hours, $chairs, Parameters::shipped()->scheduling);
}

it('works ten minutes into lunch rather than let a client wait for seventy-five', function (): void {
    // Promised for 11:50 and forty minutes long; the first takes until then, the tools five minutes, and five more at
    // the end. Lunch is from 12:30 to 13:15.
    $line = Scheduler::of(hoursOf(['Ada' => [[540, 750], [795, 1080]]]), [
        new Appointment('over', [new WorkSegment(10)], 700, 700, 'Ada', 940, 640),
        new Appointment('next', [new WorkSegment(40)], 700, 710, 'Ada'),
    ]);
    expect($line->placed['next']->start())->toBe(715)
        ->and($line->placed['next']->breakMinutes)->toBe(10)
        ->and($line->placed['next']->cost)->toBe(5 * 12.0 + 10 * 3.0);
});

it('takes no more of a break than twenty minutes, and never more than half of it', function (int $break, int $most): void {
    $day = hoursOf(['Ada' => [[540, 600], [600 + $break, 1080]]]);
    $taken = [];
    foreach ([5, 10, 15, 20, 25] as $over) {
        $line = Scheduler::of($day, [new Appointment('a', [new WorkSegment(60 + $over)], 540, 540, 'Ada')]);
        $taken[$over] = $line->placed['a']->start() === 540 ? $line->placed['a']->breakMinutes : 0;
    }
    expect(max($taken))->toBe($most);
})->with([[45, 20], [30, 15], [20, 10]]);

it('stays after closing for who is late rather than send them home, for an hour at most', function (): void {
    $day = hoursOf(['Ada' => [[540, 1080]]]);
    $line = Scheduler::of($day, [
        new Appointment('first', [new WorkSegment(90)], 960, 960, 'Ada'),
        new Appointment('last', [new WorkSegment(60)], 1020, 1020, 'Ada'),
    ]);
    expect($line->placed['last']->start())->toBe(1055)
        ->and($line->placed['last']->closingMinutes)->toBe(40)
        ->and($line->without())->toBe([]);
    $line = Scheduler::of($day, [new Appointment('late', [new WorkSegment(60)], 1090, 1020, 'Ada', ownDelay: 70)]);
    expect($line->without())->toBe(['late']);
});

it('lets who came late wait rather than who was on time', function (): void {
    $day = hoursOf(['Ada' => [[540, 1080]]]);
    $late = new Appointment('late', [new WorkSegment(60)], 630, 600, 'Ada', ownDelay: 30);
    $punctual = new Appointment('punctual', [new WorkSegment(60)], 630, 630, 'Ada');
    $line = Scheduler::of($day, [$late, $punctual]);
    expect($line->placed['punctual']->start())->toBe(630)
        ->and($line->placed['late']->start())->toBe(695)
        // What is late by the salon's doing counts from when they came.
        ->and($line->lateMinutes('late'))->toBe(65)
        ->and($line->lateMinutes('punctual'))->toBe(0);
});

it('never sends away who sits in the chair, and sells nobody’s hands twice', function (): void {
    // Two were begun by the same hands, and both want them now: the one goes on, the other waits in the chair.
    $left = fn (string $key): Appointment => RemainingWork::left(
        $key,
        [new WorkSegment(60)],
        'Ada',
        1000,
        1030,
        Parameters::shipped()->scheduling,
    ) ?? throw new LogicException('There are thirty minutes left.');
    $promised = new Appointment('promised', [new WorkSegment(30)], 1030, 1030, 'Ada');
    $line = Scheduler::of(hoursOf(['Ada' => [[540, 1080]]]), [$left('a'), $left('b'), $promised]);
    expect($line->without())->toBe([]);
    $starts = array_map(static fn ($placing): int => $placing->start(), $line->placed);
    sort($starts);
    // 17:10, 17:45 and, after both, twenty past six: past closing at six, and the tools are cleaned each time.
    expect($starts)->toBe([1030, 1065, 1100])->and($line->placed['promised']->start())->toBe(1100);
});

it('keeps who sits in the chair at half past eleven at night, long after closing', function (): void {
    $left = RemainingWork::left('a', [new WorkSegment(90)], 'Ada', 1380, 1410, Parameters::shipped()->scheduling);
    $day = new SalonDay(['Ada' => [[540, 1080]]], 4, Parameters::shipped()->scheduling, [], [1410, 1710]);
    $line = Scheduler::of($day, [$left]);
    expect($line->placed['a']->start())->toBe(1410)->and($line->placed['a']->finish)->toBe(1470);
});

it('keeps the hands of who sits when they are no longer there, and says so', function (): void {
    $left = RemainingWork::left('a', [new WorkSegment(90)], 'Ada', 600, 630, Parameters::shipped()->scheduling);
    $line = Scheduler::of(hoursOf(['Bo' => [[540, 1080]]]), [$left]);
    expect($line->placed['a']->start())->toBe(630)->and($line->placed['a']->closingMinutes)->toBe(65);
    $exchange = Exchanges::of($line)[0];
    expect($exchange->placement->hands)->toBe('Bo')->and($exchange->placement->start())->toBe(630);
});

it('counts the chair of who only dries', function (): void {
    $hours = ['Ada' => [[540, 1080]]];
    $next = new Appointment('next', [new WorkSegment(30)], 600, 600, 'Ada');
    $drying = new SalonDay($hours, 1, Parameters::shipped()->scheduling, [[540, 640]]);
    expect(Scheduler::of($drying, [$next])->placed['next']->start())->toBe(640)
        ->and(Scheduler::of(hoursOf($hours, 1), [$next])->placed['next']->start())->toBe(600);
});

it('offers nobody a break or the time after closing', function (): void {
    $line = Scheduler::of(hoursOf(['Ada' => [[540, 600], [645, 700]]]), []);
    $starts = array_map(
        static fn ($placing): int => $placing->start(),
        FreeSlots::in($line, new Appointment('new', [new WorkSegment(50)], 540), 50),
    );
    expect($starts)->toBe([540, 645]);
});

it('proposes other hands where a promise is broken, and says who is helped by it', function (): void {
    $hours = ['Ilse' => [[540, 1080]], 'Quim' => [[540, 1080]], 'Wren' => [[540, 660]]];
    $line = Scheduler::of(hoursOf($hours), [
        new Appointment('over', [new WorkSegment(70)], 600, 600, 'Ilse', 840, 540),
        new Appointment('noor', [new WorkSegment(60)], 600, 630, 'Ilse'),
        new Appointment('rosa', [new WorkSegment(60)], 600, 690, 'Ilse'),
        new Appointment('other', [new WorkSegment(25)], 600, 600, 'Quim'),
    ]);
    expect($line->brokenPromises())->toBe(['noor', 'rosa']);
    $exchange = Exchanges::of($line)[0];
    expect($exchange->appointment->key)->toBe('noor')
        ->and($exchange->placement->hands)->toBe('Quim')
        ->and($exchange->placement->start())->toBe(630)
        ->and($exchange->sooner)->toBe(['rosa' => 50]);
});

it('proposes what can all be done, and to nobody a later time for the good of others', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $hours = ['Ilse' => [[540, 900]], 'Quim' => [[540, 900]], 'Wren' => [[540, 900]]];
    $appointments = [];
    foreach (range(0, 11) as $i) {
        $at = 540 + 45 * intdiv($i, 3) + 5 * $chance->between(0, 3);
        $delay = $chance->happens(0.3) ? 5 * $chance->between(1, 6) : 0;
        $appointments[] = new Appointment(
            "head {$i}",
            [new WorkSegment(10.0 + 5 * $chance->between(0, 5), 5.0 * $chance->between(0, 3)), new WorkSegment(15)],
            $at + $delay,
            $at,
            ['Ilse', 'Ilse', 'Quim', 'Wren'][$chance->between(0, 3)],
            ownDelay: $delay,
        );
    }
    $line = Scheduler::of(hoursOf($hours), $appointments);
    foreach (Exchanges::of($line) as $exchange) {
        $key = $exchange->appointment->key;
        expect($exchange->placement->isWithinHours())->toBeTrue()
            ->and($exchange->placement->start())->toBeLessThanOrEqual($line->placed[$key]->start());
        // Done, the day costs at least so much less: everybody is laid out anew, not these hands alone.
        $changed = array_map(
            static fn (Appointment $one): Appointment => $one->key === $key
                ? $one->with($exchange->placement->hands)
                : $one,
            $appointments,
        );
        $after = Scheduler::of(hoursOf($hours), $changed, 20_000);
        expect($after->leastCost)->toBeLessThanOrEqual($line->cost() - $exchange->saves + 1e-9);
    }
    expect(count(Exchanges::of($line)))->toBeLessThanOrEqual(3);
})->with(range(1, 20));

it('proposes nothing for who stays with theirs, and nothing where all is kept', function (): void {
    $hours = ['Ilse' => [[540, 1080]], 'Quim' => [[540, 1080]]];
    $over = new Appointment('over', [new WorkSegment(70)], 600, 600, 'Ilse', 840, 540);
    $stays = new Appointment('noor', [new WorkSegment(60)], 600, 630, 'Ilse', stays: true);
    expect(Exchanges::of(Scheduler::of(hoursOf($hours), [$over, $stays])))->toBe([]);
    $fits = new Appointment('noor', [new WorkSegment(60)], 600, 690, 'Ilse');
    expect(Exchanges::of(Scheduler::of(hoursOf($hours), [$over, $fits])))->toBe([]);
});

it('says of a day it could not search to its end how far off it can be', function (): void {
    $appointments = [];
    for ($i = 0; $i < 7; $i++) {
        $stretches = [new WorkSegment(15, 15), new WorkSegment(15, 10), new WorkSegment(10)];
        $appointments[] = new Appointment("head {$i}", $stretches, 540 + 20 * $i, 540 + 20 * $i, 'Ada');
    }
    $line = Scheduler::of(hoursOf(['Ada' => [[540, 1080]]]), $appointments, 30);
    $proved = Scheduler::of(hoursOf(['Ada' => [[540, 1080]]]), $appointments, 60_000);
    expect($line->proved)->toBeFalse()
        ->and($line->gapMinutes())->toBeGreaterThan(0.0)
        ->and($line->cost() - 12 * $line->gapMinutes())->toBeLessThanOrEqual($proved->cost() + 1e-9);
});

it('keeps five minutes for the tools between two heads', function (): void {
    $one = new Appointment('one', [new WorkSegment(45)], 540, 540, 'Ada');
    $two = fn (int $at): Appointment => new Appointment('two', [new WorkSegment(45)], $at, $at, 'Ada');
    expect(Scheduler::of(hoursOf(['Ada' => [[540, 1080]]]), [$one, $two(590)])->cost())->toBe(0.0)
        ->and(Scheduler::of(hoursOf(['Ada' => [[540, 1080]]]), [$one, $two(585)])->cost())->toBe(5 * 12.0);
    // What is offered last ends, tools and all, when the salon closes.
    $line = Scheduler::of(hoursOf(['Ada' => [[540, 640]]]), [$one]);
    $offered = FreeSlots::in($line, new Appointment('new', [new WorkSegment(45)], 540), 50);
    expect(array_map(static fn ($placing): int => $placing->start(), $offered))->toBe([590]);
});
