<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\DayParts;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\HairThen;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\RulesInForce;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Planning\Wishes;
use Nagomi\Core\Planning\WishKind;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** @return list<PlanTerms> terms of every kind */
function termsOfEveryKind(): array
{
    $day = Make::day();
    $programmes = array_map(
        static fn (ProgrammeKind $kind): PlanTerms => (new PlanTerms())->keepingTo([
            new Programme($kind, $day, $day->modify('+40 days')),
        ]),
        ProgrammeKind::cases(),
    );

    return [
        new PlanTerms(),
        ...$programmes,
        new PlanTerms(stock: ['mask' => 1, 'strong-protein' => 0]),
        new PlanTerms(salonDays: [$day], notAtHome: ['strong-protein'], homeMinutesLimit: 60),
        new PlanTerms(barredUntil: ['mild-protein' => $day->modify('+20 days')]),
        new PlanTerms(occasions: [
            new Occasion(OccasionKind::BestDay, $day->modify('+10 days'), $day->modify('+10 days')),
        ]),
        new PlanTerms(notReadYet: true),
        new PlanTerms(week: new WeekTime([1 => 55, 2 => 0])),
        new PlanTerms(takeDownOn: $day->modify('+14 days')),
        new PlanTerms(evidence: new ProteinEvidence(isRecent: true)),
        new PlanTerms(wishes: new Wishes([
            new Wish(WishKind::LeaveOut, $day, $day->modify('+30 days'), 'mask'),
        ])),
    ];
}

/** @return list<Head> heads of every kind */
function headsOfEveryKind(): array
{
    $with = static fn (
        array $method,
        bool $sore = false,
        bool $sensitive = false,
        ?int $limit = null,
    ): Head => Make::head(
        Porosity::Low,
        sensitive: $sensitive,
        sore: $sore,
        limit: $limit,
        method: new Method($method),
    );

    return [
        $with([]),
        $with(['oils' => 'none', 'mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar']),
        $with(['cleansing' => 'alternate-co-wash', 'pre-wash' => 'oil', 'oils' => 'seal']),
        $with(['protein' => 'avoided', 'cleansing' => 'two-passes'], sore: true),
        $with(['pre-wash' => 'oil', 'oils' => 'seal'], sensitive: true, limit: 70),
        new Head(
            Make::head()->zoneParts,
            400.0,
            redSign: true,
            swims: true,
            method: new Method(),
            bornOn: Make::day('2016-05-01'),
        ),
    ];
}

it('bars what all the rules bar, of every way of a season', function (): void {
    $chance = new SeededRandom(12);
    $compared = $barred = 0;
    foreach (headsOfEveryKind() as $head) {
        foreach (termsOfEveryKind() as $terms) {
            $rules = RulesInForce::of($head, $terms);
            foreach (WashOptions::of($head, $terms) as $option) {
                $day = $chance->between(0, 45);
                $maybe = static fn (int $least): ?int => $chance->happens(0.3) ? null : -$chance->between(0, $least);
                $standing = new RuleContext(
                    $head,
                    $day,
                    lastStrong: $maybe(50),
                    lastClarify: $maybe(30),
                    lastMask: $maybe(50),
                    proteinLast: $chance->happens(0.3),
                    nextWash: $day + $chance->between(1, 10),
                    hair: new HairThen(
                        $chance->happens(0.2),
                        $chance->happens(0.3),
                        $chance->happens(0.3),
                        $chance->between(0, 10) / 10,
                    ),
                    lastProtein: $maybe(40),
                    terms: $terms,
                    today: Make::day(),
                    lastMild: $maybe(30),
                    lastService: $maybe(40),
                    coWashLast: [null, true, false][$chance->between(0, 2)],
                );
                $keys = static fn (array $of): array => array_map(static fn (Rule $rule): string => $rule->key(), $of);
                $all = $keys(RuleCatalogue::barring($option, $standing));
                expect($keys($rules->barring($option, $standing)))->toBe($all);
                expect($rules->breaks($option, $standing))->toBe(count($all))
                    ->and($rules->breaks($option, $standing, 0))->toBe(min(1, count($all)));
                $compared++;
                $barred += $all === [] ? 0 : 1;
            }
        }
    }
    expect($compared)->toBeGreaterThan(2000)->and($barred)->toBeGreaterThan(1000)->toBeLessThan($compared);
});

it('puts in parts what a day has no time for, and leaves whole what fits', function (): void {
    $head = Make::head(method: new Method(['pre-wash' => 'oil', 'oils' => 'seal']));
    $options = WashOptions::of($head);
    $whole = array_values(array_filter($options, static fn (WashOption $one): bool => $one->masks()))[0];
    $parts = static function (?int $limit, int $day = 7, ?int $next = 14) use ($whole): WashOption {
        $head = Make::head(limit: $limit, method: new Method(['pre-wash' => 'oil', 'oils' => 'seal']));
        $start = Make::atTarget($head);
        $terrain = new MeanSimulator($start, ForecastUncertainty::of(Planner::forecast($start, [], [], 20)));

        return (new DayParts($terrain))->on(
            $whole,
            new RuleContext($head, $day, nextWash: $next, today: Make::day()),
        );
    };
    $minutes = (int) floor($whole->minutes($head));
    $evening = (int) floor($whole->preWashed(true)->minutes($head));
    $both = (int) floor($whole->preWashed(true)->styled(true)->minutes($head));
    expect($parts(null))->toBe($whole)
        ->and($parts($minutes + 1))->toBe($whole)
        ->and($parts($minutes - 1)->preWashBefore)->toBeTrue()
        ->and($parts($minutes - 1)->stylesAfter)->toBeFalse()
        ->and($parts($evening - 1)->stylesAfter)->toBeTrue()
        ->and($parts($evening - 1)->preWashBefore)->toBeTrue()
        // Neither is enough: it is as short as can be, and the rule on minutes says so.
        ->and($parts($both - 1)->preWashBefore)->toBeTrue()
        ->and($parts($both - 1)->stylesAfter)->toBeTrue()
        // No evening is left before today, no morning between two washes.
        ->and($parts($minutes - 1, 0)->preWashBefore)->toBeFalse()
        ->and($parts($evening - 1, 7, 8)->stylesAfter)->toBeFalse()
        ->and($parts($evening - 1, 7, 8)->preWashBefore)->toBeTrue();
});

it('puts a day that was set by hand in parts as well, and leaves its treatments alone', function (): void {
    $head = Make::head(limit: 55);
    $mask = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 10.0);
    $plan = Planner::plan(Make::atTarget($head), [], 4, new PlanTerms(byHand: [
        new FixedWashDay(Make::day('2026-03-12'), $mask, 'Asked for it', 'Ilse'),
    ]));
    $items = array_values(array_filter($plan->items, static fn (PlanItem $item): bool => $item->byHand !== null));
    expect($items)->toHaveCount(1)
        ->and($items[0]->choice->stylesAfter)->toBeTrue()
        ->and($items[0]->choice->conditioningMinutes)->toBe(10.0)
        ->and($items[0]->minutes)->toBeLessThanOrEqual(55.0)
        ->and($items[0]->broken)->toBe([]);
});
