<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\Rules\ProgrammeIsKept;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Tests\Support\Scalps;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** A plan from Monday 2 March that keeps to something for so many days from today. */
function keepingTo(ProgrammeKind $kind, Head $head, int $days, PlanTerms $terms = new PlanTerms()): Plan
{
    $today = Make::day();

    return Planner::plan(Make::atTarget($head), [], 12, $terms->keepingTo([
        new Programme($kind, $today, $today->modify('+' . ($days - 1) . ' days')),
    ]));
}

/**
 * @return array{list<bool>, list<bool>} whether it is so on the wash days of the first so many days, and of the others
 */
function whileAndAfter(Plan $plan, int $days, callable $is): array
{
    $split = [[], []];
    foreach ($plan->items as $item) {
        $split[$item->day < $days ? 0 : 1][] = $is($item);
    }

    return $split;
}

/** @return list<StepKind> */
function kindsDone(PlanItem $item, Head $head): array
{
    return array_map(fn (Step $step): StepKind => $step->kind, $item->choice->steps($head));
}

it('gives no protein while it was agreed on, and gives it back afterwards', function (): void {
    $head = Make::head(method: new Method(['protein' => 'by-calendar', 'oils' => 'none']));
    [$while, $after] = whileAndAfter(
        keepingTo(ProgrammeKind::NoProtein, $head, 42),
        42,
        fn (PlanItem $item): bool => $item->choice->protein !== null,
    );
    expect(array_unique($while))->toBe([false])->and($after)->toContain(true);
    // Without the programme the calendar asks for protein within these weeks.
    [$otherwise] = whileAndAfter(
        Planner::plan(Make::atTarget($head), [], 12),
        42,
        fn (PlanItem $item): bool => $item->choice->protein !== null,
    );
    expect($otherwise)->toContain(true);
});

it('masks weekly through a first month, and then every other week to its end', function (): void {
    $head = Make::head();
    $plan = keepingTo(ProgrammeKind::FirstMonth, $head, 84);
    $masks = array_values(array_map(
        fn (PlanItem $item): int => $item->day,
        array_filter($plan->items, fn (PlanItem $item): bool => $item->choice->masks()),
    ));
    expect(array_slice($masks, 0, 4))->toBe([0, 7, 14, 21]);
    foreach (array_slice($masks, 4) as $i => $day) {
        expect($day - $masks[$i + 3])->toBeLessThanOrEqual(14);
    }
    [$weekly] = whileAndAfter(
        keepingTo(ProgrammeKind::WeeklyMask, $head, 28),
        28,
        fn (PlanItem $item): bool => $item->choice->masks(),
    );
    expect(array_unique($weekly))->toBe([true]);
});

it('leaves every oil out for its weeks, whatever the house does, and takes it up again', function (): void {
    $head = Make::head(method: new Method(['oils' => 'seal', 'pre-wash' => 'oil', 'scalp' => 'oil-or-spray']));
    $oils = fn (PlanItem $item): array => array_values(array_intersect(
        ['pre-wash', 'seal', 'scalp-oil'],
        array_map(fn (StepKind $kind): string => $kind->value, kindsDone($item, $head)),
    ));
    [$while, $after] = whileAndAfter(keepingTo(ProgrammeKind::NoOils, $head, 30), 30, $oils);
    expect(array_unique($while, SORT_REGULAR))->toBe([[]])
        ->and(array_unique($after, SORT_REGULAR))->toBe([['pre-wash', 'seal', 'scalp-oil']]);
    // With a pre-wash agreed on as well, it is one without oil.
    $today = Make::day();
    $both = Planner::plan(Make::atTarget($head), [], 12, (new PlanTerms())->keepingTo(array_map(
        fn (ProgrammeKind $kind): Programme => new Programme($kind, $today, $today->modify('+29 days')),
        [ProgrammeKind::NoOils, ProgrammeKind::PreWash],
    )));
    [$with] = whileAndAfter($both, 30, fn (PlanItem $item): ?string => $item->choice->preWash);
    expect(array_unique($with))->toBe(['conditioner']);
});

it('keeps to what was agreed on oil and lets the scalp be on days set by hand as well', function (): void {
    $head = Make::head(method: new Method(['oils' => 'seal', 'scalp' => 'oil-or-spray']));
    $byHand = new PlanTerms(byHand: [new FixedWashDay(
        Make::day('2026-03-09'),
        new WashOption(CleanseKind::Shampoo, 1, StepKind::Mask, 25.0),
        'a wish',
        'Ilse',
    )]);
    $of = fn (Plan $plan): array => kindsDone(
        array_values(array_filter($plan->items, fn (PlanItem $item): bool => $item->day === 7))[0],
        $head,
    );
    $usual = $of(Planner::plan(Make::atTarget($head), [], 12, $byHand));
    expect($usual)->toContain(StepKind::Seal)->toContain(StepKind::ScalpOil)
        ->and($of(keepingTo(ProgrammeKind::NoOils, $head, 30, $byHand)))->not->toContain(StepKind::Seal);
    $flaking = Scalps::read(fn (string $date): Reading => Scalps::map($date, 8));
    $spared = $of(Planner::plan(Make::atTarget($head), [], 12, $byHand->knowingScalp($flaking)));
    expect($spared)->toContain(StepKind::Seal)->not->toContain(StepKind::ScalpOil)->toContain(StepKind::Mask);
});

it('cleanses gently for its weeks, and does not strip even an oily or flaking scalp', function (): void {
    $flaking = Scalps::read(fn (string $date): Reading => Scalps::map($date, 5, oil: 10));
    $head = Make::head(load: Nagomi\Core\Head\StylingLoad::Heavy);
    $plan = keepingTo(ProgrammeKind::GentleCleansing, $head, 28, (new PlanTerms())->knowingScalp($flaking));
    [$while, $after] = whileAndAfter($plan, 28, fn (PlanItem $item): string => $item->choice->cleanse->value);
    expect(array_unique($while))->toBe(['gentle'])->and(array_unique($after))->not->toBe(['gentle']);
});

it('takes turns with a co-wash while that was agreed on', function (): void {
    $head = Make::head();
    $before = [Make::washDay('2026-02-23', [Step::cleanse(CleanseKind::Shampoo)])];
    $today = Make::day();
    $plan = Planner::plan(Make::atTarget($head), $before, 12, (new PlanTerms())->keepingTo([
        new Programme(ProgrammeKind::AlternateCoWash, $today, $today->modify('+41 days')),
    ]));
    [$while, $after] = whileAndAfter(
        $plan,
        42,
        fn (PlanItem $item): bool => $item->choice->cleanse === CleanseKind::CoWash,
    );
    expect($while)->toBe([true, false, true, false, true, false])->and($after)->toContain(false);
});

it('heats no mask and pre-washes each time, as it was agreed on', function (): void {
    $hot = Make::head(Porosity::Low, method: new Method(['mask-heat' => 'cap-or-hood', 'oils' => 'none']));
    [$while, $after] = whileAndAfter(
        keepingTo(ProgrammeKind::NoHeat, $hot, 42),
        42,
        fn (PlanItem $item): bool => $item->choice->heat,
    );
    expect(array_unique($while))->toBe([false])->and($after)->toContain(true);
    [$while, $after] = whileAndAfter(
        keepingTo(ProgrammeKind::PreWash, Make::head(), 28),
        28,
        fn (PlanItem $item): ?string => $item->choice->preWash,
    );
    expect(array_unique($while))->toBe(['conditioner'])->and(array_unique($after))->toBe([null]);
});

it('breaks no rule for any programme, and says of each how it is freed', function (): void {
    foreach (ProgrammeKind::cases() as $kind) {
        foreach ([Make::head(), Make::head(method: new Method(['oils' => 'seal', 'pre-wash' => 'oil']))] as $head) {
            $broken = array_merge(...array_map(
                fn (PlanItem $item): array => $item->broken,
                keepingTo($kind, $head, 28)->items,
            ));
            expect($broken)->toBe([], $kind->value);
        }
        expect($kind->weeks())->toBeGreaterThanOrEqual(4)->toBeLessThanOrEqual(12);
    }
    expect(English::say(RuleWords::frees(new ProgrammeIsKept())))->toContain('stop the programme');
});

it('knows which programmes contradict each other, and refuses one that ends before it begins', function (): void {
    expect(ProgrammeKind::WeeklyMask->contradicts(ProgrammeKind::FirstMonth))->toBeTrue()
        ->and(ProgrammeKind::GentleCleansing->contradicts(ProgrammeKind::AlternateCoWash))->toBeTrue()
        ->and(ProgrammeKind::NoHeat->contradicts(ProgrammeKind::NoHeat))->toBeTrue()
        ->and(ProgrammeKind::NoOils->contradicts(ProgrammeKind::PreWash))->toBeFalse()
        ->and(fn () => new Programme(ProgrammeKind::NoHeat, Make::day('2026-03-09'), Make::day('2026-03-08')))
        ->toRefuse(InvalidArgumentException::class, 'before the first');
});
