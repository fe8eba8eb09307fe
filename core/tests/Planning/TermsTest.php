<?php

declare(strict_types=1);


/** @return list<PlanItem> */

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\OptionMinutes;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PriceLevel;
use Nagomi\Core\Planning\PromiseCost;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\WithinMinutes;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

function itemsWith(PlanItem|Plan $plan, string $treatment): array
{
    return array_values(array_filter(
        $plan->items,
        fn (PlanItem $item): bool => in_array($treatment, $item->choice->treatments(), true),
    ));
}

function planned(
    PlanTerms $terms,
    ?Head $head = null,
    float $moisture = 48,
    float $protein = 46,
    array $history = [],
): Plan {
    $head ??= Make::head();
    $start = Make::atTarget($head);
    $mean = $start->state->mean;
    foreach (array_keys($head->strata) as $s) {
        $mean[$start->state->layout->of($s, 0)] = $moisture;
        $mean[$start->state->layout->of($s, 1)] = $protein;
        $mean[$start->state->layout->of($s, 3)] = 25.0;
    }

    return Planner::plan(
        new Snapshot(
            $start->date,
            new Nagomi\Core\Estimation\State($start->state->layout, $mean, $start->state->covariance),
            false,
        ),
        $history,
        12,
        $terms,
    );
}

/** @return list<string> */
function daysOf(Plan $plan): array
{
    return array_map(fn (PlanItem $item): string => $item->date->format('Y-m-d'), $plan->items);
}

it('plans no wash on a day away, and the next as near as can be', function (): void {
    $terms = new PlanTerms(away: [[Make::day('2026-03-14'), Make::day('2026-03-27')]]);
    $days = daysOf(planned($terms));
    foreach ($days as $day) {
        expect($day < '2026-03-14' || $day > '2026-03-27')->toBeTrue();
    }
    expect($days)->toContain('2026-03-13')->toContain('2026-03-28');
    // Away for longer than the mask may wait: it comes on the last day before or the first after.
    $long = planned(
        new PlanTerms(away: [[Make::day('2026-03-10'), Make::day('2026-04-30')]]),
        history: [Make::washDay('2026-02-23', Make::usualWash())],
    );
    expect($long->items[2]->date->format('Y-m-d'))->toBe('2026-05-01')
        ->and($long->items[1]->choice->masks() || $long->items[2]->choice->masks())->toBeTrue();
});

it('keeps what is set by hand, whatever the rules say, and plans the rest round it', function (): void {
    $choice = new WashOption(CleanseKind::Clarifying, 3, StepKind::Mask, 40.0, false, StepKind::StrongProtein);
    $terms = new PlanTerms(byHand: [
        new FixedWashDay(Make::day('2026-03-18'), $choice, 'Her wedding is on the 20th', 'Ilse'),
    ]);
    $history = [Make::washDay(
        '2026-03-01',
        [Step::cleanse(CleanseKind::Clarifying), Step::strongProtein(10), Step::mask(25)],
    )];
    $plan = planned($terms, history: $history);
    $set = array_values(array_filter($plan->items, fn (PlanItem $item): bool => $item->byHand !== null));
    expect($set)
        ->toHaveCount(1)
        ->and($set[0]->date->format('Y-m-d'))
        ->toBe('2026-03-18')
        ->and($set[0]->choice)
        ->toBe($choice)
        ->and(English::say($set[0]->reasons[0]))->toBe('Set by hand by Ilse: Her wedding is on the 20th.')
        ->and(array_map(
            fn ($rule): string => $rule->key(),
            $set[0]->broken,
        ))->toContain('strong-protein-apart')->toContain('two-passes')
        ->and($set[0]->clash)->toBeNull();
    foreach ($plan->items as $item) {
        if ($item->byHand === null) {
            expect($item->broken)->toBe([]);
        }
    }
    // The next strong protein waits for the one set by hand.
    $next = array_values(array_filter(
        itemsWith($plan, 'strong-protein'),
        fn (PlanItem $item): bool => $item->date > Make::day('2026-03-18'),
    ));
    expect($next === [] || $next[0]->date >= Make::day('2026-04-15'))->toBeTrue();
});

it('asks why when a day is set by hand, and lets no day be set twice', function (): void {
    $choice = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0);
    expect(fn () => new FixedWashDay(Make::day(), $choice, '  '))->toRefuse(InvalidArgumentException::class, 'say why');
    expect(
        fn () => new PlanTerms(byHand: [
            new FixedWashDay(Make::day(), $choice, 'a'),
            new FixedWashDay(Make::day(), $choice, 'b'),
        ]),
    )->toRefuse(InvalidArgumentException::class, 'twice');
});

it('uses no more than there is in stock', function (): void {
    $free = planned(new PlanTerms());
    expect(count(itemsWith($free, 'mask')))
        ->toBeGreaterThan(2)
        ->and(count(itemsWith($free, 'strong-protein')))
        ->toBeGreaterThan(0);
    $short = planned(new PlanTerms(stock: ['mask' => 3, 'strong-protein' => 0]));
    expect(count(itemsWith($short, 'mask')))
        ->toBeLessThanOrEqual(3)
        ->and(itemsWith($short, 'strong-protein'))
        ->toBe([]);
});

it('keeps for the salon what is done in the salon only, and the home to its minutes', function (): void {
    $salon = [Make::day('2026-03-09'), Make::day('2026-04-06'), Make::day('2026-05-04')];
    $plan = planned(new PlanTerms(
        salonDays: $salon,
        notAtHome: ['strong-protein', 'clarifying'],
        homeMinutesLimit: 70,
    ));
    foreach ($plan->items as $item) {
        if (! in_array($item->date->format('Y-m-d'), array_map(fn ($day) => $day->format('Y-m-d'), $salon), true)) {
            expect(array_intersect($item->choice->treatments(), ['strong-protein', 'clarifying']))->toBe([])
                ->and($item->choice->minutes(Make::head()))->toBeLessThanOrEqual(70.0);
        }
    }
    // Every booked day is a wash day.
    foreach ($salon as $day) {
        expect(daysOf($plan))->toContain($day->format('Y-m-d'));
    }
});

it('waits for a patch test', function (): void {
    $plan = planned(new PlanTerms(barredUntil: [
        'strong-protein' => Make::day('2026-03-30'),
        'mild-protein' => Make::day('2026-03-30'),
    ]));
    foreach ([...itemsWith($plan, 'strong-protein'), ...itemsWith($plan, 'mild-protein')] as $item) {
        expect($item->date >= Make::day('2026-03-30'))->toBeTrue();
    }
});

it('moves a promised item only for a reason worth the move', function (): void {
    $terms = new PlanTerms(promised: [[Make::day('2026-03-16'), 'strong-protein']]);
    $choice = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein);
    $plain = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0);
    // Kept: nothing. Moved by a week: what one week costs, half where it is missing and half where it is done.
    expect(PromiseCost::of($terms, $choice, Make::day('2026-03-16'), Parameters::shipped()->planning))->toBe(0.0)
        ->and(
            PromiseCost::of($terms, $plain, Make::day('2026-03-16'), Parameters::shipped()->planning) + PromiseCost::of(
                $terms,
                $choice,
                Make::day('2026-03-23'),
                Parameters::shipped()->planning,
            ),
        )->toEqualWithDelta(Parameters::shipped()->planning->costOfAMovedPromise, 1e-12)
        ->and(
            PromiseCost::of($terms, $plain, Make::day('2026-03-16'), Parameters::shipped()->planning) + PromiseCost::of(
                $terms,
                $choice,
                Make::day('2026-04-06'),
                Parameters::shipped()->planning,
            ),
        )->toEqualWithDelta(3 * Parameters::shipped()->planning->costOfAMovedPromise, 1e-12)
        ->and(PromiseCost::of($terms, $plain, Make::day('2026-03-23'), Parameters::shipped()->planning))->toBe(0.0);
});

it('costs what is used up, and takes the cheaper way where all else is alike', function (): void {
    $choice = new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein);
    expect((new PlanTerms())->price($choice, Parameters::shipped()->planning))->toBe(
        Parameters::shipped()->planning->treatmentPrice['mask']
            + Parameters::shipped()->planning->treatmentPrice['strong-protein']
            + Parameters::shipped()->planning->treatmentPrice['clarifying'],
    )
        ->and((new PlanTerms(prices: ['mask' => 8.0]))->price(new WashOption(
            CleanseKind::Gentle,
            1,
            StepKind::Mask,
            25.0,
        ), Parameters::shipped()->planning))->toBe(8.0);
    $dear = planned(new PlanTerms(prices: ['mask' => 900.0]));
    expect(count(itemsWith($dear, 'mask')))->toBeLessThan(count(itemsWith(planned(new PlanTerms()), 'mask')));
    expect(planned(new PlanTerms())->price)->toBeGreaterThan(0.0);
});

it('reads off a wash day what a currency unit buys, coarsely', function (array $prices, int $level): void {
    expect(PriceLevel::of($prices, Parameters::shipped()->planning))->toBe($level);
})->with([
    'none said' => [[], 1], 'for nothing' => [[0.0], 1], 'euros' => [[85.0], 1], 'dinars' => [[22.0], 1],
    'rand' => [[450.0, 520.0, 0.0], 10], 'naira' => [[25_000.0], 100], 'yen' => [[12_000.0], 100],
    'rupiah' => [[350_000.0], 10_000],
]);

it('plans alike in every currency', function (): void {
    $days = static fn (PlanTerms $terms): array => array_map(
        static fn (PlanItem $item): string => $item->date->format('Y-m-d ') . implode(' ', $item->choice->treatments()),
        planned($terms)->items,
    );
    $prices = ['mask' => 5.0, 'mild-protein' => 4.0];
    $dear = array_map(static fn (float $price): float => 100 * $price, $prices);
    $plain = new PlanTerms(prices: $prices);
    $naira = new PlanTerms(prices: $dear, priceLevel: 100);
    expect($days($naira))->toBe($days($plain))
        ->and(planned($naira)->price)->toEqualWithDelta(100 * planned($plain)->price, 1e-9)
        ->and(planned(new PlanTerms(priceLevel: 100))->price)
        ->toEqualWithDelta(100 * planned(new PlanTerms())->price, 1e-9)
        // Weighed as if they were euros, few masks would be left.
        ->and(count(itemsWith(planned(new PlanTerms(prices: $dear)), 'mask')))
        ->toBeLessThan(count(itemsWith(planned($naira), 'mask')))
        ->and(static fn (): PlanTerms => new PlanTerms(priceLevel: 0))->toThrow(InvalidArgumentException::class);
});

it('says which rules clash on a day without a way open, and what would free it', function (): void {
    $head = Make::head(limit: 30);
    $plan = planned(new PlanTerms(), $head);
    expect($plan->clashes)->not->toBeEmpty();
    $clash = $plan->clashes[0];
    expect(implode(' ', English::all($clash->rules)))->toContain('no longer than the client has time for')
        ->and(implode(' ', English::all($clash->frees)))->toMatch('/allow the day at least \d+ minutes/');
    // Freed as it says, the plan has no clash left.
    preg_match('/at least (\d+) minutes/', implode(' ', English::all($clash->frees)), $found);
    expect(planned(new PlanTerms(), Make::head(limit: (int) $found[1]))->clashes)->toBe([]);
});

it('lets nothing but gentle care go on until a red sign is cleared', function (): void {
    $head = new Head(
        Make::head()->zoneParts,
        load: Nagomi\Core\Head\StylingLoad::Heavy,
        redSign: true,
        method: new Method(['mask-heat' => 'cap-or-hood']),
    );
    $plan = planned(new PlanTerms(), $head);
    foreach ($plan->items as $item) {
        expect(array_diff($item->choice->treatments(), ['mask']))->toBe([])->and($item->broken)->toBe([]);
    }
});

it('masks and gives protein by the calendar where the house does', function (): void {
    $head = Make::head(method: new Method(
        ['mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar', 'oils' => 'none'],
    ));
    $plan = planned(
        new PlanTerms(),
        $head,
        62,
        62,
        [Make::washDay('2026-02-23', [Step::cleanse(CleanseKind::Shampoo), Step::strongProtein(10), Step::mask(25)])],
    );
    $gaps = function (array $items): int {
        $days = array_map(fn (PlanItem $item): int => $item->day, $items);
        $before = -7;
        $widest = 0;
        foreach ($days as $day) {
            $widest = max($widest, $day - $before);
            $before = $day;
        }

        return $widest;
    };
    expect($gaps(itemsWith($plan, 'mask')))->toBeLessThanOrEqual(14)
        ->and($gaps([...array_filter(
            $plan->items,
            fn (PlanItem $item): bool => $item->choice->protein !== null,
        )]))->toBeLessThanOrEqual(42);
});

it('uses no oil where the method has none', function (): void {
    $plan = planned(new PlanTerms(), Make::head(method: new Method(['oils' => 'none', 'pre-wash' => 'oil'])));
    foreach ($plan->items as $item) {
        expect($item->choice->preWash)->toBeNull();
    }
});

it('says how sure a reason is, in words and number', function (): void {
    $plan = planned(new PlanTerms(), null, 58, 58);
    $said = array_merge(...array_map(
        fn (PlanItem $item): array => array_map(
            fn ($without): float => $without->certainty,
            array_values($item->without),
        ),
        $plan->items,
    ));
    expect($said)->not->toBeEmpty();
    foreach ($plan->items as $item) {
        foreach ($item->without as $without) {
            expect($without->certainty)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
            if ($without->date !== null) {
                expect($without->certainty)->toBeGreaterThanOrEqual(0.5);
            }
        }
        expect($item->brokenHairs)->toBeGreaterThan(0.0);
    }
});

it('refuses terms that cannot be', function (callable $make, string $sentence): void {
    expect($make)->toRefuse(InvalidArgumentException::class, $sentence);
})->with([
    [fn () => new PlanTerms(stock: ['soap' => 1]), 'soap: choose one of'],
    [fn () => new PlanTerms(stock: ['mask' => -1]), '0 or more'],
    [fn () => new PlanTerms(homeMinutesLimit: 5), '10 to 480'],
    [fn () => new PlanTerms(away: [[Make::day('2026-03-10'), Make::day('2026-03-09')]]), 'before the first'],
]);

it('goes by what a day takes as it is laid out, not by what it takes at most', function (): void {
    $minutes = new class () implements OptionMinutes {
        public function of(WashOption $choice, Head $head): float
        {
            return 82.0;
        }

        public function on(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float
        {
            return 79.0;
        }

        public function more(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float
        {
            return 0.0;
        }
    };
    $allows = static fn (int $limit): bool => (new WithinMinutes())->allows(
        WashOptions::of(Make::head())[0],
        new RuleContext(Make::head(limit: $limit), 0, terms: new PlanTerms(minutes: $minutes), today: Make::day()),
    );
    expect([$allows(78), $allows(79), $allows(80), $allows(82)])->toBe([false, true, true, true]);
});
