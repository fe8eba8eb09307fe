<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\PlanConsequence;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\QuadraticSum;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

it('adds up days, minutes and broken rules of a plan', function (): void {
    // Strong protein two weeks running, set by hand against its rule.
    $strong = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein);
    $plan = Planner::plan(
        Make::atTarget(Make::head()),
        [],
        8,
        new PlanTerms(byHand: [
            new FixedWashDay(Make::day('2026-03-09'), $strong, 'a'),
            new FixedWashDay(Make::day('2026-03-16'), $strong, 'b'),
        ]),
    );
    $comesTo = PlanConsequence::of($plan, Parameters::shipped()->planning);
    $out = array_sum(array_map(
        fn (Snapshot $point): float => 1 - CellProbabilities::ofHead($point->state)[BalanceCell::InBalance->value],
        $plan->forecast,
    ));
    expect($comesTo->daysOut)->toEqualWithDelta($out, 1e-9)
        ->and($comesTo->minutes)->toEqualWithDelta(
            array_sum(array_map(fn (PlanItem $item): float => $item->minutes, $plan->items)),
            1e-9,
        )
        ->and(implode(' ', English::all($comesTo->broken)))->toContain('16 Mar: Strong protein is kept at least 28 days apart.');
    expect(PlanConsequence::of(
        Planner::plan(Make::atTarget(Make::head()), [], 8),
        Parameters::shipped()->planning,
    )->broken)->toBe([]);
});

it('sums a parabola over days from three of them exactly', function (int $days): void {
    [$first, $middle, $last] = QuadraticSum::weights($days);
    foreach ([[1, 0, 0], [0, 1, 0], [0, 0, 1], [3, -2, 0.5]] as [$a, $b, $c]) {
        $value = fn (int $day): float => $a + $b * $day + $c * $day ** 2;
        $sum = array_sum(array_map($value, range(0, $days - 1)));
        expect(
            $first * $value(0) + $middle * $value(intdiv($days - 1, 2)) + $last * $value($days - 1),
        )->toEqualWithDelta($sum, 1e-8 * max(1, abs($sum)));
    }
})->with([4, 5, 7, 10, 14, 28, 35]);
