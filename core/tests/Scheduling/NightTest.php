<?php

declare(strict_types=1);

/* Hours past midnight: minutes of the day count on, and the day turns when everybody has gone. */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;

it('turns the day two hours after the last hands, and at midnight where they have gone by ten', function (
    int $closes,
    int $turns,
): void {
    expect(Parameters::shipped()->scheduling->dayTurnsMinute($closes))->toBe($turns);
})->with([
    'six in the evening' => [1080, 0], 'ten' => [1320, 0], 'half past ten' => [1350, 30], 'midnight' => [1440, 120],
    'two' => [1560, 240], 'four' => [1680, 360],
]);

it('lays a night out as it would an afternoon', function (): void {
    $parameters = Parameters::shipped()->scheduling;
    $starts = [];
    foreach ([0, 900] as $later) {
        $day = new SalonDay(['Ada' => [[180 + $later, 660 + $later]]], 2, $parameters);
        $line = Scheduler::of($day, [
            new Appointment('mask', [new WorkSegment(30, 25), new WorkSegment(20)], 0, 540 + $later, 'Ada'),
            new Appointment('cut', [new WorkSegment(20)], 0, 570 + $later, 'Ada'),
        ]);
        $starts[] = array_map(
            static fn ($placement): array => array_map(
                static fn (int $start): int => $start - $later,
                $placement->starts,
            ),
            $line->placed,
        );
    }
    expect($starts[0])->not->toBe([])->and($starts[1])->toBe($starts[0]);
});

it('takes hours until four at night and no later', function (): void {
    $parameters = Parameters::shipped()->scheduling;
    expect((new SalonDay(['Ada' => [[1080, 1680]]], 1, $parameters))->hours['Ada'])->toBe([[1080, 1680]])
        ->and(fn () => new SalonDay(['Ada' => [[1080, 1681]]], 1, $parameters))->toThrow(DomainException::class);
});
