<?php

declare(strict_types=1);


/*
 * What the trade knows from experience (common practice, no source), as checks of the model: a head at its targets,
 * build-up 5 and 5, water of 100 mg/L, a weekly shampoo, unless a check says otherwise.
 */

use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\TreatmentContext;

/**
 * @param callable(int): list<Step> $weekly steps by week, counted from 0
 *
 * @return list<Snapshot>
 */
function season(Head $head, callable $weekly, int $weeks): array
{
    $washDays = [];
    for ($week = 0; $week < $weeks; $week++) {
        $washDays[7 * $week] = $weekly($week);
    }

    return Forecast::from(Make::atTarget($head), $washDays, 7 * $weeks - 1);
}

/** @return int|null the first day on which the quantity is beyond the edge */
function firstDay(array $points, int $quantity, float $edge, bool $below): ?int
{
    foreach ($points as $day => $point) {
        $value = $point->state->value(0, $quantity);
        if ($below ? $value < $edge : $value > $edge) {
            return $day;
        }
    }

    return null;
}

/** The trade's calendar: weekly mask, strong protein each five weeks, clarifying each four. */
function calendarWeek(int $week): array
{
    return [
        Step::cleanse($week % 4 === 3 ? CleanseKind::Clarifying : CleanseKind::Shampoo),
        ...($week % 5 === 4 ? [Step::strongProtein(10)] : []),
        Step::mask(25),
    ];
}

it('stays in band on 85 % of days or more with a weekly mask, five-weekly protein and four-weekly clarifying', function (): void {
    $points = season(Make::head(), calendarWeek(...), 26);
    $in = array_filter($points, fn (Snapshot $point): bool => abs(
        $point->state->value(0, StateLayout::MOISTURE) - 60,
    ) <= Parameters::shipped()->model->bandHalfWidth
        && abs($point->state->value(0, StateLayout::PROTEIN) - 60) <= Parameters::shipped()->model->bandHalfWidth);
    expect(count($in) / count($points))->toBeGreaterThanOrEqual(0.85);
});

it('is dry within three weeks without masks', function (): void {
    $day = firstDay(
        season(Make::head(), fn (): array => [Step::cleanse(CleanseKind::Shampoo), Step::conditioner(3)], 6),
        StateLayout::MOISTURE,
        45,
        true,
    );
    expect($day)->not->toBeNull()->toBeLessThanOrEqual(21);
});

it('is weak within six to ten weeks without protein', function (): void {
    $day = firstDay(
        season(Make::head(), fn (): array => [Step::cleanse(CleanseKind::Shampoo), Step::mask(25)], 14),
        StateLayout::PROTEIN,
        45,
        true,
    );
    expect($day)->toBeGreaterThanOrEqual(42)->toBeLessThanOrEqual(70);
});

it('is stiff within four weeks of weekly strong protein', function (): void {
    $day = firstDay(
        season(
            Make::head(),
            fn (): array => [Step::cleanse(CleanseKind::Shampoo), Step::strongProtein(10), Step::mask(25)],
            6,
        ),
        StateLayout::PROTEIN,
        75,
        false,
    );
    expect($day)->not->toBeNull()->toBeLessThanOrEqual(28);
});

it('is at 35 build-up within five weeks of co-washing under heavy gel', function (): void {
    $points = season(
        Make::head(load: StylingLoad::Heavy),
        fn (): array => [Step::cleanse(CleanseKind::CoWash), Step::mask(25)],
        6,
    );
    $days = array_keys(array_filter($points, fn (Snapshot $point): bool => $point->state->buildUp(0) >= 35));
    expect($days[0] ?? null)->not->toBeNull()->toBeLessThanOrEqual(35);
});

it('needs heat or twice the time to leave as much in hair of low porosity', function (): void {
    $head = Make::head(Porosity::Low);
    $gain = fn (Step $step): float => Forecast::effects($head, $step, new TreatmentContext($head))[0]->moistureGain;
    expect($gain(Step::mask(15)))->toBeLessThan(0.8 * $gain(Step::mask(15, heat: true)));
    expect($gain(Step::mask(30)))->toEqualWithDelta(
        $gain(Step::mask(15, heat: true)),
        0.06 * $gain(Step::mask(15, heat: true)),
    );
});

it('needs masks about twice as often on high porosity as on low', function (): void {
    $gap = function (Porosity $porosity): int {
        $head = Make::head($porosity);
        $points = Forecast::from(Make::atTarget($head), [0 => [Step::mask(25, heat: true)]], 60);
        $start = $points[0]->state->value(0, StateLayout::MOISTURE);

        // Days until the mask is used up: half of what lay above the air's own moisture is gone.
        return (int) firstDay($points, StateLayout::MOISTURE, 28 + ($start - 28) / 2, true);
    };
    expect($gap(Porosity::Low) / $gap(Porosity::High))->toBeGreaterThan(1.7)->toBeLessThan(2.6);
});

it('keeps high porosity in its protein band with strong protein each four weeks, and not each nine', function (): void {
    $lowest = fn (int $every): float => min(array_map(
        fn (Snapshot $point): float => $point->state->value(0, StateLayout::PROTEIN),
        season(Make::head(Porosity::High), fn (int $week): array => [
            Step::cleanse(CleanseKind::Shampoo),
            ...($week % $every === $every - 1 ? [Step::strongProtein(10)] : []),
            Step::mask(25),
        ], 26),
    ));
    expect($lowest(4))->toBeGreaterThan(50.0)->and($lowest(9))->toBeLessThan(50.0);
});
