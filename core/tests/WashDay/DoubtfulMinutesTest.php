<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DoubtfulMinutes;

it('doubts a minute for a mask and five hours for a detangling, and nothing in between', function (StepKind $kind, float $minutes, bool $doubtful): void {
    expect(DoubtfulMinutes::are(
        $minutes,
        (float) DoubtfulMinutes::usual($kind, 4, Parameters::shipped()->washDay),
        Parameters::shipped()->washDay,
    ))->toBe($doubtful);
})->with([
    [StepKind::Mask, 1.0, true], [StepKind::Mask, 5.0, false], [StepKind::Mask, 60.0, false],
    [StepKind::Mask, 300.0, true],
    [StepKind::Detangle, 1.0, true], [StepKind::Detangle, 8.0, false], [StepKind::Detangle, 60.0, false],
    [StepKind::Detangle, 200.0, true],
    [StepKind::StrongProtein, 0.5, true], [StepKind::StrongProtein, 30.0, false], [StepKind::Conditioner, 0.5, true],
    [StepKind::Conditioner, 3.0, false],
]);

it('asks nothing where any time can be', function (): void {
    expect(
        DoubtfulMinutes::usual(StepKind::Swim, 4, Parameters::shipped()->washDay),
    )->toBeNull()->and(DoubtfulMinutes::are(400.0, 0.0, Parameters::shipped()->washDay))->toBeFalse();
});
