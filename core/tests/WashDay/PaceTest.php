<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\ContentShare;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\CareMinutes;
use Nagomi\Core\WashDay\DetanglingDay;
use Nagomi\Core\WashDay\DetanglingHistory;
use Nagomi\Core\WashDay\DetanglingPace;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\PacedSteps;
use Nagomi\Core\WashDay\PaceHistory;
use Nagomi\Core\WashDay\PlannedPaces;
use Nagomi\Core\WashDay\SimilarPace;
use Nagomi\Core\WashDay\WashDayBuilder;

/** @return WashDay so many weeks ago, detangled in so many minutes of all four sections */
function detangled(int $weeksAgo, float $minutes, string $tool = 'comb', Step ...$besides): WashDay
{
    return Make::washDay(
        Make::day()->modify('-' . 7 * $weeksAgo . ' days')->format('Y-m-d'),
        [...array_values($besides), Step::detangle($minutes, $tool, 'wet-with-slip')],
    );
}

it('learns the pace of a head from its own past, leaning on the usual while that is short', function (): void {
    $head = Make::head();
    $day = new DetanglingDay();
    $of = fn (array $days): DetanglingPace => Pace::of($head, $days)->detangling;
    $usual = $of([]);
    expect($usual->minutes($day))
        ->toEqualWithDelta(Parameters::shipped()->washDay->detangleASectionMinutes, 1e-9)
        ->and($usual->days)->toBe(0);
    $once = $of([detangled(1, 36)]);
    $often = $of(array_map(fn (int $i): WashDay => detangled($i, 36), range(1, 30)));
    // Weighed by hand: 3 usual days of 4.5 and one of 9 minutes give 4.5 · 2^(1/4).
    expect($once->minutes($day))->toEqualWithDelta(4.5 * 2 ** 0.25, 1e-9)
        ->and($often->minutes($day))->toEqualWithDelta(9.0, 0.7)
        ->and($often->spread($day))->toBeLessThan($usual->spread($day));
});

it('knows of a detangling nobody timed when it was, and not how fast', function (): void {
    $untimed = Make::washDay(Make::day()->modify('-7 days')->format('Y-m-d'), [
        new Step(StepKind::Detangle, how: 'wet-with-slip', tool: 'comb'),
    ]);
    [$head, $before] = [Make::head(), detangled(2, 36)];
    [$alone, $both] = [Pace::of($head, [$before])->detangling, Pace::of($head, [$before, $untimed])->detangling];
    expect($both->days)->toBe(1)
        ->and($both->minutes(new DetanglingDay()))->toBe($alone->minutes(new DetanglingDay()))
        ->and(DetanglingHistory::last([$before, $untimed], Make::day()))->toEqual($untimed->date);
    // The next one comes a week after it, and not two after the one that was timed.
    $timed = DetanglingHistory::of($head, [$before, $untimed, detangled(0, 30)], []);
    expect($timed)->toHaveCount(2)->and($timed[1]['day']->gapTimes)->toBe(1.0);
});

it('takes longer by fingers, without slip and after a longer gap, and less with a pre-wash', function (): void {
    $pace = Pace::of(Make::head(), [])->detangling;
    $minutes = fn (DetanglingDay $day): float => $pace->minutes($day) / $pace->minutes(new DetanglingDay());
    $times = Parameters::shipped()->washDay->detanglingTimes;
    expect($minutes(new DetanglingDay('fingers')))->toEqualWithDelta($times['fingers'], 1e-9)
        ->and($minutes(new DetanglingDay('brush')))->toEqualWithDelta($times['brush'], 1e-9)
        ->and($minutes(new DetanglingDay('comb', 'dry-without')))->toEqualWithDelta($times['dry-without'], 1e-9)
        ->and($minutes(new DetanglingDay('comb', 'wet-without', true)))
            ->toEqualWithDelta($times['wet-without'] * $times['pre-wash'], 1e-9)
        ->and($minutes(new DetanglingDay(gapTimes: 2)))->toEqualWithDelta($times['twice-the-days'], 1e-9)
        ->and($minutes(new DetanglingDay(gapTimes: 4)))->toEqualWithDelta($times['twice-the-days'] ** 2, 1e-9)
        // A year away is no longer than a few weeks.
        ->and($minutes(new DetanglingDay(gapTimes: 50)))->toBe($minutes(new DetanglingDay(gapTimes: 5)));
    // What nobody has seen on this head is less sure.
    expect($pace->spread(new DetanglingDay('fingers')))->toBeGreaterThan($pace->spread(new DetanglingDay()));
});

it('learns what each of them does to one head, and says what is its own', function (): void {
    $random = new SeededRandom(5);
    $days = [];
    foreach (range(1, 60) as $i) {
        // Fingers take twice as long as a comb here, a pre-wash halves it, a take-down costs half as much again.
        $tool = $i % 2 === 0 ? 'fingers' : 'comb';
        $isPreWashed = $i % 3 === 0;
        $isTakenDown = $i % 5 === 0;
        $minutes = 20 * ($tool === 'fingers' ? 2 : 1) * ($isPreWashed ? 0.5 : 1) * ($isTakenDown ? 1.5 : 1)
            * exp(0.1 * $random->normal());
        $days[] = detangled($i, $minutes, $tool, ...$isPreWashed ? [Step::preWash('oil', 30)] : []);
        $down[] = $isTakenDown ? $days[$i - 1]->date : Make::day('2001-01-01');
    }
    $pace = Pace::of(Make::head(), $days, history: new PaceHistory([], $down))->detangling;
    $comb = $pace->minutes(new DetanglingDay());
    expect($comb)->toEqualWithDelta(5.0, 0.5)
        ->and($pace->minutes(new DetanglingDay('fingers')) / $comb)->toEqualWithDelta(2.0, 0.2)
        ->and($pace->minutes(new DetanglingDay(isPreWashed: true)) / $comb)->toEqualWithDelta(0.5, 0.08)
        ->and($pace->minutes(new DetanglingDay(isTakenDown: true)) / $comb)->toBeGreaterThan(1.25)->toBeLessThan(1.6);
    $because = $pace->because(new DetanglingDay('fingers', 'wet-without'));
    expect(array_keys($because))->toBe(['fingers', 'wet-without'])
        ->and($because['fingers']['isLearned'])->toBeTrue()
        ->and($because['fingers']['times'])->toEqualWithDelta(2.0, 0.2)
        // Nothing was ever seen without slip here: that is the trade's.
        ->and($because['wet-without']['times'])->toEqualWithDelta(1.4, 1e-9)
        ->and($because['wet-without']['isLearned'])->toBeFalse();
});

it('holds eight of ten minutes of heads drawn from what is believed', function (): void {
    $random = new SeededRandom(11);
    $parameters = Parameters::shipped()->washDay;
    $within = $all = 0;
    foreach (range(1, 300) as $ignored) {
        $level = log(4.5) + 0.35 / sqrt(3) * $random->normal();
        $fingers = log($parameters->detanglingTimes['fingers']) + 0.2 * $random->normal();
        $days = [];
        foreach (range(1, 12) as $i) {
            $tool = $random->uniform() < 0.5 ? 'fingers' : 'comb';
            $minutes = exp($level + ($tool === 'fingers' ? $fingers : 0.0) + 0.35 * $random->normal());
            $day = new DetanglingDay($tool);
            $pace = DetanglingPace::learned($days, 4.5, $parameters);
            $within += (int) (abs(log($minutes / $pace->minutes($day))) < 1.2816 * $pace->spread($day));
            $all++;
            $days[] = ['day' => $day, 'minutes' => $minutes];
        }
    }
    expect($within / $all)->toBeGreaterThan(0.75)->toBeLessThan(0.85);
});

it('counts what was timed at the hair tests, once where the wash day says it too', function (): void {
    $head = Make::head();
    $read = fn (string $date): Reading => new Reading('d', Make::day($date), Moment::AfterCleansing, 'detangling', [
        'timed' => [['seconds' => 300, 'tool' => 'fingers'], ['seconds' => 420, 'tool' => 'fingers']],
        'minutes' => 12, 'sections' => 2, 'knots_cut' => 0,
    ]);
    $washDay = Make::washDay('2026-02-02', [Step::detangle(20, 'comb', 'wet-with-slip')]);
    $timed = DetanglingHistory::of($head, [$washDay], [$read('2026-02-02'), $read('2026-02-09')]);
    expect($timed)->toHaveCount(2)
        ->and($timed[0]['minutes'])->toEqualWithDelta(5.0, 1e-9)
        ->and($timed[1]['minutes'])->toEqualWithDelta(6.0, 1e-9)
        ->and($timed[1]['day']->tool)->toBe('fingers');
    $about = new WashDay('about', Make::day('2026-02-02'), $washDay->steps, approximate: true);
    expect(DetanglingHistory::of($head, [$about], []))->toBe([]);
});

it('puts the same minutes into the plan and the wash day, by the tool and the pre-wash of that day', function (): void {
    $head = Make::head();
    $pace = Pace::of($head, []);
    $doing = [
        Step::preWash('oil', 30), Step::cleanse(CleanseKind::Gentle), Step::conditioner(3),
        Step::detangle(9, 'fingers', 'wet-without'),
    ];
    $planned = PacedSteps::of($doing, $head, $pace)[3]->minutes;
    $built = array_values(array_filter(
        WashDayBuilder::plan($head, $doing, $pace)->steps,
        fn ($step): bool => $step->key === 'detangle',
    ));
    $times = Parameters::shipped()->washDay->detanglingTimes;
    expect($planned)->toEqualWithDelta(4 * 4.5 * $times['fingers'] * $times['wet-without'] * $times['pre-wash'], 0.05)
        ->and($built[0]->handsOnMinutes)->toEqualWithDelta($planned, 0.05);
});

it('leans on the other heads of the salon as far as they are alike, each once', function (): void {
    $similar = new SimilarPace(Parameters::shipped()->washDay);
    $head = fn (float $minutes, int $times, int $mm, string $density): array => [
        'minutes' => $minutes, 'times' => $times, 'length_mm' => $mm, 'density' => $density,
    ];
    $usual = $similar->minutes(300, 'medium', []);
    expect($usual)->toEqualWithDelta(4.5, 1e-9)
        ->and($similar->minutes(null, 'not-measured', [$head(20, 50, 300, 'medium')]))->toEqualWithDelta(4.5, 1e-9)
        ->and($similar->minutes(600, 'medium', []))->toBeGreaterThan($usual)
        ->and($similar->minutes(300, 'high', []))->toBeGreaterThan($usual)
        ->and($similar->minutes(300, 'low', []))->toBeLessThan($usual);
    $alike = $similar->minutes(300, 'medium', [$head(9, 40, 300, 'medium')]);
    expect($alike)->toBeGreaterThan($usual)->toBeLessThan(9.0)
        ->and($similar->minutes(300, 'medium', [$head(9, 400, 300, 'medium')]))->toEqualWithDelta($alike, 0.1)
        ->and($similar->minutes(300, 'medium', [$head(9, 2, 300, 'medium')]))->toBeLessThan($alike)
        ->and($similar->minutes(300, 'medium', [$head(9, 40, 330, 'medium')]))->toBeLessThan($alike)
        ->and($similar->minutes(300, 'medium', [$head(9, 40, 1200, 'medium')]))->toEqualWithDelta($usual, 0.01);
    // Twice as long and dense, and as slow as that is for: nothing of its own to say of a short thin one.
    $many = array_fill(0, 40, $head($similar->minutes(600, 'high', []), 40, 600, 'high'));
    expect($similar->minutes(300, 'medium', $many))->toEqualWithDelta($usual, 1e-9);
    $slow = array_fill(0, 60, $head(9, 40, 300, 'medium'));
    expect($similar->minutes(300, 'medium', $slow))->toEqualWithDelta(9.0, 0.4);
});

it('learns how long each way of drying takes, and what heavy butter adds', function (): void {
    $head = Make::head();
    $of = fn (array $dried, array $washDays = [], array $readings = []): Pace => Pace::of(
        $head,
        $washDays,
        $readings,
        history: new PaceHistory($dried),
    );
    $on = Make::day();
    $slow = array_map(fn (int $i): DriedDay => new DriedDay($on, 'hood', 90), range(1, 12));
    $usual = $of([])->drying;
    expect($usual->minutes('hood'))->toEqualWithDelta(60.0, 1e-9)
        ->and($of($slow)->drying->minutes('hood'))->toEqualWithDelta(90.0, 5.0)
        // Slow under the hood, it is slower in the air as well, less surely so.
        ->and($of($slow)->drying->minutes('air'))
            ->toBeGreaterThan($usual->minutes('air'))
            ->toBeLessThan(1.5 * $usual->minutes('air'))
        ->and($of($slow)->drying->spread('hood'))->toBeLessThan($usual->spread('hood'));
    $butter = Step::leaveIn()->with(new BottleContents(['sealing' => new ContentShare(20, 25, 40)]));
    $heavy = Make::washDay('2026-02-20', [$butter]);
    $light = Make::washDay('2026-02-27', [Step::leaveIn()]);
    $times = Parameters::shipped()->washDay->heavyDryTimes;
    expect($of([], [$heavy])->drying->minutes('air') / $usual->minutes('air'))->toEqualWithDelta($times, 1e-9)
        ->and($of([], [$light, $heavy])->drying->minutes('air'))->toBe($usual->minutes('air'));
    $learned = $of(array_map(
        fn (int $i): DriedDay => new DriedDay($on, 'air', $i % 2 === 0 ? 400 : 200, $i % 2 === 0),
        range(1, 40),
    ));
    expect($learned->drying->heavyTimes())->toEqualWithDelta(2.0, 0.2);
    $dries = new Reading('d', $on, Moment::Home, 'drying', ['minutes' => 300]);
    expect($of([], [], [$dries])->drying->minutes('air'))->toBeGreaterThan($usual->minutes('air'));
    $held = array_values(array_filter(
        WashDayBuilder::plan($head, [Step::leaveIn()], $of($slow), DryingMethod::Hood)->steps,
        fn ($step): bool => $step->key === 'dry',
    ));
    expect($held[0]->waitingMinutes)->toEqualWithDelta($of($slow)->drying->minutes('hood'), 1e-9);
});

it('refuses a drying that cannot be', function (string $by, float $minutes, string $says): void {
    expect(fn () => new DriedDay(Make::day(), $by, $minutes))->toRefuse(InvalidArgumentException::class, $says);
})->with([
    ['sun', 30, 'choose of air, fan'], ['air', 0, 'give 0.5 to 1440'], ['air', 1441, 'give 0.5 to 1440'],
    ['air', NAN, 'give 0.5'],
]);

it('keeps to the time there is also where the days before a wash make it longer', function (): void {
    $pace = Pace::of(Make::head(every: 4, limit: 60), []);
    $history = [detangled(2, 18)];
    foreach ([50, 55, 60, 65, 70, 80] as $limit) {
        $head = Make::head(every: 4, limit: $limit);
        $start = KalmanFilter::follow($head, [], [], Make::day())->last();
        $plan = Planner::plan($start, $history, 8, (new PlanTerms())->timedBy(new CareMinutes($pace)));
        $paced = PlannedPaces::of($plan->items, $head, $pace, $history[0]->date, null);
        foreach ($paced as ['item' => $item]) {
            expect($item->broken !== [] || $item->minutes <= $limit + 1e-9)
                ->toBeTrue("{$item->date->format('Y-m-d')}: {$item->minutes} of {$limit}");
        }
    }
    // Without a limit the first, two weeks after the last for a client who washes every four days, takes longer.
    $head = Make::head(every: 4);
    $start = KalmanFilter::follow($head, [], [], Make::day())->last();
    $items = Planner::plan($start, $history, 8, (new PlanTerms())->timedBy(new CareMinutes($pace)))->items;
    expect($items[0]->minutes)->toBeGreaterThan((new CareMinutes($pace))->of($items[0]->choice, $head) + 3);
    // As the wash day of that day is laid out, to the last bit.
    [$first] = PlannedPaces::of($items, $head, $pace, $history[0]->date, null);
    expect($items[0]->minutes)->toBe((new CareMinutes($first['pace']))->of($items[0]->choice, $head));
});
