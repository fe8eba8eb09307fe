<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Practice;

use InvalidArgumentException;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Practice\CalendarPlays;
use Nagomi\Core\Practice\HomeOrders;
use Nagomi\Core\Practice\PlannerPlays;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeDecision;
use Nagomi\Core\Practice\PracticeGame;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeScore;
use Nagomi\Core\Practice\PracticeTurn;
use Nagomi\Core\Practice\WrittenCase;
use Nagomi\Core\Practice\WrittenCases;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** @return list<string> */
function namesOfCases(): array
{
    return array_map(static fn (WrittenCase $case): string => $case->name, WrittenCases::all());
}

function writtenCase(string $name): PracticeCase
{
    return WrittenCases::of($name, Make::day('2026-01-05'));
}

it('has twelve written cases in three grades of four, each with its own luck', function (): void {
    $grades = array_count_values(array_map(static fn (WrittenCase $case): int => $case->grade, WrittenCases::all()));
    $seeds = array_map(static fn (string $name): int => writtenCase($name)->seed, namesOfCases());

    expect($grades)->toBe([1 => 4, 2 => 4, 3 => 4])
        ->and(array_unique(namesOfCases()))->toHaveCount(12)
        ->and(array_unique($seeds))->toHaveCount(12)
        ->and(min($seeds))->toBeGreaterThan(999_999)
        ->and(fn () => writtenCase('nobody'))->toThrow(InvalidArgumentException::class);
});

it('is what it is called', function (string $name, BalanceCell $cell): void {
    $cells = writtenCase($name)->hair->cells();

    expect(array_search(max($cells), $cells, true))->toBe($cell->value);
})->with([
    ['dry-though-masked', BalanceCell::Dry], ['overdone-with-protein', BalanceCell::Stiff],
    ['stretches-and-stays', BalanceCell::Weak], ['little-time', BalanceCell::Depleted],
    ['braids-out', BalanceCell::Dry], ['hard-water', BalanceCell::Dry], ['child-with-knots', BalanceCell::Dry],
    ['limp-after-co-wash', BalanceCell::OverMoist], ['bleached-ends', BalanceCell::Weak],
    ['told-otherwise', BalanceCell::Dry], ['two-heads-in-one', BalanceCell::Limp],
]);

it('has hair of more than one kind, told otherwise, and a child', function (): void {
    expect(writtenCase('bleached-ends')->hair->head()->strata)->toHaveCount(2)
        ->and(writtenCase('two-heads-in-one')->hair->head()->strata)->toHaveCount(2)
        ->and(writtenCase('told-otherwise')->told->strata[0]->porosity)->toBe(Porosity::Low)
        ->and(writtenCase('told-otherwise')->hair->head()->strata[0]->porosity)->toBe(Porosity::High)
        ->and(writtenCase('child-with-knots')->told->ageOn(Make::day('2026-01-05')))->toBe(8);
});

it('counts strong protein and warmth on a child as rules broken', function (): void {
    $plain = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 10.0);
    $warm = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 10.0, true);
    $played = static fn (WashOption $today): int => PracticeLife::begun(writtenCase('child-with-knots'))
        ->decided(decides($today))->rulesBroken();

    expect($played($warm))->toBe($played($plain) + 1);
});

it('is played by the planner to less lost than by a calendar in nearly all of them', function (): void {
    $better = array_filter(namesOfCases(), static fn (string $name): bool => PracticeScore::lost(
        PracticeGame::played(writtenCase($name), new PlannerPlays()),
    ) < PracticeScore::lost(PracticeGame::played(writtenCase($name), new CalendarPlays())));

    expect(count($better))->toBeGreaterThanOrEqual(10);
});

it('replays what was played to the same, and one decision otherwise to something else', function (): void {
    $case = writtenCase('dry-though-masked');
    $life = PracticeLife::begun($case);
    $turns = [];
    while (! $life->isOver()) {
        $turns[] = $turn = new PracticeTurn(
            ['dryness', 'build-up-signs'],
            new PracticeDecision(
                surely(BalanceCell::Dry),
                null,
                (new HomeOrders(7, maskEvery: 1))->days($life->told),
            ),
        );
        $life = $life->read($turn->tests)->decided($turn->decision ?? decides());
    }
    $same = PracticeGame::replayed($case, $turns);
    $other = PracticeGame::otherwise($case, $turns, 0, new PlannerPlays());
    $asked = static fn (PracticeLife $of, int $until): int => count(array_filter(
        $of->asked,
        static fn (array $one): bool => $one[0] < $until,
    ));

    expect($same->tally)->toEqual($life->tally)
        ->and(PracticeScore::lost($other))->toBeLessThan(PracticeScore::lost($life))
        ->and($asked($other, 28))->toBeGreaterThan($asked($life, 28))
        ->and(count($other->asked) - $asked($other, 28))->toBe(count($life->asked) - $asked($life, 28))
        ->and($same->days)->toHaveCount(8 * 28);
});
