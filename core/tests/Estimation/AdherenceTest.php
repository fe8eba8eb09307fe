<?php

declare(strict_types=1);

/*
 * How much of a plan is done at home: learned from what was told of it, said with its doubt, and reckoned with in the
 * filter, the forecast and the plan.
 */

use Nagomi\Core\Estimation\Adherence;
use Nagomi\Core\Estimation\ExpectedWash;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\HomeStep;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\MeantSteps;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\PathSimulator;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Statistics\Beta;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\Validation\FilterScore;
use Nagomi\Core\Validation\SimulatedLife;

/**
 * @param list<Step>      $told
 * @param list<Step>|null $planned
 */
function plannedWash(array $told, ?array $planned, int $week = 0, Place $place = Place::Home): WashDay
{
    return new WashDay("w{$week}", Make::day()->modify("+{$week} weeks"), $told, $place, planned: $planned);
}

/** Habits of somebody who was to mask so long at each wash, and told of so many of these masks. */
function habitsOfMasks(int $told, int $times, float $minutes = 25): HomeHabits
{
    $habits = HomeHabits::assumed(Parameters::shipped()->habits);
    for ($week = 0; $week < $times; $week++) {
        $isDone = intdiv(($week + 1) * $told, $times) > intdiv($week * $told, $times);
        $habits = $habits->after(plannedWash(
            [Step::cleanse(CleanseKind::Gentle), $isDone ? Step::mask($minutes) : Step::conditioner(3)],
            [Step::cleanse(CleanseKind::Gentle), Step::mask($minutes), Step::leaveIn()],
            $week,
        ));
    }

    return $habits;
}

/** A head at its targets, with these habits. */
function withHabits(HomeHabits $habits, Porosity $porosity = Porosity::Medium): Snapshot
{
    $start = Make::atTarget(Make::head($porosity));

    return new Snapshot($start->date, $start->state, $start->sealed, $start->tight, $habits);
}

it('assumes of anybody what the parameters say, and learns from washes at home with a plan alone', function (): void {
    $parameters = Parameters::shipped()->habits;
    $assumed = Adherence::assumed($parameters);
    foreach (HomeStep::cases() as $step) {
        expect($assumed->share($step))->toEqualWithDelta($parameters->kept[$step->value], 1e-12)
            ->and($assumed->times($step))->toEqualWithDelta(0.0, 1e-9)
            ->and($assumed->told($step))->toBe(0.0);
    }
    $told = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3)];
    expect($assumed->after(plannedWash($told, null)))->toBe($assumed)
        ->and($assumed->after(plannedWash($told, [Step::mask(25)], place: Place::Salon)))->toBe($assumed)
        ->and($assumed->after(plannedWash([new Step(StepKind::Swim, how: 'sea')], [Step::mask(25)])))->toBe($assumed)
        ->and($assumed->kept(Step::cleanse(CleanseKind::Gentle)))->toBe(1.0)
        ->and($assumed->kept(Step::detangle(20, 'comb', 'wet-with-slip')))->toBe(1.0)
        ->and($assumed->kept(Step::mask(25)))->toBeLessThan($assumed->kept(Step::mask(5)));
});

it('tells short masks from long ones, and counts a conditioner in a mask’s place as none', function (): void {
    $never = habitsOfMasks(0, 10)->adherence;
    $short = habitsOfMasks(10, 10, 5)->adherence;
    expect($never->share(HomeStep::LongMask))->toBeLessThan(0.5)
        ->and($never->times(HomeStep::LongMask))->toEqualWithDelta(10.0, 1e-9)
        ->and($never->told(HomeStep::LongMask))->toEqual(0)
        ->and(habitsOfMasks(7, 10)->adherence->told(HomeStep::LongMask))->toEqual(7)
        ->and($never->share(HomeStep::ShortMask))->toBe(Parameters::shipped()->habits->kept['short-mask'])
        ->and($short->share(HomeStep::ShortMask))->toBeGreaterThan(0.95)
        ->and($short->share(HomeStep::LongMask))->toBe(Parameters::shipped()->habits->kept['long-mask'])
        // The leave-in that was planned too was never told of.
        ->and($never->share(HomeStep::LeaveIn))->toBeLessThan(0.5);
    // Who was to condition and masked did what was asked, and more.
    $more = Adherence::assumed(Parameters::shipped()->habits);
    foreach (range(1, 8) as $week) {
        $more = $more->after(plannedWash([Step::mask(20)], [Step::conditioner(3)], $week));
    }
    expect($more->share(HomeStep::Conditioner))->toBeGreaterThan(0.95)
        ->and($more->follows(HomeStep::LongMask))->toBeLessThan(0.4);
});

it('finds again what share of planned steps is done, though some are not told of', function (float $done): void {
    $parameters = Parameters::shipped()->habits;
    $chance = new SeededRandom(77);
    $planned = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3), Step::leaveIn()];
    $adherence = Adherence::assumed($parameters);
    foreach (range(1, 300) as $week) {
        $told = $chance->happens($done) && ! $chance->happens($parameters->forgotten);
        $steps = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3), ...($told ? [Step::leaveIn()] : [])];
        $adherence = $adherence->after(plannedWash($steps, $planned, $week));
    }
    [$least, $most] = $adherence->interval(HomeStep::LeaveIn);
    expect($adherence->share(HomeStep::LeaveIn))->toEqualWithDelta($done, 0.05)
        ->and($least)->toBeLessThan($adherence->share(HomeStep::LeaveIn))
        ->and($most)->toBeGreaterThan($adherence->share(HomeStep::LeaveIn))
        ->and($most - $least)->toBeLessThan(0.1);
})->with([0.3, 0.6, 0.87, 1.0]);

it('keeps its numbers with the habits, and takes those that were kept before plans were told of', function (): void {
    $parameters = Parameters::shipped()->habits;
    $habits = habitsOfMasks(3, 9);
    expect(HomeHabits::ofNumbers($parameters, $habits->numbers()))->toEqual($habits);
    $before = array_slice($habits->numbers(), 0, -count($habits->adherence->numbers()));
    $read = HomeHabits::ofNumbers($parameters, $before);
    expect($read->masks->due())->toBe($habits->masks->due())
        ->and($read->adherence)->toEqual(Adherence::assumed($parameters))
        ->and(Adherence::ofNumbers($parameters, [1.0]))->toEqual(Adherence::assumed($parameters));
});

it('expects a wash by plan as far as plans were kept to, and by habit for the rest', function (): void {
    $parameters = Parameters::shipped()->habits;
    $planned = [Step::cleanse(CleanseKind::Clarifying), Step::strongProtein(10), Step::mask(25), Step::leaveIn()];
    [$keen, $loose] = [habitsOfMasks(12, 12), habitsOfMasks(0, 12)];
    $of = static fn (HomeHabits $habits, ?array $plan): ExpectedWash => ExpectedWash::of($plan, $habits, $parameters);
    expect($of($keen, null)->mask)->toBe($keen->masks->due())
        ->and($of($keen, $planned)->mask)->toBeGreaterThan(0.97)
        ->and($of($loose, $planned)->mask)->toBeLessThan(0.4)
        ->and($of($keen, $planned)->protein)->toBeGreaterThan(0.75)
        ->and($of($keen, $planned)->strong)->toBeGreaterThan(0.85)
        ->and($of($keen, [Step::cleanse(CleanseKind::Gentle), Step::mildProtein(10)])->strong)->toBeLessThan(0.25)
        ->and($of($keen, [Step::conditioner(3)])->protein)->toBeLessThan($of($keen, null)->protein)
        ->and($of($keen, $planned)->cleanses['clarifying'])->toBeGreaterThan(0.75)
        ->and($of($keen, $planned)->maskMinutes)->toBe(25.0)
        ->and($of($loose, [Step::mask(8)])->maskMinutes)->toBe(8.0)
        // A short mask goes by how short ones are kept.
        ->and($of(habitsOfMasks(12, 12, 5), [Step::cleanse(CleanseKind::Gentle), Step::mask(5)])->mask)
        ->toBeGreaterThan(0.97);
    foreach ([$keen, $loose] as $habits) {
        foreach ([null, $planned, [Step::conditioner(3)], []] as $plan) {
            $wash = $of($habits, $plan);
            expect(array_sum($wash->cleanses))->toEqualWithDelta(1.0, 1e-9);
            foreach ([$wash->mask, $wash->bare, $wash->protein, $wash->strong, $wash->leaveIn, $wash->preWash] as $p) {
                expect($p)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
            }
        }
    }
});

it('takes a planned rinse-out or mask for left out as often as one is, and goes by habit where none is planned', function (): void {
    $parameters = Parameters::shipped()->habits;
    $habits = habitsOfMasks(3, 12);
    $bare = static fn (array $plan): float => ExpectedWash::of($plan, $habits, $parameters)->bare;
    [$adherence, $cleanse] = [$habits->adherence, Step::cleanse(CleanseKind::Gentle)];
    expect($bare([$cleanse]))->toEqualWithDelta($habits->bare(), 1e-12)
        ->and($bare([$cleanse, Step::mask(25)]))->toEqualWithDelta(
            $habits->bareWhereSkipped(1 - $adherence->share(HomeStep::LongMask)),
            1e-12,
        )
        ->and($bare([$cleanse, Step::conditioner(3)]))->toEqualWithDelta(
            $habits->bareWhereSkipped(1 - $adherence->share(HomeStep::Conditioner)),
            1e-12,
        )
        ->and($bare([$cleanse, Step::mask(25)]))->not->toEqualWithDelta($habits->bare(), 1e-3);
});

it('believes a mask that is told of out of turn, where it was planned', function (): void {
    $habits = [];
    foreach (range(0, 9) as $week) {
        $rinse = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3), Step::leaveIn()];
        $habits[] = plannedWash($rinse, $rinse, $week);
    }
    $told = [Step::cleanse(CleanseKind::Gentle), Step::mask(25), Step::leaveIn()];
    $as = static fn (?array $planned): float => array_values(array_filter(
        KalmanFilter::through(
            new HeadHistory(Make::head(), [...$habits, plannedWash($told, $planned, 10)]),
            Make::day()->modify('+11 weeks'),
        )->ledger,
        static fn ($line): bool => $line->subject === 'mask',
    ))[0]->asTold;
    expect($as(null))->toBeLessThan(0.85)
        ->and($as($told))->toBeGreaterThan(0.97)
        ->and($as([Step::conditioner(3)]))->toBeLessThan($as(null));
});

it('leaves out of a planned day at home what is left out, and nothing in the salon', function (): void {
    $head = Make::head(method: new Method(['oils' => 'seal']));
    $steps = [
        Step::preWash('oil', 30), Step::cleanse(CleanseKind::Clarifying), Step::mask(25), Step::leaveIn(), Step::seal(),
    ];
    $habits = habitsOfMasks(2, 12);
    $sure = MeantSteps::of($head, $steps, null);
    expect($sure->seals)->toBeTrue();
    foreach ($sure->steps as $chances) {
        expect($chances)->toHaveCount(1)->and($chances[0][0])->toBe(1.0);
    }
    $home = MeantSteps::of($head, $steps, $habits);
    foreach ($home->steps as $i => $chances) {
        expect(array_sum(array_column($chances, 0)))->toEqualWithDelta(1.0, 1e-12)
            ->and($chances[0][1])->toEqual($sure->steps[$i][0][1]);
    }
    // The cleanse clarifies or not, with the oil on it or not.
    expect($home->steps[1])->toHaveCount(4)
        ->and($home->steps[2][0][0])->toEqualWithDelta($habits->adherence->kept(Step::mask(25)), 1e-12)
        ->and($home->steps[2][0][0])->toBeLessThan(0.6)
        ->and($home->seals)->toBeTrue();
    $usual = MeantSteps::besideAnybody($head, $steps, HomeHabits::assumed($head->parameters->habits));
    foreach ($usual->steps as $i => $chances) {
        expect($chances)->toEqual($sure->steps[$i]);
    }
});

it('moves the mean at home as the forecast moves it, for any habits', function (): void {
    $start = withHabits(habitsOfMasks(4, 12), Porosity::High);
    $days = [0, 7, 14, 21];
    $choices = [
        new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0, false, StepKind::StrongProtein),
        new WashOption(CleanseKind::Gentle, 2, StepKind::Conditioner, 3.0, preWash: 'oil'),
        new WashOption(CleanseKind::Shampoo, 1, StepKind::Mask, 15.0, true, StepKind::MildProtein),
        new WashOption(CleanseKind::CoWash, 1, StepKind::Mask, 40.0),
    ];
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
    // What is asked for costs what it costs, whether it will be done or not.
    expect($terrain->costOfChoice($choices[0], 7))->toEqualWithDelta($terrain->costOfChoice($choices[0], 0), 1e-12);
});

it('foresees less of a mask, and with more doubt, at home than in the salon', function (): void {
    $start = withHabits(habitsOfMasks(6, 12));
    $mask = [7 => [Step::cleanse(CleanseKind::Gentle), Step::mask(25)]];
    $salon = Forecast::from($start, $mask, 8)[8]->state;
    $home = Forecast::from($start, $mask, 8, [7 => true])[8]->state;
    expect($home->value(0, StateLayout::MOISTURE))->toBeLessThan($salon->value(0, StateLayout::MOISTURE) - 2)
        ->and($home->sd(0, StateLayout::MOISTURE))->toBeGreaterThan($salon->sd(0, StateLayout::MOISTURE) + 1)
        ->and($home->sd(0, StateLayout::PROTEIN))->toEqualWithDelta($salon->sd(0, StateLayout::PROTEIN), 0.5);
});

it('draws paths that leave out as much as the forecast does', function (): void {
    $start = withHabits(habitsOfMasks(6, 12));
    $choice = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0);
    $forecast = Planner::forecast($start, [7], [$choice], 7);
    $paths = new PathSimulator($start, new PlanTerms());
    $at = $paths->start;
    for ($day = 0; $day < 7; $day++) {
        $at = $paths->afterADay($at, $day, false);
    }
    $washed = $paths->washed($at, $choice, 7)->moisture[0];
    $mean = array_sum($washed) / count($washed);
    $variance = array_sum(array_map(static fn (float $of): float => ($of - $mean) ** 2, $washed)) / count($washed);
    $state = $forecast[7]->state;
    expect($mean)->toEqualWithDelta($state->value(0, StateLayout::MOISTURE), 1.0)
        ->and(sqrt($variance))->toEqualWithDelta($state->sd(0, StateLayout::MOISTURE), 0.7);
});

it('plans shorter masks for whoever leaves the long ones out', function (): void {
    $masks = static function (HomeHabits $habits): array {
        $minutes = array_map(
            static fn (PlanItem $item): float => $item->choice->masks() ? $item->choice->conditioningMinutes : 0.0,
            array_filter(
                Planner::plan(withHabits($habits, Porosity::High), [], 12)->items,
                static fn (PlanItem $item): bool => $item->day > 0,
            ),
        );

        return [
            count(array_filter($minutes, static fn (float $of): bool => $of > 10)),
            count(array_filter($minutes, static fn (float $of): bool => $of > 0 && $of <= 10)),
        ];
    };
    [$longOfKeen] = $masks(HomeHabits::assumed(Parameters::shipped()->habits));
    $short = habitsOfMasks(0, 16);
    foreach (range(0, 11) as $week) {
        $short = $short->after(plannedWash([Step::mask(8)], [Step::mask(8)], 20 + $week));
    }
    [$long, $shortOnes] = $masks($short);
    expect($longOfKeen)->toBeGreaterThan(4)
        ->and($long)->toBeLessThan($longOfKeen / 2)
        ->and($shortOnes)->toBeGreaterThan(6);
});

it('keeps what was planned in the care record, and reads records without it', function (): void {
    $days = [plannedWash([Step::mask(25)], null), plannedWash([Step::mask(25)], [Step::mask(25)], 1)];
    $record = CareRecordWriter::toArray(new CareRecord('h1', 'Head', Make::head(), [], $days, []));
    $planned = [['kind' => 'cleanse', 'cleanse' => 'gentle'], ['kind' => 'mask', 'minutes' => 20.0]];
    expect($record['events'][0])->not->toHaveKey('planned');
    $record['events'][1]['planned'] = $planned;
    $read = CareRecordReader::read((string) json_encode($record), Parameters::shipped());
    expect($read->washDays[0]->planned)->toBeNull()
        ->and($read->washDays[1]->planned)->toEqual([Step::cleanse(CleanseKind::Gentle), Step::mask(20)])
        ->and(CareRecordWriter::toArray($read)['events'][1]['planned'])->toEqual($planned);
});

it('has quantiles of a Beta distribution that its distribution leads back to', function (): void {
    // Uniform, and a²: known without a table.
    expect(Beta::quantile(0.37, 1, 1))->toEqualWithDelta(0.37, 1e-9)
        ->and(Beta::quantile(0.25, 2, 1))->toEqualWithDelta(0.5, 1e-9)
        ->and(Beta::quantile(0.9, 12.5, 3.5))->toBeGreaterThan(Beta::quantile(0.1, 12.5, 3.5));
});

it('holds what was foretold where one step in eight is skipped', function (): void {
    $score = new FilterScore(planned: true);
    for ($seed = 0; $seed < 10; $seed++) {
        $score->take(SimulatedLife::live(52_000 + $seed, 210, world: World::SkippedSteps));
    }
    expect($score->forecastCoverage(28))->toBeGreaterThan(0.68)->toBeLessThan(0.92)
        ->and($score->forecastCoverage(56))->toBeGreaterThan(0.68)->toBeLessThan(0.92);
});
