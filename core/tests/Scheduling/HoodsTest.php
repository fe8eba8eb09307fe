<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
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

function hoodDay(int $hoods, array $hours = ['Ada' => [[540, 1080]], 'Bo' => [[540, 1080]]], array $more = []): SalonDay
{
    return new SalonDay($hours, 4, Parameters::shipped()->scheduling, ...$more + ['hoods' => $hoods]);
}

/** Twenty minutes of hands, forty under the hood, ten of hands. */
function hooded(string $key, string $hands, int $at = 540): Appointment
{
    $stretches = [new WorkSegment(20, 40, heat: HeatedWait::Hood), new WorkSegment(10)];

    return new Appointment($key, $stretches, $at, $at, $hands);
}

it('seats one after the other under the only hood, and both at once under two', function (): void {
    $both = [hooded('a', 'Ada'), hooded('b', 'Bo')];
    $one = Scheduler::of(hoodDay(1), $both);
    $two = Scheduler::of(hoodDay(2), $both);
    expect($one->without())->toBe([])
        ->and(abs($one->placed['a']->starts[0] - $one->placed['b']->starts[0]))->toBe(40)
        ->and($two->lateMinutes('a') + $two->lateMinutes('b'))->toBe(0);
});

it('offers no time at which every hood is taken, nor any where none works', function (): void {
    $starts = fn (int $hoods): array => array_map(
        fn ($opening): int => $opening->placement->start(),
        Openings::of(Scheduler::of(hoodDay($hoods), [hooded('a', 'Ada', 600)]), hooded('new', 'Bo', 0)),
    );
    // Taken from 10:20 to 11:00: nobody sits down from 9:20 on who would still be under it at 10:20.
    expect($starts(1))->toContain(560)->not->toContain(565)
        ->not->toContain(600)->not->toContain(635)->toContain(640)
        ->and($starts(2))->toContain(600)
        ->and($starts(0))->toBe([]);
});

it('finds a place for who sits already where every hood broke, and none for who is still to come', function (): void {
    $sits = new Appointment('sits', hooded('a', 'Ada')->stretches, 600, 600, 'Ada', 840, 580);
    $line = Scheduler::of(hoodDay(0), [$sits, hooded('next', 'Bo', 700)]);
    expect(array_keys($line->placed))->toBe(['sits'])->and($line->without())->toBe(['next']);
});

it('keeps the hood of who sits under it, with hands still to come and without', function (): void {
    $sits = new Appointment('sits', [new WorkSegment(10)], 620, 620, 'Ada', 860, 560, isUnderHood: true);
    $line = Scheduler::of(hoodDay(1), [$sits, hooded('next', 'Bo', 560)]);
    expect($line->placed['next']->starts[0])->toBe(600);
    $done = Scheduler::of(
        hoodDay(1, more: ['seated' => ['done' => [540, 640], 'other' => [540, 800]], 'hooded' => ['done']]),
        [hooded('next', 'Bo', 560)],
    );
    expect($done->placed['next']->starts[0])->toBe(620);
});

it('lets nobody sit under heat when the last has gone home', function (HeatedWait $heat): void {
    $day = hoodDay(1, ['Ada' => [[540, 600]], 'Bo' => [[540, 660]]]);
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

it('finds the least that any layout with few hoods costs', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $hoods = $chance->between(0, 2);
    $day = hoodDay($hoods, ['Ada' => [[540, 630]], 'Bo' => [[540, 600], [615, 650]]]);
    $appointments = [];
    for ($i = 0; $i < 3; $i++) {
        $stretches = [];
        for ($j = $chance->between(1, 2); $j > 0; $j--) {
            $heat = [HeatedWait::Hood, HeatedWait::Hood, HeatedWait::Cap, null][$chance->between(0, 3)];
            $stretches[] = new WorkSegment(5.0 * $chance->between(1, 3), 5.0 * $chance->between(1, 5), heat: $heat);
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
})->with(range(1, 60));

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
