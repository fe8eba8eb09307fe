<?php

declare(strict_types=1);

use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Season\Change;
use Nagomi\Core\Season\WhatIf;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatment\StepKind;

function known(?Nagomi\Core\Head\Head $head = null): Point
{
    return Filter::follow($head ?? Make::head(), [Make::washDay('2026-02-23', Make::usualWash())], [
        ...Make::fiveReadings('2026-02-09'), ...Make::fiveReadings('2026-02-23'),
    ], Make::day())->last();
}

/** @param list<Point> $forecast */
function lastOf(array $forecast): Point
{
    return $forecast[count($forecast) - 1];
}

it('leaves masks out and says what that costs the balance', function (): void {
    $whatIf = WhatIf::of(known(), [], Change::NoMask);
    expect($whatIf->changed->daysOutOfBand)->toBeGreaterThan($whatIf->asPlanned->daysOutOfBand + 10)
        ->and($whatIf->changed->minutes)->toBeLessThan($whatIf->asPlanned->minutes)
        ->and($whatIf->changed->cost)->toBeGreaterThan($whatIf->asPlanned->cost)
        ->and(lastOf($whatIf->changed->forecast)->state->value(0, Layout::MOISTURE))->toBeLessThan(45.0);
    foreach ($whatIf->changed->choices as $choice) {
        expect($choice->masks())->toBeFalse()->and($choice->protein)->not->toBe(StepKind::StrongProtein);
    }
});

it('leaves protein out and lets protein fade', function (): void {
    $whatIf = WhatIf::of(known(), [], Change::NoProtein);
    expect(lastOf($whatIf->changed->forecast)->state->value(0, Layout::PROTEIN))->toBeLessThan(lastOf($whatIf->asPlanned->forecast)->state->value(0, Layout::PROTEIN) - 5)
        ->and(array_filter($whatIf->changed->choices, fn ($choice): bool => $choice->protein !== null))->toBe([]);
});

it('plans anew round another rhythm', function (): void {
    $whatIf = WhatIf::of(known(), [], Change::WashEvery, 14);
    expect(count($whatIf->changed->washDays))->toBeLessThan(count($whatIf->asPlanned->washDays))
        ->and($whatIf->changed->minutes)->toBeLessThan($whatIf->asPlanned->minutes);
    foreach (array_slice($whatIf->changed->washDays, 1) as $i => $day) {
        expect($day - $whatIf->changed->washDays[$i])->toBe(14);
    }
});

it('needs less clarifying in softer water, and gains from heat on low porosity', function (): void {
    $hard = Make::head(hardness: 350);
    $softer = WhatIf::of(known($hard), [], Change::Hardness, 20);
    $clarifies = fn (array $choices): int => count(array_filter($choices, fn ($choice): bool => $choice->cleanse->clarifies()));
    expect($clarifies($softer->changed->choices))->toBeLessThan($clarifies($softer->asPlanned->choices));

    $low = Make::head(Porosity::Low);
    $heat = WhatIf::of(known($low), [], Change::MaskHeat);
    expect($heat->changed->cost)->toBeLessThan($heat->asPlanned->cost);
});

it('turns a method round and round again', function (): void {
    $head = Make::head(method: new Method());
    $without = Change::Seal->of($head);
    expect($without->method->says(MethodQuestion::Oils, 'none'))->toBeTrue()
        ->and(Change::Seal->of($without)->method->choices)->toBe($head->method->choices)
        ->and(Change::PreWash->of($head)->method->says(MethodQuestion::PreWash, 'oil'))->toBeTrue()
        ->and(Change::Seal->of($head)->strata)->toEqual($head->strata);
});

it('changes nothing but the one thing', function (): void {
    $head = Make::head();
    foreach ([[Change::Humidity, 70.0, 'humidityPercent'], [Change::Hardness, 33.0, 'hardnessMgPerL'], [Change::WashEvery, 10.0, 'washEveryDays'], [Change::MinutesLimit, 90.0, 'minutesLimit']] as [$change, $number, $field]) {
        $other = $change->of($head, $number);
        expect((float) $other->{$field})->toBe($number);
        foreach (['humidityPercent', 'hardnessMgPerL', 'washEveryDays', 'minutesLimit', 'lengthMm', 'sections', 'swims', 'soreScalp'] as $same) {
            if ($same !== $field) {
                expect($other->{$same})->toBe($head->{$same});
            }
        }
    }
});

it('refuses a number outside its range, or none', function (Change $change, ?float $number, string $sentence): void {
    expect(fn () => WhatIf::of(known(), [], $change, $number))->toThrow(InvalidArgumentException::class, $sentence);
})->with([
    [Change::WashEvery, null, 'Type a number of days'],
    [Change::WashEvery, 90.0, '2 to 35'],
    [Change::WashEvery, 7.5, 'whole number'],
    [Change::Humidity, 140.0, '0 to 100'],
    [Change::Hardness, -3.0, '0 to 1000'],
    [Change::MinutesLimit, 5.0, '10 to 480'],
]);
