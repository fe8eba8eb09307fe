<?php

declare(strict_types=1);

/* Eighteen invented months: the half that is lived by the plan breaks none of the trade's rules, and hair grows on. */

use Carbon\CarbonImmutable;
use Database\Seeders\DemoHead;
use Database\Seeders\DemoHeads;
use Database\Seeders\DemoLife;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\WashDay;

it('lives by the plan without breaking a rule', function (int $place): void {
    $demo = DemoHeads::saltlight()[$place];
    $today = CarbonImmutable::parse('2027-01-09');
    $life = fn (DemoHead $demo): DemoLife => new DemoLife(
        $demo,
        DemoLife::from($demo, $today),
        Calendar::dayOf($today),
        [],
        ['Ilse', 'Quim'],
    );
    $lived = $life($demo);
    // Written down by somebody who knows the rules by heart and shares no code with the planner.
    [$checker, $turn, $breaches, $visits] = [new RuleChecker($demo->head), Calendar::day('2026-04-09'), [], 0];
    foreach ($lived->washDays as $washDay) {
        $broken = $checker->washDay(Calendar::daysBetween($turn, $washDay->date), $washDay->steps);
        $breaches = [...$breaches, ...$washDay->date < $turn ? [] : $broken];
        $visits += $washDay->date >= $turn && $washDay->place === Place::Salon ? 1 : 0;
    }
    expect($breaches)->toBe([])->and($visits)->toBeGreaterThan(8);
    $lengths = array_values(array_filter($lived->readings, fn (Reading $one): bool => $one->test === 'length'));
    $months = Calendar::daysBetween($lengths[0]->date, $lengths[count($lengths) - 1]->date) / 30.4;
    $grown = $lengths[count($lengths) - 1]->raw['length_mm'] - $lengths[0]->raw['length_mm'];
    // Hair grows about 12 mm a month (American Academy of Dermatology: half an inch; from memory), not all of it kept.
    expect($grown / $months)->toBeGreaterThan(4.0)->toBeLessThan(13.0)
        ->and(array_map(fn (WashDay $one): string => $one->id, $life($demo)->washDays))
        ->toBe(array_map(fn (WashDay $one): string => $one->id, $lived->washDays));
})->with([0, 4, 11]);

it('knows nothing of who comes for the first time', function (): void {
    $new = DemoHeads::saltlight()[23];
    $today = CarbonImmutable::parse('2027-01-09');
    $life = new DemoLife($new, DemoLife::from($new, $today), Calendar::dayOf($today), [], ['Ilse']);
    expect($life->washDays)->toBe([])->and($life->readings)->toBe([])
        ->and(count(DemoHeads::saltlight()))->toBe(24);
});
