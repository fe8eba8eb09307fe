<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\SectionsByWork;
use Nagomi\Core\Planning\PlanChange;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\WhatIf;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

function known(?Nagomi\Core\Head\Head $head = null): Snapshot
{
    return KalmanFilter::follow($head ?? Make::head(), [Make::washDay('2026-02-23', Make::usualWash())], [
        ...Make::fiveReadings('2026-02-09'), ...Make::fiveReadings('2026-02-23'),
    ], Make::day())->last();
}

/** @param list<Snapshot> $forecast */
function lastOf(array $forecast): Snapshot
{
    return $forecast[count($forecast) - 1];
}

it('leaves masks out and says what that costs the balance', function (): void {
    $whatIf = WhatIf::of(known(), [], PlanChange::NoMask);
    expect($whatIf->changed->daysOutOfBand)->toBeGreaterThan($whatIf->asPlanned->daysOutOfBand + 10)
        ->and($whatIf->changed->minutes)->toBeLessThan($whatIf->asPlanned->minutes)
        ->and($whatIf->changed->cost)->toBeGreaterThan($whatIf->asPlanned->cost)
        ->and(lastOf($whatIf->changed->forecast)->state->value(0, StateLayout::MOISTURE))->toBeLessThan(45.0);
    foreach ($whatIf->changed->choices as $choice) {
        expect($choice->masks())->toBeFalse()->and($choice->protein)->not->toBe(StepKind::StrongProtein);
    }
});

it('leaves protein out and lets protein fade', function (): void {
    $whatIf = WhatIf::of(known(), [], PlanChange::NoProtein);
    expect(lastOf($whatIf->changed->forecast)->state->value(0, StateLayout::PROTEIN))->toBeLessThan(
        lastOf($whatIf->asPlanned->forecast)->state->value(0, StateLayout::PROTEIN) - 5,
    )
        ->and(array_filter($whatIf->changed->choices, fn ($choice): bool => $choice->protein !== null))->toBe([]);
});

it('plans anew round another rhythm', function (): void {
    $whatIf = WhatIf::of(known(), [], PlanChange::WashEvery, 14);
    expect(count($whatIf->changed->washDays))->toBeLessThan(count($whatIf->asPlanned->washDays))
        ->and($whatIf->changed->minutes)->toBeLessThan($whatIf->asPlanned->minutes);
    foreach (array_slice($whatIf->changed->washDays, 1) as $i => $day) {
        expect($day - $whatIf->changed->washDays[$i])->toBe(14);
    }
});

it('needs less clarifying in softer water, and gains from heat on low porosity', function (): void {
    $hard = Make::head(hardness: 350);
    $softer = WhatIf::of(known($hard), [], PlanChange::Hardness, 20);
    $clarifies = fn (array $choices): int => count(array_filter(
        $choices,
        fn ($choice): bool => $choice->cleanse->clarifies(),
    ));
    expect($clarifies($softer->changed->choices))->toBeLessThan($clarifies($softer->asPlanned->choices));

    // Heat lets a mask in sooner: fewer and shorter ones do as much.
    $heat = WhatIf::of(known(Make::head(Porosity::Low)), [], PlanChange::MaskHeat);
    expect($heat->changed->minutes)->toBeLessThan($heat->asPlanned->minutes - 30)
        ->and($heat->changed->cost)->toBeLessThan(1.03 * $heat->asPlanned->cost);
});

it('turns a method round and round again', function (): void {
    $head = Make::head(method: new Method());
    $without = PlanChange::Seal->of($head);
    expect($without->method->says(MethodQuestion::Oils, 'none'))->toBeTrue()
        ->and(PlanChange::Seal->of($without)->method->choices)->toBe($head->method->choices)
        ->and(PlanChange::PreWash->of($head)->method->says(MethodQuestion::PreWash, 'oil'))->toBeTrue()
        ->and(PlanChange::Seal->of($head)->strata)->toEqual($head->strata);
});

it('changes nothing but the one thing', function (): void {
    $usual = Make::head();
    $head = new Head(
        $usual->zoneParts,
        sectionsByWork: new SectionsByWork(washing: 2, styling: 9),
        tenderEdges: true,
    );
    foreach (
        [
            [PlanChange::Humidity, 70.0, 'humidityPercent'],
            [PlanChange::Hardness, 33.0, 'hardnessMgPerL'],
            [PlanChange::WashEvery, 10.0, 'washEveryDays'],
            [PlanChange::MinutesLimit, 90.0, 'minutesLimit'],
        ] as [$change, $number, $field]
    ) {
        $other = $change->of($head, $number);
        expect((float) $other->{$field})->toBe($number);
        foreach (
            [
                'humidityPercent', 'hardnessMgPerL', 'washEveryDays', 'minutesLimit', 'lengthMm', 'sections', 'swims',
                'soreScalp', 'sectionsByWork', 'tenderEdges', 'bornOn',
            ] as $same
        ) {
            if ($same !== $field) {
                expect($other->{$same})->toBe($head->{$same});
            }
        }
    }
});

it('refuses a number outside its range, or none', function (
    PlanChange $change,
    ?float $number,
    string $sentence,
): void {
    expect(fn () => WhatIf::of(known(), [], $change, $number))->toRefuse(InvalidArgumentException::class, $sentence);
})->with([
    [PlanChange::WashEvery, null, 'Type a number of days'],
    [PlanChange::WashEvery, 90.0, '2 to 35'],
    [PlanChange::WashEvery, 7.5, 'whole number'],
    [PlanChange::Humidity, 140.0, '0 to 100'],
    [PlanChange::Hardness, -3.0, '0 to 1000'],
    [PlanChange::MinutesLimit, 5.0, '10 to 480'],
]);

it('means the same by without in reasons and in what if: all of that kind, of any strength', function (): void {
    $head = Make::head(Porosity::High);
    $start = Make::atTarget($head);
    $start = new Snapshot($start->date->modify('-1 day'), $start->state, false);
    foreach (['protein' => PlanChange::NoProtein, 'moisture' => PlanChange::NoMask] as $what => $change) {
        $plan = Planner::plan($start, [], 12);
        $first = null;
        foreach ($plan->items as $item) {
            $treats = $what === 'protein' ? $item->choice->protein !== null : $item->choice->masks();
            $first ??= $treats ? $item : null;
        }
        $key = $what === 'protein' ? $first?->choice->protein?->value : 'mask';
        $said = $first?->without[$key] ?? null;
        expect($said)->not->toBeNull($what);
        $future = WhatIf::of($start, [], $change, null, 12)->changed;
        $quantity = $what === 'protein' ? StateLayout::PROTEIN : StateLayout::MOISTURE;
        $edge = ($what === 'protein' ? $head->strata[0]->targetProtein(false) : $head->strata[0]->targetMoisture())
            - $head->parameters->model->bandHalfWidth;
        $left = null;
        foreach ($future->forecast as $day => $point) {
            if ($left === null && $day >= $first->day && $point->state->value(0, $quantity) < $edge) {
                $left = $start->date->modify("+{$day} days")->format('Y-m-d');
            }
        }
        expect($left)->not->toBeNull($what);
        // The day half the drawn heads have left it, and the day their mean has: some leave out steps at home.
        expect(abs(Calendar::daysBetween($said->date, Calendar::day($left))))->toBeLessThanOrEqual(1, $what);
    }
});
