<?php

declare(strict_types=1);


/** A head placed somewhere, known as well as after a visit. */

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\BeamSearch;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\HairAhead;
use Nagomi\Core\Planning\HairThen;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

function placed(Head $head, float $moisture, float $protein, float $washable = 8, float $stubborn = 8): Snapshot
{
    $state = Prior::of($head);
    $mean = $state->mean;
    $covariance = array_map(
        fn (array $row): array => array_map(fn (float $value): float => 0.12 * $value, $row),
        $state->covariance,
    );
    foreach (array_keys($head->strata) as $s) {
        $mean[$state->layout->of($s, StateLayout::MOISTURE)] = $moisture;
        $mean[$state->layout->of($s, StateLayout::PROTEIN)] = $protein;
        $mean[$state->layout->of($s, StateLayout::WASHABLE)] = $washable;
        $mean[$state->layout->of($s, StateLayout::STUBBORN)] = $stubborn;
    }

    return new Snapshot(Make::day(), new State($state->layout, array_values($mean), array_values($covariance)), false);
}

/**
 * @return list<string> breaches of the hard rules, told by a checker that shares nothing with the planner
 */
function breaches(Head $head, Plan $plan): array
{
    $checker = new RuleChecker($head);

    return array_merge(...array_map(
        fn (PlanItem $item): array => $checker->washDay($item->day, $item->choice->steps($head)),
        $plan->items,
    ));
}

/**
 * The cheapest of every way there is, counted out one by one.
 *
 * @param list<WashOption> $choices
 * @param list<int>    $days
 * @param list<float>  $means
 */
function cheapestOfAll(
    MeanSimulator $terrain,
    ForecastUncertainty $doubt,
    array $choices,
    array $days,
    array $means,
    RuleContext $standing,
    int $level = 0,
): float {
    if ($level === count($days)) {
        $rhythm = WashOptions::houseRhythm($terrain->head);
        $cost = 0.0;
        for ($week = 0; $week < 4; $week++) {
            $means = $terrain->washed($means, $rhythm, 27);
            $cost += $terrain->ownCost($rhythm) + $terrain->costOfDays($means, 27, 7, $terrain->seals($rhythm, 27));
            $means = $terrain->afterDays($means, 27, 7, $terrain->seals($rhythm, 27));
        }

        return $cost;
    }
    $best = INF;
    foreach ($choices as $choice) {
        if (RuleCatalogue::barring($choice, $standing) !== []) {
            continue;
        }
        $after = $terrain->washed($means, $choice, $days[$level]);
        $next = $terrain->afterDays($after, $days[$level], 7, $terrain->seals($choice, $days[$level]));
        $until = $days[$level] + 7;
        // The 80 % point of the normal distribution bars strong protein at 20 % above the band; left out for 28 days it
        // is looked for below. The reserves of one stratum, by the book and not by HairAhead.
        $target = $terrain->head->strata[0]->targetProtein(false);
        $sds = $doubt->proteinSd[0];
        $high = $next[1] > $target + 15 - 0.8416212 * ($sds[$until] ?? $sds[27]);
        $later = $terrain->afterDays($next, $until, 28, false)[1];
        $low = \Nagomi\Core\Statistics\Normal::cumulative(($target - 15 - $later) / $sds[27]);
        $dry = $next[0] < $terrain->head->strata[0]->targetMoisture() - 15;
        $hair = new HairThen($high, $dry, $next[2] + $next[3] > 35, $low);
        $own = $terrain->ownCost($choice)
            + $terrain->costOfDays($after, $days[$level], 7, $terrain->seals($choice, $days[$level]));
        $then = $standing->next($choice, $until, $days[$level + 2] ?? null, $hair);
        $best = min(
            $best,
            $own + cheapestOfAll($terrain, $doubt, $choices, $days, $next, $then, $level + 1),
        );
    }

    return $best;
}

it('keeps every hard rule over many heads, by a checker of its own', function (): void {
    mt_srand(7);
    $checked = 0;
    foreach (Porosity::cases() as $porosity) {
        foreach (StylingLoad::cases() as $load) {
            foreach ([false, true] as $special) {
                $head = Make::head(
                    $porosity,
                    $special ? [Zone::Crown] : [],
                    $load,
                    hardness: mt_rand(0, 400),
                    sensitive: $special && $load === StylingLoad::Light,
                    sore: $special && $load === StylingLoad::Heavy,
                    every: mt_rand(4, 14),
                    method: new Method(['mask-heat' => 'cap-or-hood']),
                );
                $plan = Planner::plan(
                    placed($head, mt_rand(30, 85), mt_rand(30, 85), mt_rand(0, 40), mt_rand(0, 40)),
                    [],
                );
                expect(breaches($head, $plan))->toBe([]);
                $checked += count($plan->items);
            }
        }
    }
    expect($checked)->toBeGreaterThan(100);
});

it('moves the means exactly as the filter’s forecast does', function (): void {
    $head = Make::head(Porosity::High, [Zone::Nape, Zone::Back], method: new Method());
    $start = placed($head, 48, 52, 20, 15);
    $days = [0, 7, 14, 21];
    $choices = [
        new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein),
        new WashOption(CleanseKind::Gentle, 2, StepKind::Conditioner, 3.0),
        new WashOption(CleanseKind::Shampoo, 1, StepKind::Mask, 15.0, true, StepKind::MildProtein),
        new WashOption(CleanseKind::CoWash, 1, StepKind::Mask, 40.0),
    ];
    // As the search goes by them: what anybody leaves out at home is left to the forecast.
    $forecast = Planner::forecast($start, $days, $choices, 27, besideAnybody: true);
    $terrain = new MeanSimulator($start, ForecastUncertainty::of($forecast));
    $means = MeanSimulator::means($start->state);
    foreach ($days as $i => $day) {
        $means = $terrain->washed($means, $choices[$i], $day);
        foreach (MeanSimulator::means($forecast[$day]->state) as $k => $value) {
            expect($means[$k])->toEqualWithDelta($value, 1e-9);
        }
        $means = $terrain->afterDays($means, $day, 7, $terrain->seals($choices[$i], $day));
    }
});

it('sums the days of a gap as day by day does, within 3 %', function (): void {
    $head = Make::head(Porosity::High);
    $start = placed($head, 40, 74, 30, 20);
    $forecast = Planner::forecast($start, [], [], 30);
    $terrain = new MeanSimulator($start, ForecastUncertainty::of($forecast));
    $daily = 0.0;
    foreach (array_slice($forecast, 0, 9) as $day => $point) {
        $daily += $terrain->costOfADay(MeanSimulator::means($point->state), $day);
    }
    expect(
        $terrain->costOfDays(MeanSimulator::means($start->state), 0, 9, false) / $daily,
    )->toEqualWithDelta(1.0, 0.03);
});

it('finds a way within 1 % of the avoidable cost of the best of all ways, where all can be tried', function (float $moisture, float $protein, float $buildUp, Porosity $porosity): void {
    $head = Make::head($porosity);
    $start = placed($head, $moisture, $protein, $buildUp, $buildUp);
    $days = [0, 7, 14, 21];
    $all = WashOptions::of($head);
    // A third of the choices, spread over cleanse, protein and conditioning, so that all ways can be counted out.
    $choices = array_values(array_filter(
        $all,
        fn (WashOption $choice): bool => in_array($choice->conditioningMinutes, [3.0, 25.0], true)
            && $choice->cleanse !== CleanseKind::Gentle,
    ));
    $doubt = ForecastUncertainty::of(Planner::forecast(
        $start,
        $days,
        array_fill(0, 4, WashOptions::houseRhythm($head)),
        27,
    ));
    $terrain = new MeanSimulator($start, $doubt);
    [, $found] = (new BeamSearch(
        $terrain,
        new HairAhead($terrain, $doubt),
        $choices,
        $days,
        27,
    ))->best($start, new RuleContext($head, 0));
    $best = cheapestOfAll(
        $terrain,
        $doubt,
        $choices,
        $days,
        MeanSimulator::means($start->state),
        (new RuleContext($head, 0))->on(
            0,
            7,
            (new HairAhead($terrain, $doubt))->of(MeanSimulator::means($start->state), 0),
        ),
    );
    $usual = [new WashOption(WashOptions::usualCleanse($head), 1, StepKind::Conditioner, 3.0)];
    [, $nothing] = (new BeamSearch(
        $terrain,
        new HairAhead($terrain, $doubt),
        $usual,
        $days,
        27,
    ))->best($start, new RuleContext($head, 0));
    expect($found)->toBeGreaterThanOrEqual($best - 1e-9);
    expect(($found - $best) / max(1e-9, $nothing - $best))->toBeLessThan(0.01);
})->with([
    'dry' => [38, 60, 8, Porosity::Medium],
    'weak' => [60, 38, 8, Porosity::High],
    'depleted under build-up' => [40, 40, 20, Porosity::Low],
    'stiff' => [44, 80, 10, Porosity::Medium],
    'limp' => [80, 45, 10, Porosity::High],
]);

it('changes its reasons with the inputs', function (): void {
    $head = Make::head();
    $dates = fn (float $moisture): array => array_map(
        fn (PlanItem $item): ?string => ($item->without['mask'] ?? null)?->date?->format('Y-m-d'),
        Planner::plan(placed($head, $moisture, 58), [])->items,
    );
    expect($dates(64))->not->toBe($dates(54));
    $weak = Planner::plan(placed($head, 60, 47), []);
    $strong = Planner::plan(placed($head, 60, 72), []);
    $firstProtein = fn (Plan $plan): int => (int) (
        array_values(array_filter($plan->items, fn (PlanItem $item): bool => $item->choice->protein !== null))[0]->day
            ?? 999
    );
    expect($firstProtein($weak))->toBeLessThan($firstProtein($strong));
    expect(implode(' ', English::all($weak->items[0]->reasons)))->toContain('protein');
});

it('names the day the mean leaves the band as a roll-on without the treatment finds it', function (): void {
    $head = Make::head();
    $start = placed($head, 57, 60);
    $plan = Planner::plan($start, []);
    $index = array_key_first(array_filter($plan->items, fn (PlanItem $item): bool => isset($item->without['mask'])));
    $choices = array_map(
        fn (PlanItem $item, int $i): WashOption => $i >= $index && $item->choice->masks()
            ? $item->choice->without(StepKind::Mask, CleanseKind::Shampoo, Parameters::shipped()->washDay)
            : $item->choice,
        $plan->items,
        array_keys($plan->items),
    );
    $forecast = Planner::forecast($start, array_column($plan->items, 'day'), $choices, 84);
    $first = array_key_first(array_filter(
        $forecast,
        fn (Snapshot $point, int $day): bool => $day >= $plan->items[$index]->day
            && $point->state->value(0, StateLayout::MOISTURE) < 45,
        ARRAY_FILTER_USE_BOTH,
    ));
    // Half of the drawn heads leave it when their mean does, but for a day where steps are done or left out.
    $apart = Calendar::daysBetween($forecast[$first]->date, $plan->items[$index]->without['mask']->date);
    expect(abs($apart))->toBeLessThanOrEqual(1);
    expect($plan->items[$index]->without['mask']->earliest <= $plan->items[$index]->without['mask']->date)->toBeTrue();
});

it('says which rule kept a treatment from coming earlier', function (): void {
    $head = Make::head(load: StylingLoad::Medium);
    $history = [Make::washDay(
        '2026-02-23',
        [Step::cleanse(CleanseKind::Clarifying), Step::strongProtein(10), Step::mask(25)],
    )];
    $plan = Planner::plan(placed($head, 58, 44, 30, 40), $history);
    $moved = array_filter($plan->items, fn (PlanItem $item): bool => $item->movedBy !== null);
    expect($moved)->not->toBeEmpty();
    expect(implode(' ', English::all(array_values($moved)[0]->reasons)))->toContain('Not earlier');
});

it('does no worse when a limit is loosened', function (): void {
    $cost = fn (?int $limit, PlanTerms $terms = new PlanTerms()): float => Planner::plan(
        placed(Make::head(limit: $limit), 45, 50),
        [],
        terms: $terms,
    )->cost;
    // A search that keeps a few ways finds one season a little nearer its best than the other.
    $last = INF;
    foreach ([50, 55, 60, 70, 80, 90, null] as $limit) {
        expect($cost($limit))->toBeLessThanOrEqual($last + 0.3, "limit {$limit}");
        $last = $cost($limit);
    }
    expect($cost(60))->toBeLessThan($cost(55) - 0.5)
        // With no time to style on the day after, each of these minutes is worth more.
        ->and($cost(80, new PlanTerms(week: new WeekTime([2 => 0]))))
        ->toBeLessThan($cost(60, new PlanTerms(week: new WeekTime([2 => 0]))) - 1.0)
        ->and($cost(60))->toBeLessThan($cost(60, new PlanTerms(week: new WeekTime([2 => 0]))) - 1.0);
});

it('says which rules clash where no choice is left', function (): void {
    $plan = Planner::plan(
        placed(Make::head(), 50, 55),
        [Make::washDay('2026-01-05', Make::usualWash())],
        terms: new Nagomi\Core\Planning\PlanTerms(stock: ['mask' => 0]),
    );
    $keys = array_map(fn ($rule): string => $rule->key(), $plan->items[0]->broken);
    // One rule asks for a mask, the other has none left: whichever is broken, both are told.
    expect($keys)->toBe(['in-stock'])
        ->and(implode(' ', English::all($plan->items[0]->clash->rules ?? [])))->toContain('mask')->toContain('stock');
});

it('masks for a few minutes where there is time for no more', function (): void {
    $plan = Planner::plan(
        placed(Make::head(limit: 60), 50, 55),
        [Make::washDay('2026-01-05', Make::usualWash())],
        // On the day after there is no time to style either.
        terms: new PlanTerms(week: new WeekTime([2 => 0])),
    );
    expect($plan->items[0]->broken)->toBe([])
        ->and($plan->items[0]->choice->masks())->toBeTrue()
        ->and($plan->items[0]->choice->conditioningMinutes)->toBeLessThan(10.0)
        ->and($plan->items[0]->minutes)->toBeLessThanOrEqual(60.0);
});

it('plans the same for the same input, for 1 to 26 weeks, and refuses other weeks', function (): void {
    $start = placed(Make::head(), 50, 55);
    $days = fn (Plan $plan): array => array_map(
        fn (PlanItem $item): array => [$item->day, $item->choice],
        $plan->items,
    );
    expect($days(Planner::plan($start, [], 4)))->toEqual($days(Planner::plan($start, [], 4)));
    expect(Planner::plan($start, [], 1)->items)->not->toBeEmpty();
    expect(max(array_column(Planner::plan($start, [], 26)->items, 'day')))->toBeGreaterThan(170);
    expect(fn () => Planner::plan($start, [], 27))->toRefuse(InvalidArgumentException::class, '1 to 26');
});

it('plans any rhythm the intake allows, from every other day to every fifth week', function (int $every): void {
    $plan = Planner::plan(placed(Make::head(every: $every), 50, 55), []);
    expect(count($plan->items))
        ->toBe(intdiv(84, $every) + 1)
        ->and(breaches(Make::head(every: $every), $plan))
        ->toBe([]);
})->with([2, 3, 5, 10, 21, 35]);

it('starts on the next wash day of the client’s rhythm, or today when that is past', function (): void {
    $first = fn (string $last): int => Planner::plan(
        placed(Make::head(), 55, 58),
        [Make::washDay($last, Make::usualWash())],
    )->items[0]->day;
    expect($first('2026-02-26'))->toBe(3)->and($first('2026-01-26'))->toBe(0)->and($first('2026-03-02'))->toBe(7);
});

it('books a look where the state is unsure and not at every wash', function (): void {
    $plan = Planner::plan(KalmanFilter::follow(Make::head(), [], [], Make::day())->last(), []);
    $looks = array_filter($plan->items, fn (PlanItem $item): bool => $item->look);
    expect($plan->items[0]->look)->toBeTrue()->and(count($looks))->toBeLessThan(count($plan->items) / 2);
});

it('asks for tests again only when the last are as old as looks are apart, or a chemical service came since', function (?int $read, ?int $service, bool $isLook): void {
    $limits = Parameters::shipped()->planning;
    $ago = static fn (?int $days): ?DateTimeImmutable => $days === null ? null : Make::day()->modify("-{$days} days");
    $evidence = ProteinEvidence::of($ago($read), null, $ago($service), [], Make::day(), $limits);
    // Not in balance for certain: without the last tests it would be tested first.
    $plan = Planner::plan(placed(Make::head(), 40, 40), [], 6, new PlanTerms(evidence: $evidence));
    expect($plan->items[0]->day)->toBe(0)->and($plan->items[0]->look)->toBe($isLook);
})->with([
    'never read' => [null, null, true], 'read today' => [0, null, false], 'read 20 days ago' => [20, null, false],
    'read 21 days ago' => [21, null, true], 'coloured after the tests' => [5, 3, true],
    'coloured before the tests' => [3, 5, false],
]);

it('gives every rule a key and a sentence of its own', function (): void {
    $rules = RuleCatalogue::rules();
    expect(array_unique(array_map(fn ($rule): string => $rule->key(), $rules)))->toHaveCount(count($rules));
    expect(
        array_unique(array_map(fn ($rule): string => English::say(
            RuleWords::sentence($rule, Parameters::shipped()->planning),
        ), $rules)),
    )->toHaveCount(count($rules));
});
