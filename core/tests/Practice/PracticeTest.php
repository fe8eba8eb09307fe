<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Practice;

use InvalidArgumentException;
use LogicException;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Practice\DrawnCase;
use Nagomi\Core\Practice\PorosityReadings;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeDecision;
use Nagomi\Core\Practice\PracticeGame;
use Nagomi\Core\Practice\PracticeHair;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeLuck;
use Nagomi\Core\Practice\PracticeReadings;
use Nagomi\Core\Practice\PracticeTally;
use Nagomi\Core\Practice\RandomPlays;
use Nagomi\Core\Readings\PorosityBelief;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

function drawnCase(int $seed = 7): PracticeCase
{
    return DrawnCase::of($seed, Make::day('2026-01-05'));
}

/** @return array<string, float> all of it on one cell */
function surely(BalanceCell $of): array
{
    $cells = array_map(static fn (BalanceCell $cell): string => $cell->value, BalanceCell::cases());

    return [...array_fill_keys($cells, 0.0), $of->value => 1.0];
}

function decides(?WashOption $today = null): PracticeDecision
{
    return new PracticeDecision(surely(BalanceCell::InBalance), $today, []);
}

/** @return array<string, array<mixed>> raw measures by test */
function readOff(PracticeLife $life): array
{
    return array_column(array_map(
        static fn (Reading $reading): array => [$reading->test, $reading->raw],
        $life->readings,
    ), 1, 0);
}

it('plays the same case the same way twice', function (): void {
    $one = PracticeGame::played(drawnCase(), new RandomPlays(3));
    $other = PracticeGame::played(drawnCase(), new RandomPlays(3));

    expect($one->tally)->toEqual($other->tally)
        ->and($one->hair->state->mean)->toBe($other->hair->state->mean)
        ->and($one->turn)->toBe(PracticeCase::TURNS)
        ->and(PracticeGame::played(drawnCase(8), new RandomPlays(3))->tally)->not->toEqual($one->tally);
});

it('shows the same in a test whatever else was read or decided before', function (): void {
    $begun = PracticeLife::begun(drawnCase());
    $alone = readOff($begun->read(['dryness']));
    $among = readOff($begun->read(['wet-stretch', 'broken-hairs', 'dryness']));

    expect($among['dryness'])->toBe($alone['dryness'])->and($among)->toHaveCount(3);
});

it('has the same luck where one thing only was decided otherwise', function (): void {
    $begun = PracticeLife::begun(drawnCase());
    $masked = static fn (float $minutes): WashOption
        => new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, $minutes);
    $short = $begun->decided(decides($masked(5)))->hair->state;
    $long = $begun->decided(decides($masked(30)))->hair->state;
    $moisture = $long->layout->of(0, StateLayout::MOISTURE);
    $wear = $long->layout->of(0, StateLayout::WEAR);

    // A mask wears nothing: all that four weeks of chance did to wear is the same.
    expect($long->mean[$moisture])->toBeGreaterThan($short->mean[$moisture])
        ->and($long->mean[$wear])->toBe($short->mean[$wear]);
});

it('moves hair as the equations do, but for chance that comes to nothing', function (): void {
    $case = drawnCase();
    $expected = Dynamics::afterDays($case->hair->state, 1, false, $case->from)->state->mean;
    $sum = array_fill(0, count($expected), 0.0);
    for ($seed = 0; $seed < 400; $seed++) {
        $after = $case->hair->afterADay($case->from, 0, new PracticeLuck($seed));
        foreach ($after->state->mean as $i => $value) {
            $sum[$i] += $value / 400;
        }
    }
    foreach ($sum as $i => $mean) {
        expect($mean)->toEqualWithDelta($expected[$i], 0.08);
    }
});

it('reads hair as its signs have it, with the noise of a hand', function (string $test, string $raw, float $sd): void {
    $case = drawnCase();
    $values = [];
    for ($seed = 0; $seed < 600; $seed++) {
        $shown = PracticeReadings::of($test, $case->hair, 0, 7, new PracticeLuck($seed)) ?? [];
        $values[] = (float) $shown[$raw];
    }
    $mean = array_sum($values) / count($values);
    $spread = sqrt(array_sum(array_map(static fn (float $value): float => ($value - $mean) ** 2, $values)) / 599);
    $reading = Make::reading('2026-01-05', $test, PracticeReadings::of(
        $test,
        $case->hair,
        0,
        7,
        new PracticeLuck(1),
    ) ?? []);

    expect($spread)->toBeGreaterThan(0.6 * $sd)->toBeLessThan(1.4 * $sd)
        ->and($reading->measured)->not->toBe([]);
})->with([['dryness', 'points', 1.2], ['feel', 'points', 1.2], ['curl-memory', 'points', 1.2]]);

it('writes every test down as its form wants it', function (string $test): void {
    $raw = PracticeReadings::of($test, drawnCase()->hair, 0, 7, new PracticeLuck(5)) ?? [];

    expect(TestCatalogue::test($test)?->problems($raw))->toBe([])
        ->and((new Reading('r', Make::day(), PracticeReadings::momentOf($test), $test, $raw))->measured)->not->toBe([]);
})->with(PracticeReadings::TESTS);

it('reads nothing that says nothing of a practice case', function (): void {
    expect(PracticeReadings::of('density', drawnCase()->hair, 0, 7, new PracticeLuck(5)))->toBeNull()
        ->and(PracticeLife::begun(drawnCase())->read(['density'])->readings)->toBe([]);
});

it('scores nobody who is sure and right, and whoever is sure and wrong by two', function (): void {
    $right = (new PracticeTally())->believing(surely(BalanceCell::Dry), surely(BalanceCell::Dry));
    $wrong = (new PracticeTally())->believing(surely(BalanceCell::Dry), surely(BalanceCell::Weak));

    expect($right->brier())->toBe(0.0)
        ->and($wrong->brier())->toBe(2.0)
        ->and((new PracticeTally())->brier())->toBeNull();
});

it('counts what was asked for against the rules, and what was done for its days', function (): void {
    $begun = PracticeLife::begun(drawnCase());
    $strong = array_values(array_filter(
        WashOptions::of($begun->case->told),
        static fn (WashOption $option): bool => $option->protein === StepKind::StrongProtein,
    ))[0];
    $every = $begun->case->told->washEveryDays;
    $often = new PracticeDecision(surely(BalanceCell::Weak), $strong, [$every => $strong, 2 * $every => $strong]);

    expect($begun->decided($often)->rulesBroken())->toBeGreaterThanOrEqual(2)
        ->and($begun->decided(decides())->rulesBroken())->toBe(0)
        ->and($begun->decided($often)->tally->minutes)->toBeGreaterThan($begun->decided(decides())->tally->minutes)
        ->and($begun->decided(decides())->tally->daysOut)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(28.0);
});

it('shows in the tests of porosity what hair really is', function (Porosity $real): void {
    $readings = Parameters::shipped()->readings;
    $right = 0;
    for ($seed = 0; $seed < 300; $seed++) {
        $luck = new PracticeLuck($seed);
        $measured = [];
        foreach (PorosityReadings::TESTS as $test) {
            $raw = PorosityReadings::of($test, $real, $readings, $luck->of($test, 0)) ?? [];
            $measured = [...$measured, ...TestCatalogue::test($test)?->measure($raw, Parameters::shipped()) ?? []];
        }
        $right += PorosityBelief::of($measured, $readings)->likeliest() === $real ? 1 : 0;
    }

    expect($right)->toBeGreaterThan(200);
})->with(Porosity::kinds());

it('takes the hair for what it was said to be from that visit on', function (): void {
    $begun = PracticeLife::begun(drawnCase());
    $high = new PracticeDecision(surely(BalanceCell::Dry), null, [], Porosity::High);
    $low = new PracticeDecision(surely(BalanceCell::Dry), null, [], Porosity::Low);

    expect($begun->decided($high)->told->strata[0]->porosity)->toBe(Porosity::High)
        ->and($begun->decided($low)->decided(decides())->told->strata[0]->porosity)->toBe(Porosity::Low)
        ->and($begun->decided($low)->hair->head())->toBe($begun->hair->head());
});

it('reads a test once at a visit, however often it is asked for', function (): void {
    $once = PracticeLife::begun(drawnCase())->read(['dryness', 'dryness']);

    expect($once->readings)->toHaveCount(1)
        ->and($once->read(['dryness'])->readings)->toHaveCount(1)
        ->and($once->read(['dryness'])->tally->minutes)->toBe($once->tally->minutes)
        ->and($once->decided(decides())->read(['dryness'])->readings)->toHaveCount(2);
});

it('takes no belief that is none, no day that is not at home, and no visit after the last', function (): void {
    $mask = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0);
    $over = PracticeGame::played(drawnCase(), new RandomPlays(3));

    expect(fn () => new PracticeDecision([], null, []))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new PracticeDecision(['soft' => 1.0], null, []))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new PracticeDecision(['dry' => 1.5, 'weak' => -0.5], null, []))
        ->toThrow(InvalidArgumentException::class)
        ->and(fn () => new PracticeDecision(surely(BalanceCell::Dry), null, [28 => $mask]))
        ->toThrow(InvalidArgumentException::class)
        ->and(fn () => $over->decided(decides()))->toThrow(LogicException::class);
});

it('breaks no hair beyond the usual where nothing is worn and all is in balance', function (): void {
    $state = drawnCase()->hair->state;
    $mean = $state->mean;
    foreach ($state->layout->head->strata as $s => $stratum) {
        [$moisture, $protein, , , $wear] = $state->layout->ofStratum($s);
        $mean[$moisture] = $stratum->targetMoisture();
        $mean[$protein] = $stratum->targetProtein(false);
        $mean[$wear] = 0.0;
    }
    $calm = (new PracticeHair(new State($state->layout, $mean, $state->covariance)))->settled();
    $mean[$state->layout->of(0, StateLayout::WEAR)] = 20.0;
    $worn = (new PracticeHair(new State($state->layout, $mean, $state->covariance)))->settled();

    expect($calm->breaksADay())->toEqualWithDelta(0.0, 1e-9)
        ->and($worn->breaksADay())->toEqualWithDelta(1.5 * (exp(0.6) - 1), 1e-9);
});
