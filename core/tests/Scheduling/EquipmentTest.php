<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\Equipment;
use Nagomi\Core\Scheduling\EquipmentUse;
use Nagomi\Core\Scheduling\HeatedWait;
use Nagomi\Core\Scheduling\Openings;
use Nagomi\Core\Scheduling\OpenStep;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\RunningWork;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Scheduling\WorkSegments;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Scheduling\EveryDay;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;

function equippedDay(int $hoods, ?array $hours = null, array $more = []): SalonDay
{
    $hours ??= ['Ada' => [[540, 1080]], 'Bo' => [[540, 1080]]];

    return new SalonDay($hours, 4, Parameters::shipped()->scheduling, ...$more + ['equipment' => ['hood' => $hoods]]);
}

/** Twenty minutes of hands, forty under the hood, ten of hands. */
function hooded(string $key, string $hands, int $at = 540): Appointment
{
    $stretches = [new WorkSegment(20, 40, heat: HeatedWait::Hood), new WorkSegment(10)];

    return new Appointment($key, $stretches, $at, $at, $hands);
}

it('seats one after the other under the only hood, and both at once under two', function (): void {
    $both = [hooded('a', 'Ada'), hooded('b', 'Bo')];
    $one = Scheduler::of(equippedDay(1), $both);
    $two = Scheduler::of(equippedDay(2), $both);
    expect($one->without())->toBe([])
        ->and(abs($one->placed['a']->starts[0] - $one->placed['b']->starts[0]))->toBe(40)
        ->and($two->lateMinutes('a') + $two->lateMinutes('b'))->toBe(0);
});

it('offers no time at which every hood is taken, nor any where none works', function (): void {
    $starts = fn (int $hoods): array => array_map(
        fn ($opening): int => $opening->placement->start(),
        Openings::of(Scheduler::of(equippedDay($hoods), [hooded('a', 'Ada', 600)]), hooded('new', 'Bo', 0)),
    );
    // Taken from 10:20 to 11:00: nobody sits down from 9:20 on who would still be under it at 10:20.
    expect($starts(1))->toContain(560)->not->toContain(565)
        ->not->toContain(600)->not->toContain(635)->toContain(640)
        ->and($starts(2))->toContain(600)
        ->and($starts(0))->toBe([]);
});

it('finds a place for who sits already where every hood broke, and none for who is still to come', function (): void {
    $sits = new Appointment('sits', hooded('a', 'Ada')->stretches, 600, 600, 'Ada', 840, 580);
    $line = Scheduler::of(equippedDay(0), [$sits, hooded('next', 'Bo', 700)]);
    expect(array_keys($line->placed))->toBe(['sits'])->and($line->without())->toBe(['next']);
});

it('keeps the hood of who sits under it, with hands still to come and without', function (): void {
    $sits = new Appointment('sits', [new WorkSegment(10)], 620, 620, 'Ada', 860, 560, isUnderHood: true);
    $line = Scheduler::of(equippedDay(1), [$sits, hooded('next', 'Bo', 560)]);
    expect($line->placed['next']->starts[0])->toBe(600);
    $done = Scheduler::of(
        equippedDay(1, more: ['seated' => ['done' => [540, 640], 'other' => [540, 800]], 'hooded' => ['done']]),
        [hooded('next', 'Bo', 560)],
    );
    expect($done->placed['next']->starts[0])->toBe(620);
});

it('lets nobody sit under heat when the last has gone home', function (HeatedWait $heat): void {
    $day = equippedDay(1, ['Ada' => [[540, 600]], 'Bo' => [[540, 660]]]);
    $at = fn (int $minute, ?HeatedWait $heat): Appointment => new Appointment(
        'a',
        [new WorkSegment(20, 40, heat: $heat)],
        $minute,
        $minute,
        'Bo',
    );
    // Bo is there until 11:00 and may stay an hour for hands, not for a hood that nobody sees.
    expect(Scheduler::of($day, [$at(600, $heat)])->without())->toBe([])
        ->and(Scheduler::of($day, [$at(605, $heat)])->without())->toBe(['a'])
        ->and(Scheduler::of($day, [$at(605, null)])->without())->toBe([])
        // Whoever sits already is not sent away for it.
        ->and(Scheduler::of($day, [
            new Appointment('a', $at(605, $heat)->stretches, 640, 640, 'Bo', 880, 600),
        ])->without())->toBe([]);
})->with([HeatedWait::Cap, HeatedWait::Hood]);

it('finds the least that any layout with little equipment costs', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $day = equippedDay(0, ['Ada' => [[540, 630]], 'Bo' => [[540, 600], [615, 650]]], ['equipment' => array_filter([
        'hood' => $chance->between(0, 2),
        'basin' => $chance->happens(0.7) ? $chance->between(1, 2) : null,
        'dryer' => $chance->happens(0.5) ? $chance->between(0, 1) : null,
    ], is_int(...))]);
    $appointments = [];
    for ($i = 0; $i < 3; $i++) {
        $stretches = [];
        for ($j = $chance->between(1, 2); $j > 0; $j--) {
            $heat = [HeatedWait::Hood, HeatedWait::Hood, HeatedWait::Cap, null][$chance->between(0, 3)];
            $hands = 5 * $chance->between(1, 3);
            $from = $chance->between(0, $hands - 1);
            $uses = $chance->happens(0.6)
                ? [new EquipmentUse(Equipment::Basin, $from, $chance->between($from + 1, $hands))]
                : [];
            $uses = $chance->happens(0.3) ? [...$uses, new EquipmentUse(Equipment::Dryer, 0.0, 5.0)] : $uses;
            $stretches[] = new WorkSegment(
                (float) $hands,
                5.0 * $chance->between(1, 5),
                heat: $heat,
                uses: $uses,
            );
        }
        $at = 540 + 5 * $chance->between(0, 8);
        $isIn = $i === 0 && $chance->happens(0.4);
        $appointments[] = new Appointment(
            "head {$i}",
            $stretches,
            $at,
            $at,
            ['Ada', 'Bo'][$chance->between(0, 1)],
            $isIn ? $at + 240 : null,
            $isIn ? 540 : null,
            isUnderHood: $isIn && $at > 540 && $chance->happens(0.5),
        );
    }
    $line = Scheduler::of($day, $appointments, $day->parameters->mostPlacesBehind);
    expect($line->proved)->toBeTrue()
        ->and($line->cost())->toEqualWithDelta(EveryDay::leastCost($day, $appointments), 1e-9);
})->with(range(1, 120));

it('knows what keeps the hair of a wash day warm, and where nothing does', function (): void {
    $heats = fn (bool $cap, DryingMethod $drying): array => array_map(
        static fn (WorkSegment $stretch): ?HeatedWait => $stretch->heat,
        WorkSegments::of(WashDayBuilder::plan(
            Make::head(),
            [Step::cleanse(CleanseKind::Shampoo, 1), Step::mask(25, $cap), Step::leaveIn()],
            Pace::of(Make::head(), []),
            $drying,
        ), Parameters::shipped()),
    );
    expect($heats(true, DryingMethod::Hood))->toBe([HeatedWait::Cap, HeatedWait::Hood, null])
        ->and($heats(false, DryingMethod::Hood))->toBe([null, HeatedWait::Hood, null])
        ->and($heats(false, DryingMethod::Air))->toBe([null, null, null])
        ->and($heats(true, DryingMethod::Diffuse))->toBe([HeatedWait::Cap, null]);
});

it('knows the hood of what is left of a running wash day', function (): void {
    $parameters = Parameters::shipped()->scheduling;
    $open = [new OpenStep(10, 40, heat: HeatedWait::Hood), new OpenStep(5)];
    $left = RunningWork::of($open, 600, 600, $parameters);
    expect($left->stretches[0]->heat)->toBe(HeatedWait::Hood)
        ->and($left->appointment('a', 'Ada', 540, $parameters)?->isUnderHood)->toBeFalse();
    $under = RunningWork::of([new OpenStep(5)], 600, 590, $parameters, 630, null, HeatedWait::Hood);
    expect($under->appointment('a', 'Ada', 540, $parameters)?->isUnderHood)->toBeTrue();
    // As the clock alone tells it, where nothing is tapped.
    $stretches = hooded('a', 'Ada')->stretches;
    expect(RemainingWork::left('a', $stretches, 'Ada', 540, 570, $parameters)?->isUnderHood)->toBeTrue()
        ->and(RemainingWork::left('a', $stretches, 'Ada', 540, 550, $parameters)?->isUnderHood)->toBeFalse()
        ->and(RemainingWork::left('a', $stretches, 'Ada', 540, 550, $parameters)?->stretches[0]->heat)
        ->toBe(HeatedWait::Hood);
});

it('knows when a wash day is at the basin, and when a diffuser is held', function (): void {
    $stretches = WorkSegments::of(WashDayBuilder::plan(
        Make::head(),
        [Step::cleanse(CleanseKind::Shampoo, 1), Step::mask(25, true), Step::leaveIn()],
        Pace::of(Make::head(), []),
        DryingMethod::Diffuse,
    ), Parameters::shipped());
    $uses = array_map(static fn (WorkSegment $one): array => array_map(
        static fn (EquipmentUse $use): string => $use->equipment->value,
        $one->uses,
    ), $stretches);
    expect($uses)->toBe([['basin'], ['basin', 'dryer']]);
    foreach ($stretches as $stretch) {
        foreach ($stretch->uses as $use) {
            expect($use->untilMinute)->toBeLessThanOrEqual($stretch->handsMinutes + 1e-6);
        }
    }
});

it('lets two begin at one basin only one after the other, as long as water runs and no longer', function (): void {
    $at = fn (string $key, string $hands): Appointment => new Appointment(
        $key,
        [new WorkSegment(40, uses: [new EquipmentUse(Equipment::Basin, 10, 25)])],
        540,
        540,
        $hands,
    );
    $both = [$at('a', 'Ada'), $at('b', 'Bo')];
    $one = Scheduler::of(equippedDay(0, more: ['equipment' => ['basin' => 1]]), $both);
    expect(abs($one->placed['a']->starts[0] - $one->placed['b']->starts[0]))->toBe(15)
        ->and(Scheduler::of(equippedDay(0, more: ['equipment' => ['basin' => 2]]), $both)->cost())->toBe(0.0)
        // What nobody counts, there is enough of.
        ->and(Scheduler::of(equippedDay(0, more: ['equipment' => []]), $both)->cost())->toBe(0.0);
});

it('keeps what is left of a use once a while of it has passed', function (float $passed, ?array $left): void {
    $use = (new EquipmentUse(Equipment::Basin, 10, 25))->after($passed);
    expect($use === null ? null : [$use->fromMinute, $use->untilMinute])->toBe($left);
})->with([[0.0, [10.0, 25.0]], [15.0, [0.0, 10.0]], [25.0, null]]);

it('refuses a use that ends before it begins', function (float $from, float $until): void {
    expect(fn () => new EquipmentUse(Equipment::Basin, $from, $until))->toThrow(InvalidArgumentException::class);
})->with([[10.0, 10.0], [-1.0, 5.0], [NAN, 5.0], [5.0, NAN]]);
