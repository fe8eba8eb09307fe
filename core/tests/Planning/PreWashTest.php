<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\PreWashOnTheDay;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;

function oilsFirst(?int $limit = null): Head
{
    return Make::head(limit: $limit, method: new Method(['pre-wash' => 'oil', 'oils' => 'seal']));
}

function oiledBefore(bool $before): WashOption
{
    return new WashOption(CleanseKind::Gentle, 1, StepKind::Conditioner, 3.0, preWash: 'oil', preWashBefore: $before);
}

it('puts a pre-wash on the evening before only where the day is too short for it', function (
    ?int $limit,
    int $day,
    PlanTerms $terms,
    bool $allows,
): void {
    $standing = new RuleContext(oilsFirst($limit), $day, terms: $terms, today: Make::day());
    expect((new PreWashOnTheDay())->allows(oiledBefore(true), $standing))->toBe($allows)
        ->and((new PreWashOnTheDay())->allows(oiledBefore(false), $standing))->toBeTrue();
})->with(function (): array {
    $with = (int) floor(oiledBefore(false)->minutes(oilsFirst()));
    $sundays = new PlanTerms(week: new WeekTime([7 => 0]));

    return [
        'no limit' => [null, 7, new PlanTerms(), false],
        'just fits' => [$with + 1, 7, new PlanTerms(), false],
        'does not fit' => [$with - 1, 7, new PlanTerms(), true],
        'tomorrow, from this evening' => [$with - 1, 1, new PlanTerms(), true],
        'today: the evening has passed' => [$with - 1, 0, new PlanTerms(), false],
        'away on the evening' => [
            $with - 1, 7, new PlanTerms(away: [[Make::day('2026-03-08'), Make::day('2026-03-08')]]), false,
        ],
        'no time on Sundays, and Monday’s evening before is one' => [$with - 1, 7, $sundays, false],
        'no time on Sundays, and it is Tuesday' => [$with - 1, 8, $sundays, true],
    ];
});

it('takes its minutes off the day, and not what it does to the hair', function (): void {
    $head = oilsFirst();
    $before = oiledBefore(true);
    $minutes = $head->parameters->washDay->stepMinutes['pre-wash'];
    expect(oiledBefore(false)->minutes($head) - $before->minutes($head))->toEqualWithDelta($minutes, 1e-9);
    $step = $before->steps($head)[0];
    expect($step->kind)->toBe(StepKind::PreWash)->and($step->eveningBefore)->toBeTrue();
    $plan = WashDayBuilder::plan($head, $before->steps($head), Pace::of($head, []), DryingMethod::LeavesDamp);
    $keys = array_map(fn ($step): string => $step->key, $plan->steps);
    expect($keys)->toContain('pre-wash-before')->not->toContain('pre-wash');
    $day = WashDayBuilder::plan($head, oiledBefore(false)->steps($head), Pace::of($head, []), DryingMethod::LeavesDamp);
    expect($plan->careMinutes())->toBeLessThan($day->careMinutes() - 5.0);
});

it('finds it by itself in a season whose days are short, and never where they are not', function (): void {
    $evenings = function (?int $limit): array {
        $plan = Planner::plan(Make::atTarget(oilsFirst($limit)), [], 12);

        return array_filter($plan->items, fn (PlanItem $item): bool => $item->choice->preWashBefore);
    };
    $shortest = min(array_map(
        fn (WashOption $choice): float => $choice->minutes(oilsFirst(60)),
        array_filter(WashOptions::of(oilsFirst(60)), fn (WashOption $choice): bool => $choice->preWashBefore),
    ));
    expect($evenings(null))->toBe([])->and($evenings((int) ceil($shortest)))->not->toBe([]);
});

it('is no way for anything else', function (): void {
    expect(fn () => new Step(StepKind::Mask, 10, eveningBefore: true))
        ->toRefuse(InvalidArgumentException::class, 'only a pre-wash');
});
