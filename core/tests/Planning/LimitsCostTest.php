<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\Limit;
use Nagomi\Core\Planning\LimitsCost;
use Nagomi\Core\Planning\PlanConsequence;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RelaxedLimit;
use Nagomi\Core\Tests\Support\Make;

/** @return list<RelaxedLimit> */
function limitsOf(Head $head, PlanTerms $terms = new PlanTerms()): array
{
    $start = Make::atTarget($head);

    $plan = Planner::plan($start, [], 12, $terms);

    return LimitsCost::of($start, [], 12, $terms, PlanConsequence::of($plan, $head->parameters->planning)->daysOut);
}

it('says nothing of limits where the hair is in balance within them', function (): void {
    expect(limitsOf(Make::head()))->toBe([])
        ->and(limitsOf(Make::head(limit: 240)))->toBe([])
        ->and(limitsOf(Make::head(), new PlanTerms(notAtHome: ['heat'])))->toBe([]);
});

it('names what frees most, in days that planning anew comes to', function (): void {
    // Masks are for the salon only, and no day of these weeks is one: dry hair, and nothing at home helps.
    $terms = new PlanTerms(salonDays: [], notAtHome: ['mask', 'mild-protein', 'strong-protein']);
    $head = Make::head(Porosity::High);
    $freed = limitsOf($head, $terms);
    expect($freed)->not->toBe([])->and($freed[0]->limit)->toBe(Limit::SalonOnly)->and($freed[0]->to)->toBeNull();
    $planning = $head->parameters->planning;
    $start = Make::atTarget($head);
    $days = fn (PlanTerms $terms): float => PlanConsequence::of(
        Planner::plan($start, [], 12, $terms),
        $planning,
    )->daysOut;
    expect($freed[0]->daysOut)->toEqualWithDelta($days($terms), 1e-9)
        ->and($freed[0]->daysGained)->toEqualWithDelta($days($terms) - $days(new PlanTerms(salonDays: [])), 1e-9)
        ->and($freed[0]->daysGained)->toBeGreaterThan(10.0);
    foreach (array_slice($freed, 1) as $i => $other) {
        expect($other->daysGained)->toBeLessThanOrEqual($freed[$i]->daysGained);
    }
});

it('tries each limit that is set, and no other', function (): void {
    $head = Make::head(Porosity::High, limit: 45, every: 10);
    $today = Make::day();
    $programme = new Programme(ProgrammeKind::NoProtein, $today, $today->modify('+83 days'));
    $named = fn (array $freed): array => array_map(fn (RelaxedLimit $one): string => $one->limit->value, $freed);
    $minutes = limitsOf($head);
    expect($named($minutes))->toContain('minutes')->not->toContain('stock')->not->toContain('programme');
    $of = array_combine($named($minutes), $minutes);
    expect($of['minutes']->to)->toBe(65)
        ->and($of['rhythm']->to ?? 8)->toBe(8);
    $none = Make::head(Porosity::High);
    $dry = (new PlanTerms(stock: ['mask' => 0, 'mild-protein' => 0, 'strong-protein' => 0]))->keepingTo([$programme]);
    expect($named(limitsOf($none, $dry)))->toContain('stock')->not->toContain('minutes');
});

it('claims nothing of hair that nobody read', function (): void {
    $terms = (new PlanTerms(notAtHome: ['mask'], salonDays: []))->readOn(
        null,
        Make::day(),
        Make::head()->parameters->planning,
    );
    expect(limitsOf(Make::head(Porosity::High), $terms))->toBe([]);
});
