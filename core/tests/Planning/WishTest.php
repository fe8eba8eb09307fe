<?php

declare(strict_types=1);

use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WhatIf;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Planning\WishKind;
use Nagomi\Core\Tests\Support\Make;

/** A wish for the days so many days from Monday 2 March, first and last included. */
function wished(WishKind $kind, int $from, int $until, ?string $what = null, ?int $days = null): PlanTerms
{
    $today = Make::day();

    return (new PlanTerms())->wishing(
        new Wish($kind, $today->modify("+{$from} days"), $today->modify("+{$until} days"), $what, $days),
    );
}

/** @return list<int> days, counted from today, of the items that are so */
function daysThat(Plan $plan, callable $is): array
{
    return array_values(array_map(
        fn (PlanItem $item): int => $item->day,
        array_filter($plan->items, $is),
    ));
}

it('leaves a treatment out of a span, and no longer', function (string $what, callable $is): void {
    $head = Make::head(Porosity::Low, method: new Method([
        'mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar', 'mask-heat' => 'cap-or-hood', 'oils' => 'none',
    ]));
    $start = Make::atTarget($head);
    $usual = daysThat(Planner::plan($start, [], 12), $is);
    [$from, $until] = [14, 55];
    $inside = fn (array $days): array => array_filter($days, fn (int $day): bool => $day >= $from && $day <= $until);
    expect($inside($usual))->not->toBe([], $what);
    $plan = Planner::plan($start, [], 12, wished(WishKind::LeaveOut, $from, $until, $what));
    $days = daysThat($plan, $is);
    expect($inside($days))->toBe([])
        ->and($days)->not->toBe([])
        ->and(array_merge(...array_map(fn (PlanItem $item): array => $item->broken, $plan->items)))->toBe([]);
})->with([
    ['mask', fn (PlanItem $item): bool => $item->choice->masks()],
    ['protein', fn (PlanItem $item): bool => $item->choice->protein !== null],
    ['heat', fn (PlanItem $item): bool => $item->choice->heat],
]);

it('washes as often as was wished within the span, and as ever outside it', function (): void {
    $plan = Planner::plan(Make::atTarget(Make::head()), [], 12, wished(WishKind::WashEvery, 21, 49, days: 3));
    $days = daysThat($plan, fn (): bool => true);
    $gaps = [];
    foreach (array_slice($days, 1) as $i => $day) {
        $gaps[$days[$i]] = $day - $days[$i];
    }
    expect(array_slice($days, 0, 4))->toBe([0, 7, 14, 21]);
    foreach ($gaps as $after => $gap) {
        expect($gap)->toBe($after >= 20 && $after < 49 ? 3 : 7, "after day {$after}");
    }
});

it('shows both futures, the second as it would be planned', function (): void {
    $start = Make::atTarget(Make::head(Porosity::High));
    $changed = wished(WishKind::LeaveOut, 0, 41, 'mask');
    $both = WhatIf::between($start, [], new PlanTerms(), $changed, 12);
    $plan = Planner::plan($start, [], 12, $changed);
    expect($both->changed->washDays)->toBe(daysThat($plan, fn (): bool => true))
        ->and($both->changed->choices)->toEqual(array_map(fn (PlanItem $item) => $item->choice, $plan->items))
        ->and($both->changed->daysOutOfBand)->toBeGreaterThan($both->asPlanned->daysOutOfBand);
});

it('refuses a wish that says too little, too much or runs backwards', function (array $said, string $sentence): void {
    $day = fn (int $days) => Make::day()->modify("+{$days} days");
    expect(fn () => new Wish($said[0], $day($said[1]), $day($said[2]), $said[3] ?? null, $said[4] ?? null))
        ->toRefuse(InvalidArgumentException::class, $sentence);
})->with([
    [[WishKind::LeaveOut, 5, 4, 'mask'], 'before the first'],
    [[WishKind::LeaveOut, 0, 4], 'leave out one of'],
    [[WishKind::LeaveOut, 0, 4, 'soap'], 'leave out one of'],
    [[WishKind::LeaveOut, 0, 4, 'mask', 3], 'leave out one of'],
    [[WishKind::WashEvery, 0, 4, null, 1], '2 to 35 days'],
    [[WishKind::WashEvery, 0, 4, null, 36], '2 to 35 days'],
    [[WishKind::WashEvery, 0, 4, 'mask', 3], '2 to 35 days'],
]);
