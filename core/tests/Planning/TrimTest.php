<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PossibleWashDays;
use Nagomi\Core\Planning\TrimEvidence;
use Nagomi\Core\Planning\TrimGoal;
use Nagomi\Core\Planning\TrimNeed;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Tests\Support\Make;

function trimOf(TrimEvidence $evidence, ?TrimGoal $goal = null): ?TrimNeed
{
    return TrimNeed::of($evidence, $goal, Make::day(), Parameters::shipped());
}

it('asks for no trim where nothing known calls for one', function (TrimEvidence $evidence, ?TrimGoal $goal): void {
    expect(trimOf($evidence, $goal))->toBeNull();
})->with([
    'nothing known' => [new TrimEvidence(), null],
    'a goal, and no trim on record' => [new TrimEvidence(), TrimGoal::Keep],
    'a trim, and no goal' => [new TrimEvidence(lastTrim: Make::day('2025-06-01')), null],
    // Twice the three of hair without wear is still usual.
    'ends as usual' => [new TrimEvidence(ends: 6, endsOn: Make::day('2026-03-01')), null],
    'most of the hair reaches the end' => [new TrimEvidence(taper: 40, taperOn: Make::day('2026-03-01')), null],
    'counted too long ago' => [new TrimEvidence(ends: 30, endsOn: Make::day('2025-11-01')), null],
    'cut since' => [
        new TrimEvidence(ends: 30, endsOn: Make::day('2026-02-01'), lastTrim: Make::day('2026-02-02')), null,
    ],
]);

it('goes by the rhythm of what is wanted of the length', function (TrimGoal $goal, string $due, float $mm): void {
    $need = trimOf(new TrimEvidence(lastTrim: Make::day('2026-02-01'), growthMmADay: 0.3), $goal);
    expect($need?->dueOn->format('Y-m-d'))->toBe($due)
        ->and($need?->mm)->toEqualWithDelta($mm, 1e-9)
        ->and($need?->because)->toBe(['rhythm']);
})->with([
    'grow: a dusting after 16 weeks' => [TrimGoal::Grow, '2026-05-24', 5.0],
    'keep: what grew in 12 weeks' => [TrimGoal::Keep, '2026-04-26', 25.2],
    'shape: what grew in 8 weeks' => [TrimGoal::Shape, '2026-03-29', 16.8],
]);

it('is due at once where the rhythm has passed, and cuts what grew, as much as is cut at a time', function (): void {
    $need = trimOf(new TrimEvidence(lastTrim: Make::day('2025-03-02'), growthMmADay: 0.3), TrimGoal::Keep);
    expect($need?->dueOn)->toEqual(Make::day())->and($need?->mm)->toBe(40.0);
});

it('is due sooner the more the ends are worn', function (float $ends, string $due, float $mm, string $because): void {
    $need = trimOf(new TrimEvidence(ends: $ends, endsOn: Make::day('2026-03-01')));
    expect(
        $need?->dueOn->format('Y-m-d'),
    )->toBe($due)->and($need?->mm)->toBe($mm)->and($need?->because)->toBe([$because]);
})->with([
    'just worn' => [7, '2026-03-29', 10.0, 'ends-worn'],
    'five times the usual is still worn' => [15, '2026-03-29', 10.0, 'ends-worn'],
    'badly worn' => [16, '2026-03-08', 20.0, 'ends-much-worn'],
]);

it('names what calls for it soonest first', function (): void {
    $both = trimOf(new TrimEvidence(
        ends: 20,
        endsOn: Make::day('2026-03-01'),
        taper: 30,
        taperOn: Make::day('2026-02-01'),
        lastTrim: Make::day('2026-01-10'),
    ), TrimGoal::Shape);
    // Thin tips measured on 1 February: within 28 days, 1 March, which has passed; the rhythm: 7 March; ends: 8 March.
    expect($both?->because)->toBe(['taper', 'rhythm', 'ends-much-worn'])->and($both?->dueOn)->toEqual(Make::day());
});

/*
 * A braid whose circumference falls evenly from R at the root to T at the tip has (c/R)² of its hair at a circumference
 * c. Kept 16 % at the tip: T = .4 R. 40 % is left where c = √.4 R = .632 R, which is (.632 − .4) / (1 − .4) = 38.7 % of
 * the length above the tip: 116 mm of 300. Worked by hand from the geometry of a cone.
 */
it('finds how far up the tips are thin, and cuts it in portions', function (): void {
    $evidence = new TrimEvidence(taper: 16, taperOn: Make::day('2026-03-01'), lengthMm: 300);
    $far = 300 * (sqrt(0.4) - 0.4) / 0.6;
    $keep = trimOf($evidence, TrimGoal::Keep);
    expect($keep?->mm)->toBe(40.0)->and($keep?->thinMm)->toEqualWithDelta($far, 1e-9);
    $grow = trimOf($evidence, TrimGoal::Grow);
    expect($grow?->mm)->toBe(10.0)->and($grow?->mostMm)->toBe(10.0)->and($grow?->thinMm)->toEqualWithDelta($far, 1e-9);
    // A little thin: all of it is cut at once, and the doubt of the measuring is that of the cut.
    $little = trimOf(new TrimEvidence(taper: 36, taperOn: Make::day('2026-03-01'), lengthMm: 300), TrimGoal::Shape);
    expect($little?->mm)->toEqualWithDelta(300 * (sqrt(0.4) - 0.6) / 0.4, 1e-9)
        ->and($little?->thinMm)->toBeNull()
        ->and($little?->leastMm)->toBe(5.0)
        ->and($little?->mostMm)->toBe(60.0);
    $short = trimOf(new TrimEvidence(taper: 36, taperOn: Make::day('2026-03-01'), lengthMm: 100), TrimGoal::Shape);
    expect($short?->mm)->toEqualWithDelta(100 * (sqrt(0.4) - 0.6) / 0.4, 1e-9);
    $none = trimOf(new TrimEvidence(taper: 0, taperOn: Make::day('2026-03-01'), lengthMm: 300), TrimGoal::Keep);
    expect($none?->thinMm)->toEqualWithDelta(300 * sqrt(0.4), 1e-9);
});

it('takes longer for a shape than for a dusting', function (): void {
    $minutes = fn (TrimGoal $goal): ?float => trimOf(
        new TrimEvidence(lastTrim: Make::day('2025-03-02')),
        $goal,
    )?->minutes;
    expect($minutes(TrimGoal::Grow))->toBeLessThan((float) $minutes(TrimGoal::Keep))
        ->and($minutes(TrimGoal::Keep))->toBeLessThan((float) $minutes(TrimGoal::Shape));
});

it('washes on the day a style comes down, and takes the wash day before it along', function (): void {
    $days = fn (?string $takeDown): array => PossibleWashDays::of(
        Make::head(),
        [Make::washDay('2026-03-02', Make::usualWash())],
        new PlanTerms(takeDownOn: $takeDown === null ? null : Make::day($takeDown)),
        Make::day(),
        28,
    );
    expect($days(null))->toBe([7, 14, 21, 28])
        ->and($days('2026-03-18'))->toBe([7, 16, 23])
        ->and($days('2026-03-14'))->toBe([7, 12, 19, 26])
        ->and($days('2026-03-01'))->toBe([7, 14, 21, 28]);
});

it('is kept in a care record', function (): void {
    $season = ['trim_goal' => 'shape', 'take_down_on' => '2026-04-01'];
    $terms = PlanTermsFields::fromArray($season, Parameters::shipped()->washDay);
    expect($terms->trimGoal)->toBe(TrimGoal::Shape)->and(PlanTermsFields::write($terms))->toBe($season);
});
