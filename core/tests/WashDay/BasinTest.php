<?php

declare(strict_types=1);


/** @return list<Step> a whole day: oil before, one pass, protein, mask, detangling, leave-in, seal */

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\TimeLimitFitter;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;

function wholeDay(string $detangling = 'wet-with-slip', int $passes = 1): array
{
    return [
        Step::preWash('oil', 30), Step::cleanse(CleanseKind::Shampoo, $passes), Step::mildProtein(5),
        Step::mask(25, true), Step::detangle(20, 'comb', $detangling), Step::leaveIn(), Step::seal(),
    ];
}

function byMethod(array $choices): Head
{
    $head = Make::head();

    return new Head($head->zoneParts, method: new Method($choices));
}

/** @return list<string> */
function keys(WashDayPlan $plan): array
{
    return array_map(fn (WashDayStep $step): string => $step->key, $plan->steps);
}

function laidOut(Head $head, ?array $doing = null, DryingMethod $drying = DryingMethod::Air): WashDayPlan
{
    return WashDayBuilder::plan($head, $doing ?? wholeDay(), Pace::of($head, []), $drying);
}

it('does the steps of the trade in their order', function (): void {
    expect(keys(laidOut(Make::head())))->toBe([
        'ready', 'pre-wash', 'section', 'wet-through', 'cleanse', 'rinse-1', 'protein', 'rinse-2', 'mask', 'detangle',
        'rinse-3', 'leave-in', 'seal', 'style', 'squeeze', 'dry', 'break-cast', 'tools',
    ]);
});

it('takes the water out before what stays in, or after it, by what the house styles on', function (): void {
    $damp = keys(laidOut(byMethod(['styling-on' => 'damp'])));
    $dripping = keys(laidOut(byMethod(['styling-on' => 'dripping'])));
    $at = static fn (array $keys, string $key): int => (int) array_search($key, $keys, true);
    expect($at($damp, 'squeeze'))->toBeLessThan($at($damp, 'leave-in'))
        ->and($at($dripping, 'squeeze'))->toBeGreaterThan($at($dripping, 'style'))
        ->toBeLessThan($at($dripping, 'dry'))
        ->and(count($damp))->toBe(count($dripping));
});

it('scrunches no cast out where nothing was put in that sets', function (): void {
    $head = Make::head();
    $pace = Pace::of($head, []);
    $last = static fn (WashDayPlan $plan): array => array_slice(keys($plan), -3);
    expect($last(WashDayBuilder::plan($head, wholeDay(), $pace, DryingMethod::Air)))
        ->toBe(['dry', 'break-cast', 'tools'])
        ->and($last(WashDayBuilder::plan(
            $head,
            wholeDay(),
            $pace,
            DryingMethod::Air,
            styling: StylingMethod::NotToday,
        )))->toBe(['dry', 'feel-dry', 'tools']);
});

it('detangles where the house does', function (string $when, string $after, string $before): void {
    $keys = keys(laidOut(byMethod(['detangling' => $when])));
    $at = array_search('detangle', $keys, true);
    expect($keys[$at - 1])
        ->toBe($after)
        ->and($keys[$at + 1])
        ->toBe($before)
        ->and(array_count_values($keys)['detangle'])
        ->toBe(1);
})->with([
    ['dry-with-oil', 'section', 'wet-through'], ['wet-before-shampoo', 'wet-through', 'cleanse'],
    ['in-shampoo', 'cleanse', 'rinse-1'],
    ['under-conditioner', 'mask', 'rinse-3'], ['after-rinse', 'rinse-3', 'leave-in'],
    ['before-styler', 'seal', 'style'],
]);

it('lays a day out for every school of every question', function (MethodQuestion $question): void {
    foreach ($question->choices() as $choice) {
        $plan = laidOut(byMethod([$question->value => $choice]));
        expect(count($plan->steps))->toBeGreaterThan(12)->and($plan->finishMinutes()['p50'])->toBeGreaterThan(60.0);
        // Whatever was planned for the balance is booked by exactly one step.
        $booked = array_filter(array_map(fn (WashDayStep $step): ?string => $step->books?->kind->value, $plan->steps));
        expect(array_values($booked))->toEqualCanonicalizing(array_map(
            fn (Step $step): string => $step->kind->value,
            wholeDay(),
        ));
    }
})->with(array_combine(array_column(MethodQuestion::cases(), 'value'), MethodQuestion::cases()));

it('lets hands work while an oil or a mask waits, and lets nothing else overtake it', function (): void {
    $plan = laidOut(Make::head());
    $start = array_map(
        fn (WashDayStep $step): ?float => $plan->startMinutes($step),
        array_combine(keys($plan), $plan->steps),
    );
    expect($start['section'])->toBe(8.0)->and($start['wet-through'])->toBe(38.0);
    // The mask is put on, then the detangling runs under it; the rinse waits for both.
    $mask = array_values(array_filter($plan->steps, fn (WashDayStep $step): bool => $step->key === 'mask'))[0];
    $detangle = array_values(array_filter($plan->steps, fn (WashDayStep $step): bool => $step->key === 'detangle'))[0];
    expect($start['detangle'])->toEqualWithDelta($start['mask'] + $mask->handsOnMinutes, 1e-9)
        ->and($start['rinse-3'])->toEqualWithDelta(
            $start['mask'] + $mask->handsOnMinutes + max(25.0, $detangle->handsOnMinutes),
            1e-9,
        )
        ->and($start['tools'])->toBeNull();
});

it('tells the finish with its range, which holds four of five days and gives the same twice', function (): void {
    $plan = laidOut(Make::head());
    ['p10' => $p10, 'p50' => $p50, 'p90' => $p90] = $plan->finishMinutes();
    expect($p10)
        ->toBeLessThan($p50)
        ->and($p50)
        ->toBeLessThan($p90)
        ->and(laidOut(Make::head())->finishMinutes())
        ->toBe($plan->finishMinutes())
        // Drying in the air is most of it, and most of its doubt: exp(1.28 · 0.3) either way of three hours.
        ->and($p90 - $p10)->toBeGreaterThan(100.0)->toBeLessThan(200.0);
    expect(laidOut(
        Make::head(),
        drying: DryingMethod::Hood,
    )->finishMinutes()['p50'])->toBeGreaterThan(150.0)->toBeLessThan(200.0)
        ->and(laidOut(Make::head(), drying: DryingMethod::LeavesDamp)->finishMinutes()['p50'])->toBeLessThan($p10);
});

it('shows cautions where they belong', function (): void {
    $watch = fn (WashDayPlan $plan, string $key): string => implode(
        ' ',
        English::all(
            array_values(array_filter($plan->steps, fn (WashDayStep $step): bool => $step->key === $key))[0]->watch,
        ),
    );
    $plan = laidOut(Make::head(), drying: DryingMethod::Hood);
    expect($watch($plan, 'ready'))
        ->toContain('refer to a clinician')
        ->and($watch($plan, 'wet-through'))
        ->toContain('inner wrist')
        ->and($watch($plan, 'mask'))
        ->toContain('Heat cap')
        ->and($watch($plan, 'dry'))
            ->toContain('Heat cap')
            ->and($watch($plan, 'protein'))
            ->toContain('start mild')
            ->and($watch($plan, 'tools'))
            ->toContain('registered disinfectant');
    expect($watch(laidOut(Make::head(), wholeDay(passes: 3)), 'cleanse-3'))->toContain('after a check for stripping');
});

it('fits a day into the time there is by what costs the hair least', function (): void {
    $head = Make::head();
    $state = KalmanFilter::follow($head, [], [], Make::day())->last()->state;
    $pace = Pace::of($head, []);
    $free = TimeLimitFitter::within(null, $state, wholeDay(), $pace);
    expect($free->ways)
        ->toBe([])
        ->and($free->fits)
        ->toBeTrue()
        ->and($free->costs)
        ->toBe(['moisture' => 0.0, 'protein' => 0.0]);
    $before = null;
    foreach ([420, 200, 150, 120, 90, 70, 45] as $limit) {
        $fitting = TimeLimitFitter::within($limit, $state, wholeDay(), $pace);
        $costs = array_sum($fitting->costs);
        expect($fitting->plan->finishMinutes()['p90'] <= $limit)->toBe($fitting->fits);
        if ($fitting->fits && $before !== null) {
            // Less time never costs the hair less.
            expect($costs)->toBeGreaterThanOrEqual($before - 1e-9);
        }
        $before = $costs;
    }
    // "Dry by" counts the drying: half an hour is too short for any of it, and what is shortest is said.
    $none = TimeLimitFitter::within(15, $state, wholeDay(), $pace);
    expect($none->fits)
        ->toBeFalse()
        ->and($none->plan->finishMinutes()['p50'])
        ->toBeLessThan($free->plan->finishMinutes()['p50']);
});

it('lays a day out within 50 ms', function (): void {
    laidOut(Make::head())->finishMinutes();
    $best = INF;
    for ($i = 0; $i < 5; $i++) {
        $start = hrtime(true);
        laidOut(Make::head())->finishMinutes();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }
    expect($best)->toBeLessThan(50.0);
});

it('parts the minutes of a day into hands, free hands and drying, which come to the whole', function (
    array $steps,
    DryingMethod $drying,
    StylingMethod $styling,
    bool $dries,
): void {
    $plan = WashDayBuilder::plan(Make::head(), $steps, Pace::of(Make::head(), []), $drying, styling: $styling);
    $minutes = $plan->minutes();
    $before = array_slice($plan->steps, 0, (int) array_search('dry', keys($plan), true) ?: count($plan->steps));
    $hands = array_sum(array_map(
        fn (WashDayStep $step): float => $step->afterClient ? 0.0 : $step->handsOnMinutes,
        $before,
    ));
    expect($minutes->care)->toBe($plan->careMinutes())
        ->and($minutes->hands)->toEqualWithDelta($hands, 0.06)
        ->and($minutes->hands + $minutes->free())->toEqualWithDelta($minutes->care, 0.06)
        ->and($minutes->care + $minutes->drying)->toEqualWithDelta($plan->network->finishMinutes, 0.11)
        ->and($minutes->drying > 0.0)->toBe($dries)
        ->and($minutes->whole())->toBeGreaterThanOrEqual((int) round($minutes->care));
})->with([
    'a whole day' => [fn () => wholeDay(), DryingMethod::Hood, StylingMethod::Rake, true],
    'in the air' => [fn () => wholeDay(), DryingMethod::Air, StylingMethod::Coils, true],
    'leaves damp' => [fn () => wholeDay(), DryingMethod::LeavesDamp, StylingMethod::Rake, false],
    'short' => [fn () => [Step::cleanse(CleanseKind::Gentle)], DryingMethod::Diffuse, StylingMethod::Rake, true],
]);
