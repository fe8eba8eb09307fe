<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PossibleWashDays;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\ClarifyApart;
use Nagomi\Core\Planning\Rules\ColourIsFresh;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

function occasion(OccasionKind $kind, string $from, ?string $until = null, string $what = ''): Occasion
{
    return new Occasion($kind, Make::day($from), Make::day($until ?? $from), $what);
}

/** A season that begins a little dry, so that something has to be decided. */
function seasonWith(PlanTerms $terms): Plan
{
    $start = Make::atTarget(Make::head());
    $mean = $start->state->mean;
    $mean[$start->state->layout->of(0, 0)] = 50.0;
    $mean[$start->state->layout->of(0, 3)] = 28.0;

    return Planner::plan(
        new Snapshot($start->date, new State($start->state->layout, $mean, $start->state->covariance), false),
        [],
        12,
        $terms,
    );
}

it('washes on the eve of a day that counts, and says why', function (): void {
    $plan = seasonWith(new PlanTerms(occasions: [occasion(OccasionKind::BestDay, '2026-03-27', what: 'Her wedding')]));
    $eve = array_values(array_filter(
        $plan->items,
        fn (PlanItem $item): bool => $item->date->format('Y-m-d') === '2026-03-26',
    ));
    expect($eve)
        ->toHaveCount(1)
        ->and(English::say($eve[0]->reasons[0]))
        ->toBe('The day before her wedding, 27 Mar: washed and styled so that it is at its best then.');
});

it('does not wash on an eve that is away', function (): void {
    $terms = new PlanTerms(
        away: [[Make::day('2026-03-24'), Make::day('2026-03-28')]],
        occasions: [occasion(OccasionKind::BestDay, '2026-03-27')],
    );
    $days = PossibleWashDays::of(Make::head(), [], $terms, Make::day(), 60);
    expect($days)->not->toContain(24);
});

it('lets the day that counts weigh as often as the model says', function (): void {
    $start = Make::atTarget(Make::head());
    $forecast = Planner::forecast($start, [], [], 20);
    $doubt = ForecastUncertainty::of($forecast);
    $plain = new MeanSimulator($start, $doubt);
    $counts = new MeanSimulator(
        $start,
        $doubt,
        new PlanTerms(occasions: [occasion(OccasionKind::BestDay, '2026-03-12')]),
    );
    $means = MeanSimulator::means($start->state);
    $extra = (Parameters::shipped()->planning->weightOfABestDay - 1) * $plain->costOfADay(
        $plain->afterDays($means, 0, 10, false),
        10,
    );
    expect($extra)->toBeGreaterThan(0.0)
        ->and(
            $counts->costOfDays($means, 0, 15, false) - $plain->costOfDays($means, 0, 15, false),
        )->toEqualWithDelta($extra, 1e-9)
        // The first day of a stretch counts as well; a day outside it does not.
        ->and(
            $counts->costOfDays($means, 10, 2, false) - $plain->costOfDays($means, 10, 2, false),
        )->toEqualWithDelta(
            (Parameters::shipped()->planning->weightOfABestDay - 1) * $plain->costOfADay($means, 10),
            1e-9,
        )
        ->and($counts->costOfDays($means, 11, 9, false))->toEqualWithDelta(
            $plain->costOfDays($means, 11, 9, false),
            1e-12,
        );
    $days = static fn (MeanSimulator $terrain): float => Planner::cost($start, $terrain, [], [], 20);
    expect($days($counts))->toBeGreaterThan($days($plain));
});

it('does not clarify fresh colour for a fortnight, and may before it', function (string $day, bool $allowed): void {
    $terms = new PlanTerms(occasions: [occasion(OccasionKind::NewColour, '2026-03-10')]);
    $choice = new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25.0);
    $on = (int) Make::day()->diff(Make::day($day))->format('%r%a');
    $standing = new RuleContext(Make::head(), $on, terms: $terms, today: Make::day());
    expect((new ColourIsFresh())->allows($choice, $standing))->toBe($allowed)
        ->and((new ColourIsFresh())->allows(
            new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0),
            $standing,
        ))->toBeTrue();
    // Common practice, no source: fresh colour is not clarified.
})->with([['2026-03-09', true], ['2026-03-10', false], ['2026-03-24', false], ['2026-03-25', true]]);

it('keeps clarifying away from fresh colour in a whole plan', function (): void {
    $free = seasonWith(new PlanTerms());
    $clarified = array_values(array_filter(
        $free->items,
        fn (PlanItem $item): bool => $item->choice->cleanse->clarifies(),
    ));
    expect($clarified)->not->toBe([]);
    $coloured = $clarified[0]->date->modify('-3 days');
    $plan = seasonWith(new PlanTerms(occasions: [new Occasion(OccasionKind::NewColour, $coloured, $coloured)]));
    foreach ($plan->items as $item) {
        $since = (int) $coloured->diff($item->date)->format('%r%a');
        expect(
            $item->choice->cleanse->clarifies() && $since >= 0 && $since <= 14,
        )->toBeFalse($item->date->format('j M'));
    }
});

it('lets a chelating cleanse come sooner in a week of swimming', function (): void {
    $terms = new PlanTerms(occasions: [occasion(OccasionKind::Swimming, '2026-03-09', '2026-03-20')]);
    $choice = new WashOption(CleanseKind::Chelating, 1, StepKind::Mask, 25.0);
    $at = fn (int $day): RuleContext => new RuleContext(
        Make::head(),
        $day,
        lastClarify: $day - Parameters::shipped()->planning->clarifyApartDays['heavy'],
        terms: $terms,
        today: Make::day(),
    );
    expect((new ClarifyApart())->allows($choice, $at(10)))
        ->toBeTrue()
        ->and((new ClarifyApart())->allows($choice, $at(30)))
        ->toBeFalse();
    $plan = seasonWith($terms);
    foreach ($plan->items as $item) {
        $swims = $item->date >= Make::day('2026-03-09') && $item->date <= Make::day('2026-03-20');
        expect(in_array(
            'Swimming these days: a chelating cleanse may come sooner than usual.',
            English::all($item->reasons),
            true,
        ))->toBe($swims);
    }
});

it('is written into a record and read out of it again', function (): void {
    $terms = new PlanTerms(occasions: [
        occasion(OccasionKind::BestDay, '2026-03-27', what: 'Her wedding'),
        occasion(OccasionKind::Swimming, '2026-04-01', '2026-04-07'),
    ]);
    $written = PlanTermsFields::write($terms);
    expect($written['occasions'])->toBe([
        ['kind' => 'best-day', 'from' => '2026-03-27', 'until' => '2026-03-27', 'what' => 'Her wedding'],
        ['kind' => 'swimming', 'from' => '2026-04-01', 'until' => '2026-04-07'],
    ])
        ->and(PlanTermsFields::fromArray($written, Parameters::shipped()->washDay))->toEqual($terms);
});

it('refuses what is no occasion', function (array $occasion): void {
    expect(
        fn () => PlanTermsFields::fromArray(['occasions' => [$occasion]], Parameters::shipped()->washDay),
    )->toThrow(InvalidRecord::class);
})->with([
    'backwards' => [['kind' => 'swimming', 'from' => '2026-04-07', 'until' => '2026-04-01']],
    'another kind' => [['kind' => 'party', 'from' => '2026-04-01', 'until' => '2026-04-01']],
    'no day' => [['kind' => 'swimming', 'from' => '2026-02-30', 'until' => '2026-04-01']],
    'something else' => [['kind' => 'swimming', 'from' => '2026-04-01', 'until' => '2026-04-01', 'where' => 'the sea']],
]);

it('washes for a day that counts on the day of the style that was said', function (int $styleDay, string $date, string $words): void {
    $best = new Occasion(OccasionKind::BestDay, Make::day('2026-04-04'), Make::day('2026-04-04'), 'Wedding', $styleDay);
    $terms = new PlanTerms(occasions: [$best]);
    $plan = Planner::plan(Make::atTarget(Make::head()), [], 8, $terms);
    $items = array_values(array_filter(
        $plan->items,
        static fn (PlanItem $item): bool => $item->date->format('Y-m-d') === $date,
    ));
    expect($best->washedOn()->format('Y-m-d'))->toBe($date)
        ->and($items)->toHaveCount(1)
        ->and(implode(' ', English::all($items[0]->reasons)))->toContain($words);
    $written = PlanTermsFields::write($terms);
    expect($written['occasions'][0]['style_day'] ?? 2)->toBe($styleDay)
        ->and(PlanTermsFields::fromArray($written, Parameters::shipped()->washDay)->occasions)->toEqual([$best]);
})->with([
    [1, '2026-04-04', 'For wedding, 4 Apr: washed and styled'],
    [2, '2026-04-03', 'The day before wedding, 4 Apr: washed'],
    [4, '2026-04-01', '3 days before wedding, 4 Apr: washed'],
]);

it('has no day of the style before the wash, nor after a week', function (int $styleDay): void {
    $day = Make::day();
    expect(fn (): Occasion => new Occasion(OccasionKind::BestDay, $day, $day, '', $styleDay))
        ->toRefuse(InvalidArgumentException::class, 'Day of the style');
})->with([0, 8, -1]);
