<?php

declare(strict_types=1);

/*
 * How often somebody does a thing, from washes told of badly: against every course that the washes may have taken,
 * counted out one by one.
 */

use Nagomi\Core\Estimation\HabitRhythm;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Parameters\HabitParameters;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

const PERIODS = ['1' => 0.3, '2' => 0.3, '3' => 0.2, 'never' => 0.2];

function habitParameters(): HabitParameters
{
    return Parameters::shipped()->habits;
}

/**
 * By every sequence of done and not done there can be, for each period and each place in it.
 *
 * @param list<array{float, float}> $told likelihood of what was told of each wash, had it been done and had it not
 */
function dueCountedOut(array $told): float
{
    $parameters = habitParameters();
    $hazard = static fn (int $period, int $since): float => $period > 0 && $since >= $period
        ? 1 - $parameters->leftOut
        : $parameters->outOfTurn;
    $all = $due = 0.0;
    foreach (PERIODS as $name => $weight) {
        $period = (int) $name;
        foreach (range(1, max(1, $period)) as $start) {
            for ($course = 0; $course < 2 ** count($told); $course++) {
                [$since, $likely] = [$start, $weight / max(1, $period)];
                foreach ($told as $wash => [$ifDone, $ifNotDone]) {
                    $isDone = ($course >> $wash & 1) === 1;
                    $chance = $hazard($period, $since);
                    $likely *= $isDone ? $chance * $ifDone : (1 - $chance) * $ifNotDone;
                    $since = $isDone ? 1 : $since + 1;
                }
                $all += $likely;
                $due += $likely * $hazard($period, $since);
            }
        }
    }

    return $due / $all;
}

it('says how likely it is next, as every course counted out says', function (array $told): void {
    $rhythm = HabitRhythm::assumed(habitParameters(), PERIODS);
    expect($rhythm->due())->toEqualWithDelta(dueCountedOut([]), 1e-12);
    foreach ($told as $wash => [$ifDone, $ifNotDone]) {
        $rhythm = $rhythm->after($ifDone, $ifNotDone);
        expect($rhythm->due())->toEqualWithDelta(dueCountedOut(array_slice($told, 0, $wash + 1)), 1e-12)
            ->and(array_sum($rhythm->numbers()))->toEqualWithDelta(1.0, 1e-12);
    }
})->with([
    'every other wash' => [[[.9, .05], [.1, .9], [.9, .05], [.1, .9], [.9, .05]]],
    'once, and then nothing is told' => [[[.95, .05], [1.0, 1.0], [1.0, 1.0], [1.0, 1.0], [1.0, 1.0], [1.0, 1.0]]],
    'told of though it is not theirs' => [[[.05, .95], [.05, .95], [.05, .95], [.95, .05], [.05, .95], [.05, .95]]],
    'impossible but once' => [[[.0, 1.0], [1.0, .0], [.0, 1.0]]],
]);

it('learns every how many washes, and where in it they are', function (int $period): void {
    $rhythm = HabitRhythm::assumed(habitParameters(), habitParameters()->proteinEvery);
    $isDue = static fn (int $wash): bool => $wash % $period === $period - 1;
    for ($wash = 0; $wash < 6 * $period; $wash++) {
        $rhythm = $isDue($wash) ? $rhythm->after(.9, .01) : $rhythm->after(.1, .99);
    }
    for (; $wash < 8 * $period; $wash++) {
        expect($rhythm->due())->{$isDue($wash) ? 'toBeGreaterThan' : 'toBeLessThan'}($isDue($wash) ? 0.7 : 0.15);
        $rhythm = $isDue($wash) ? $rhythm->after(.9, .01) : $rhythm->after(.1, .99);
    }
})->with([2, 4, 7]);

it('believes that it is never done where it is never told of, and keeps what it knows as numbers', function (): void {
    $rhythm = HabitRhythm::assumed(habitParameters(), PERIODS);
    for ($wash = 0; $wash < 40; $wash++) {
        $rhythm = $rhythm->after(.08, 1.0);
    }
    expect($rhythm->due())->toEqualWithDelta(habitParameters()->outOfTurn, 0.01);
    $again = HabitRhythm::assumed(habitParameters(), PERIODS)->withNumbers($rhythm->numbers());
    expect($again)->toEqual($rhythm);
});

it('weighs what is told by how often it is told wrongly, at home and in the salon', function (
    array $steps,
    string $rhythm,
    Place $place,
    float $ifDone,
    float $ifNotDone,
): void {
    $parameters = Parameters::shipped()->habits;
    $day = new WashDay('w', Make::day(), $steps, $place);
    $told = HomeHabits::assumed($parameters)->after($day);
    $every = match ($rhythm) {
        'masks' => $parameters->maskEvery,
        'proteins' => $parameters->proteinEvery,
        default => $parameters->clarifyingEvery,
    };
    expect($told->{$rhythm}->due())->toEqualWithDelta(
        HabitRhythm::assumed($parameters, $every)->after($ifDone, $ifNotDone)->due(),
        1e-12,
    );
})->with(function (): iterable {
    $habits = Parameters::shipped()->habits;
    [$forgotten, $mistaken, $misnoted] = [$habits->forgotten, $habits->mistaken, $habits->misnotedInSalon];
    $cleanse = Step::cleanse(CleanseKind::Gentle);
    yield 'a mask' => [[$cleanse, Step::mask(20)], 'masks', Place::Home, 1 - $mistaken, $mistaken];
    yield 'a mask in the salon' => [[$cleanse, Step::mask(20)], 'masks', Place::Salon, 1 - $misnoted, $misnoted];
    yield 'a rinse-out' => [[$cleanse, Step::conditioner(3)], 'masks', Place::Home, $mistaken, 1 - $mistaken];
    yield 'neither' => [[$cleanse], 'masks', Place::Home, 1.0, 1.0];
    yield 'protein' => [
        [$cleanse, new Step(StepKind::MildProtein, 10.0)], 'proteins', Place::Home, 1 - $forgotten, $misnoted,
    ];
    yield 'no protein' => [[$cleanse], 'proteins', Place::Home, $forgotten, 1.0];
    yield 'no cleanse' => [[Step::mask(20)], 'clarifying', Place::Home, 1.0, 1.0];
    yield 'clarifying' => [
        [Step::cleanse(CleanseKind::Clarifying)], 'clarifying', Place::Home, 1 - $mistaken, $misnoted,
    ];
    yield 'shampoo' => [[Step::cleanse(CleanseKind::Shampoo)], 'clarifying', Place::Home, $mistaken, 1.0];
    yield 'gentle' => [[$cleanse], 'clarifying', Place::Home, $misnoted, 1.0];
});
