<?php

declare(strict_types=1);

use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\StylingOnTheDay;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\CareMinutes;
use Nagomi\Core\WashDay\Pace;

function maskedAndStyled(bool $after): WashOption
{
    return new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0, stylesAfter: $after);
}

it('styles on the day after only where the day is too short and the next has the time', function (
    ?int $limit,
    PlanTerms $terms,
    ?int $nextWash,
    bool $allows,
): void {
    // Day 7 is a Monday.
    $standing = new RuleContext(
        Make::head(limit: $limit),
        7,
        nextWash: $nextWash,
        terms: $terms,
        today: Make::day(),
    );
    expect((new StylingOnTheDay())->allows(maskedAndStyled(true), $standing))->toBe($allows)
        ->and((new StylingOnTheDay())->allows(maskedAndStyled(false), $standing))->toBeTrue();
})->with(function (): array {
    $whole = (int) floor(maskedAndStyled(false)->minutes(Make::head()));
    $styling = (int) ceil($whole - maskedAndStyled(true)->minutes(Make::head()));
    $tuesday = static fn (int $minutes): PlanTerms => new PlanTerms(week: new WeekTime([2 => $minutes]));

    return [
        'no limit' => [null, new PlanTerms(), 14, false],
        'just fits' => [$whole + 1, new PlanTerms(), 14, false],
        'does not fit' => [$whole - 1, new PlanTerms(), 14, true],
        'washed again on the day after' => [$whole - 1, new PlanTerms(), 8, false],
        'no time on Tuesdays' => [$whole - 1, $tuesday(0), 14, false],
        'too little on Tuesdays' => [$whole - 1, $tuesday(max(10, $styling - 1)), 14, $styling <= 10],
        'too little on Tuesdays, and on Mondays even so' => [$whole - $styling - 1, $tuesday(10), 14, true],
        'enough on Tuesdays' => [$whole - 1, $tuesday($styling + 1), 14, true],
        'away on the day after' => [
            $whole - 1, new PlanTerms(away: [[Make::day('2026-03-10'), Make::day('2026-03-10')]]), 14, false,
        ],
    ];
});

it('takes the minutes of styling off the day, by the builder of the wash day as well', function (): void {
    $head = Make::head();
    $byStyle = $head->sections * $head->parameters->washDay->stepMinutes['style-a-section'];
    expect(maskedAndStyled(false)->minutes($head) - maskedAndStyled(true)->minutes($head))
        ->toEqualWithDelta($byStyle, 1e-9);
    $minutes = new CareMinutes(Pace::of($head, []));
    expect($minutes->of(maskedAndStyled(false), $head) - $minutes->of(maskedAndStyled(true), $head))
        ->toBeGreaterThan(3.0)
        ->and($minutes->of(maskedAndStyled(false), $head))
        ->toBe((new CareMinutes(Pace::of($head, [])))->of(maskedAndStyled(false), $head));
});

it('finds it by itself where days are short, says so, and counts the minutes of both days', function (): void {
    $head = Make::head(limit: 55);
    $plan = Planner::plan(Make::atTarget($head), [], 12);
    $after = array_values(array_filter($plan->items, static fn (PlanItem $item): bool => $item->choice->stylesAfter));
    expect($after)->not->toBe([]);
    foreach ($after as $item) {
        expect($item->minutes)->toBeLessThanOrEqual(55.0)
            ->and($item->broken)->toBe([])
            ->and(English::say($item->reasons[0]))->toContain('Styled on the day after, about ');
    }
    expect($plan->minutes)->toBeGreaterThan(array_sum(array_column($plan->items, 'minutes')) + 3.0 * count($after))
        ->and(array_filter(
            Planner::plan(Make::atTarget(Make::head()), [], 12)->items,
            static fn (PlanItem $item): bool => $item->choice->stylesAfter,
        ))->toBe([]);
    // The longer of two days makes the season no worse.
    $alone = Planner::plan(Make::atTarget($head), [], 12, new PlanTerms(week: new WeekTime([2 => 0])));
    expect($plan->cost)->toBeLessThanOrEqual($alone->cost + 0.2);
});

it('plans the shortest there is where nothing fits, and says how long that is', function (int $limit): void {
    $head = Make::head(limit: $limit);
    $shortest = min(array_map(static fn (WashOption $way): float => $way->minutes($head), WashOptions::of($head)));
    $plan = Planner::plan(Make::atTarget($head), [], 4);
    expect($shortest)->toBeGreaterThan($limit)->and($plan->items)->not->toBe([]);
    foreach ($plan->items as $item) {
        expect($item->minutes)->toBe($shortest)
            ->and($item->choice->stylesAfter)->toBeTrue()
            ->and(array_map(static fn (Rule $rule): string => $rule->key(), $item->broken))->toBe(['within-minutes'])
            ->and(array_map(English::say(...), $item->clash->frees ?? []))
            ->toBe(['allow the day at least ' . ceil($shortest) . ' minutes']);
    }
})->with([10, 20, 35]);

it('offers it for what no short day has the time for, and for nothing else', function (): void {
    $head = Make::head(limit: 55);
    foreach (WashOptions::of($head) as $option) {
        if ($option->stylesAfter) {
            expect($option->styled(false)->minutes($head))->toBeGreaterThan(55.0);
        }
    }
    expect(array_filter(WashOptions::of(Make::head()), static fn ($option): bool => $option->stylesAfter))->toBe([]);
});
