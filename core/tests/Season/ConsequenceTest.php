<?php

declare(strict_types=1);

use Nagomi\Core\Balance\Cell;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Season\ByHand;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Consequence;
use Nagomi\Core\Season\Parabola;
use Nagomi\Core\Season\PlanItem;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Season\Terms;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\StepKind;

it('adds up days, minutes and broken rules of a plan', function (): void {
    // Strong protein two weeks running, set by hand against its rule.
    $strong = new Choice(CleanseKind::Gentle, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein);
    $plan = Planner::plan(Make::atTarget(Make::head()), [], 8, new Terms(byHand: [new ByHand(Make::day('2026-03-09'), $strong, 'a'), new ByHand(Make::day('2026-03-16'), $strong, 'b')]));
    $comesTo = Consequence::of($plan);
    $out = array_sum(array_map(fn (Point $point): float => 1 - Cells::ofHead($point->state)[Cell::InBalance->value], $plan->forecast));
    expect($comesTo->daysOut)->toEqualWithDelta($out, 1e-9)
        ->and($comesTo->minutes)->toEqualWithDelta(array_sum(array_map(fn (PlanItem $item): float => $item->minutes, $plan->items)), 1e-9)
        ->and($comesTo->broken)->not->toBe([])->and($comesTo->broken[0])->toStartWith('16 Mar: ');
    expect(Consequence::of(Planner::plan(Make::atTarget(Make::head()), [], 8))->broken)->toBe([]);
});

it('sums a parabola over days from three of them exactly', function (int $days): void {
    [$first, $middle, $last] = Parabola::weights($days);
    foreach ([[1, 0, 0], [0, 1, 0], [0, 0, 1], [3, -2, 0.5]] as [$a, $b, $c]) {
        $value = fn (int $day): float => $a + $b * $day + $c * $day ** 2;
        $sum = array_sum(array_map($value, range(0, $days - 1)));
        expect($first * $value(0) + $middle * $value(intdiv($days - 1, 2)) + $last * $value($days - 1))->toEqualWithDelta($sum, 1e-8 * max(1, abs($sum)));
    }
})->with([4, 5, 7, 10, 14, 28, 35]);
