<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Planning\BeamSearch;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\HairAhead;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PolishedSeason;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\SeasonWalk;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Annealing;
use Nagomi\Core\Tests\Support\Make;

/** @return array{SeasonWalk, non-empty-list<WashOption>, list<WashOption>} walk, ways, and what a narrow search found */
function seasonToPolish(Head $head, int $weeks, int $ways = 2): array
{
    $start = Make::atTarget($head);
    $days = range(0, 7 * $weeks, 7);
    $rhythm = array_fill(0, count($days), WashOptions::houseRhythm($head));
    $doubt = ForecastUncertainty::of(Planner::forecast($start, $days, $rhythm, 7 * $weeks, besideAnybody: true));
    $terrain = new MeanSimulator($start, $doubt);
    $ahead = new HairAhead($terrain, $doubt);
    $standing = new RuleContext($head, 0, today: $start->date);
    $options = WashOptions::of($head);
    [$found] = (new BeamSearch($terrain, $ahead, $options, $days, 7 * $weeks, $ways))->best($start, $standing);

    return [new SeasonWalk($start, $standing, $terrain, $ahead, $days, 7 * $weeks), $options, $found];
}

it('walks on from where a season differs as it walks the whole of it', function (): void {
    [$walk, $options, $found] = seasonToPolish(Make::head(Porosity::High), 8);
    $chance = new SeededRandom(5);
    [$kept] = $walk->keep($found);
    expect($walk->walked($found)[0])->toEqualWithDelta($kept, 1e-9);
    for ($i = 0; $i < 60; $i++) {
        $tried = $found;
        $tried[$chance->between(0, 8)] = $options[$chance->between(0, count($options) - 1)];
        [$part, $breaks] = $walk->walked($tried);
        [$other] = seasonToPolish(Make::head(Porosity::High), 8);
        expect($other->keep($tried))->toEqual([$part, $breaks]);
    }
    // Nobody wants to know how much dearer, or how many rules more.
    expect($walk->walked(array_fill(0, 9, $options[0]), $kept / 2)[0])->toBe(INF);
});

it('never makes a season dearer, breaks no rule more, and leaves alone what stands', function (Porosity $porosity): void {
    [$walk, $options, $found] = seasonToPolish(Make::head($porosity), 10);
    [$before, $broken] = $walk->keep($found);
    $fixed = array_map(fn (int $level): bool => $level % 3 === 0, array_keys($found));
    $polished = (new PolishedSeason($walk, $options))->of($found, $fixed);
    [$after, $breaks] = $walk->keep($polished);
    expect($after)->toBeLessThanOrEqual($before)->and($breaks)->toBeLessThanOrEqual($broken);
    foreach ($fixed as $level => $stands) {
        expect($stands && $polished[$level] !== $found[$level])->toBeFalse();
    }
    $free = (new PolishedSeason($walk, $options))->of($found, array_fill(0, count($found), false));
    expect($walk->walked($free)[0])->toBeLessThanOrEqual($before);
})->with([Porosity::Low, Porosity::Medium, Porosity::High]);

it('finds the best of all small seasons from the worst beginning', function (Porosity $porosity): void {
    [$walk, $options] = seasonToPolish(Make::head($porosity), 2);
    $best = INF;
    foreach ($options as $one) {
        foreach ($options as $two) {
            foreach ($options as $three) {
                [$cost, $broken] = $walk->walked([$one, $two, $three], $best, 0);
                $best = $broken === 0 ? min($best, $cost) : $best;
            }
        }
    }
    $nothing = array_fill(0, 3, $options[0]);
    $found = (new PolishedSeason($walk, $options))->of($nothing, [false, false, false], 6);
    [$cost, $broken] = $walk->walked($found);
    expect($broken)->toBe(0)->and($cost / $best - 1)->toBeLessThan(0.01);
})->with([Porosity::Low, Porosity::Medium, Porosity::High]);

it('leaves little that annealing finds', function (): void {
    [$walk, $options, $found] = seasonToPolish(Make::head(Porosity::High), 12, 8);
    $polished = (new PolishedSeason($walk, $options))->of($found, array_fill(0, count($found), false));
    [$cost] = $walk->keep($polished);
    $annealed = Annealing::best($walk, $polished, $options, new SeededRandom(3), 3000);
    expect($annealed)->toBeLessThanOrEqual($cost)->and($cost / $annealed - 1)->toBeLessThan(0.03);
});

it('leaves no clarifying that another day would serve better, and no mask its neighbour would', function (): void {
    [$walk, $options, $found] = seasonToPolish(Make::head(Porosity::High, load: StylingLoad::Heavy), 12);
    $polished = (new PolishedSeason($walk, $options))->of($found, array_fill(0, count($found), false), 6);
    [$cost, $broken] = $walk->keep($polished);
    $is = fn (WashOption $one, WashOption $cleanse, WashOption $conditioning): bool =>
        $one->cleanse === $cleanse->cleanse
        && $one->protein === $conditioning->protein && $one->conditioning === $conditioning->conditioning
        && $one->conditioningMinutes === $conditioning->conditioningMinutes;
    $way = fn (WashOption $cleanse, WashOption $conditioning): WashOption => array_values(
        array_filter($options, fn (WashOption $one): bool => $is($one, $cleanse, $conditioning)),
    )[0];
    $tried = 0;
    foreach ($polished as $at => $one) {
        foreach ($polished as $other => $two) {
            $isCarried = $one->cleanse->clarifies() && ! $two->cleanse->clarifies();
            $isMoved = $other === $at + 1 && $one->protein === $two->protein && $one->masks() !== $two->masks();
            foreach (array_filter([
                $isCarried ? [$at => $way($two, $one), $other => $way($one, $two)] : null,
                $isMoved ? [$at => $way($one, $two), $other => $way($two, $one)] : null,
            ]) as $changed) {
                $tried++;
                [$then, $breaks] = $walk->walked(array_replace($polished, $changed));
                expect($breaks > $broken || $then >= $cost - 1e-6)->toBeTrue("wash days {$at} and {$other}");
            }
        }
    }
    expect($tried)->toBeGreaterThan(15);
});
