<?php

declare(strict_types=1);


/*
 * What is to be expected of the hair on a wash day, against the same worked out by hand; what speaks for protein; and
 * the season that is taken down to what it needs.
 */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\HairAhead;
use Nagomi\Core\Planning\LeanSeason;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\SeasonWalk;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

it('expects what its means and their doubt say', function (): void {
    $head = Make::head();
    $start = Make::atTarget($head);
    $doubt = new ForecastUncertainty([array_fill(0, 85, 6.0)], [array_fill(0, 85, 8.0)], [array_fill(0, 85, 5.0)]);
    $terrain = new MeanSimulator($start, $doubt);
    $ahead = new HairAhead($terrain, $doubt);
    // Moisture, protein, washable and stubborn build-up; the band is 60 ± 15.
    expect($ahead->of([60, 60, 5, 5], 0)->dry)->toBeFalse()
        ->and($ahead->of([44.9, 60, 5, 5], 0)->dry)->toBeTrue()
        ->and($ahead->of([45.1, 60, 5, 5], 0)->dry)->toBeFalse()
        ->and($ahead->of([60, 60, 20, 14.9], 0)->loaded)->toBeFalse()
        ->and($ahead->of([60, 60, 20, 15.1], 0)->loaded)->toBeTrue()
        // Above 75 with 20 %: from 75 − 0.8416 · 8 on.
        ->and($ahead->of([60, 68.2, 5, 5], 0)->proteinHigh)->toBeFalse()
        ->and($ahead->of([60, 68.4, 5, 5], 0)->proteinHigh)->toBeTrue();
    // Where protein would be in 28 days at the lower edge of its band, it is below it with one half.
    $left = $terrain->afterDays([60.0, 60.0, 5.0, 5.0], 0, 28, false)[1] / 60;
    expect($ahead->of([60, 45 / $left, 5, 5], 0)->proteinLow)->toEqualWithDelta(0.5, 1e-9)
        ->and($ahead->of([60, (45 + 8) / $left, 5, 5], 40)->proteinLow)->toEqualWithDelta(0.158655, 1e-5)
        ->and($ahead->of([60, 90, 5, 5], 0)->proteinLow)->toBeLessThan(0.001);
});

it('looks at the strata that speak for the head', function (): void {
    // One zone of eight is too little of the head for its protein to be given to all of it.
    $head = Make::head(Porosity::High, [Zone::Crown]);
    $start = Make::atTarget($head);
    $small = array_search(min(array_column($head->strata, 'share')), array_column($head->strata, 'share'), true);
    $doubt = ForecastUncertainty::of(Planner::forecast($start, [], [], 60));
    $terrain = new MeanSimulator($start, $doubt);
    $means = MeanSimulator::means($start->state);
    $weak = $means;
    $weak[4 * $small + 1] = 20.0;
    $ahead = new HairAhead($terrain, $doubt);
    expect($head->strata[$small]->share)->toBeLessThan(0.25)
        ->and($ahead->of($weak, 0)->proteinLow)->toBe($ahead->of($means, 0)->proteinLow);
});

it('knows what speaks for protein and against it, to the day', function (
    ?int $read,
    ?int $protein,
    ?int $service,
    array $feels,
    array $expected,
): void {
    $today = Make::day('2026-03-09');
    $ago = fn (?int $days): ?DateTimeImmutable => $days === null ? null : $today->modify("-{$days} days");
    $evidence = ProteinEvidence::of(
        $ago($read),
        $ago($protein),
        $ago($service),
        array_map(fn (array $feel): array => [$ago($feel[0]), (float) $feel[1]], $feels),
        $today,
        Parameters::shipped()->planning,
    );
    expect([$evidence->isRecent, $evidence->isStiff, $evidence->isUnreadSinceProtein])->toBe($expected);
})->with([
    'read 42 days ago' => [42, null, null, [], [true, false, false]],
    'read 43 days ago' => [43, null, null, [], [false, false, false]],
    'never read, coloured last week' => [null, null, 7, [], [true, false, false]],
    'stiff a month ago' => [30, null, null, [[30, -2]], [true, true, false]],
    'not quite stiff' => [30, null, null, [[30, -1]], [true, false, false]],
    'stiff once, not since' => [10, null, null, [[30, -4], [10, 0]], [true, false, false]],
    'stiff longer ago than counts' => [10, null, null, [[50, -4]], [true, false, false]],
    'one zone of two is stiff' => [10, null, null, [[10, 1], [10, -3]], [true, true, false]],
    'not read since protein' => [20, 10, null, [], [true, false, true]],
    'read on the day of the protein, before it' => [10, 10, null, [], [true, false, true]],
    'read the day after' => [9, 10, null, [], [true, false, false]],
]);

it('reads the evidence out of what a filter went through', function (): void {
    $washDays = [
        Make::washDay('2026-01-05', [new Step(StepKind::ChemicalService)]),
        Make::washDay('2026-02-24', [Step::cleanse(CleanseKind::Gentle), Step::mildProtein(5)]),
    ];
    $stiff = Make::reading('2026-02-23', 'feel', ['points' => -4], zone: Zone::Nape);
    $run = KalmanFilter::through(
        new HeadHistory(Make::head(), $washDays, [...Make::fiveReadings('2026-02-23'), $stiff]),
        Make::day('2026-03-09'),
    );
    $planning = Parameters::shipped()->planning;
    expect(ProteinEvidence::ofRun($run, $washDays, Make::day('2026-03-09'), $planning))
        ->toEqual(new ProteinEvidence(true, true, true, readDaysAgo: 14));
});

it('takes out what costs less to leave out than it is worth, and nothing else', function (): void {
    $head = Make::head();
    $start = Make::atTarget($head);
    $days = [0, 7, 14, 21];
    // A mask, a clarifying cleanse and protein at every wash of hair that needs none of it.
    $lavish = new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0, false, StepKind::MildProtein);
    $doubt = ForecastUncertainty::of(Planner::forecast(
        $start,
        $days,
        array_fill(0, 4, WashOptions::houseRhythm($head)),
        27,
    ));
    $terrain = new MeanSimulator($start, $doubt);
    $walk = new SeasonWalk($start, new RuleContext($head, 0), $terrain, new HairAhead($terrain, $doubt), $days, 27);
    $lean = (new LeanSeason($walk, $terrain, $days))->of(array_fill(0, 4, $lavish));
    $count = fn (array $choices, callable $is): int => count(array_filter($choices, $is));
    expect($count($lean, fn (WashOption $one): bool => $one->protein !== null))->toBeLessThanOrEqual(1)
        ->and($count($lean, fn (WashOption $one): bool => $one->cleanse->clarifies()))->toBe(0)
        ->and($count($lean, fn (WashOption $one): bool => $one->masks()))->toBeGreaterThanOrEqual(1)->toBeLessThan(4);
    // By its own measure the season has not become dearer, treatment for treatment.
    $worth = Parameters::shipped()->planning->worthATreatment;
    expect((new LeanSeason($walk, $terrain, $days))->of($lean))->toEqual($lean)->and($worth)->toBeGreaterThan(0.0);
});

it('takes nothing out that was promised for its day', function (): void {
    $head = Make::head();
    $start = Make::atTarget($head);
    $lavish = new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0, false, StepKind::MildProtein);
    $promised = array_map(
        fn (string $treatment): array => [Make::day('2026-03-09'), $treatment],
        ['mask', 'clarifying', 'mild-protein'],
    );
    $terms = new PlanTerms(promised: $promised);
    $days = [0, 7, 14];
    $doubt = ForecastUncertainty::of(Planner::forecast($start, [], [], 20));
    $terrain = new MeanSimulator($start, $doubt, $terms);
    $standing = new RuleContext($head, 0, terms: $terms, today: $start->date);
    $walk = new SeasonWalk($start, $standing, $terrain, new HairAhead($terrain, $doubt), $days, 20);
    $lean = (new LeanSeason($walk, $terrain, $days))->of(array_fill(0, 3, $lavish));
    $day = array_search(
        '2026-03-09',
        array_map(fn (int $day): string => $terrain->date($day)->format('Y-m-d'), $days),
        true,
    );
    expect($lean[$day]->treatments())->toBe(['mask', 'mild-protein', 'clarifying']);
});

it('keeps a season that was promised as it stands, where nothing else has changed', function (Porosity $porosity): void {
    $start = Make::atTarget(Make::head($porosity));
    $treatments = fn (Plan $plan): array => array_map(
        fn (PlanItem $item): array => array_values(array_diff($item->choice->treatments(), ['heat'])),
        $plan->items,
    );
    $first = Planner::plan($start, [], 10);
    $promised = [];
    foreach ($first->items as $item) {
        foreach (array_diff($item->choice->treatments(), ['heat']) as $treatment) {
            $promised[] = [$item->date, $treatment];
        }
    }
    expect($promised)->not->toBe([])
        ->and(
            $treatments(Planner::plan($start, [], 10, new PlanTerms(promised: $promised))),
        )->toBe($treatments($first));
})->with([Porosity::Low, Porosity::Medium, Porosity::High]);
