<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpCheck;
use Nagomi\Core\Scalp\ScalpDynamics;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Tests\Support\Scalps;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/**
 * @param list<WashDay> $washDays
 * @param list<Reading> $readings
 */
function scalpOn(string $today, array $washDays, array $readings, float $humidity = 50.0): ?ScalpEstimate
{
    return ScalpFilter::through(
        $washDays,
        $readings,
        Make::day($today),
        new Humidity($humidity),
        Parameters::shipped(),
    );
}

/** @return list<WashDay> */
function shampooed(string ...$dates): array
{
    return array_values(array_map(
        fn (string $date): WashDay => Make::washDay($date, [Step::cleanse(CleanseKind::Shampoo)]),
        $dates,
    ));
}

it('knows nothing of a scalp that nobody read, however often it was washed', function (): void {
    expect(scalpOn('2026-03-09', shampooed('2026-03-02'), []))->toBeNull()
        ->and(scalpOn('2026-03-09', [], [Make::reading('2026-03-02', 'dryness', ['points' => 5])]))->toBeNull()
        // What is read tomorrow is not known today.
        ->and(scalpOn('2026-03-09', [], [Scalps::map('2026-03-10')]))->toBeNull();
});

it('moves as small steps of a day do', function (): void {
    // The closed form against a thousand steps a day of what it is the solution of.
    $scalp = Parameters::shipped()->scalp;
    $start = ScalpState::usual($scalp);
    $state = new ScalpState([1.0, 0.5, 3.0, 0.2, 0.3, -0.4, 0.7], $start->covariance, $start->zones, 0.8, true);
    [$oil, $flakes, $dryness, $care] = [1.0, 0.5, 3.0, 0.8];
    $humidity = 30.0;
    for ($step = 0; $step < 9000; $step++) {
        $dt = 0.001;
        $oil += $dt * $scalp->oilADay * exp(0.3) * (1 - $oil / 10);
        $flakes += $dt * $scalp->flakesADay * exp(-0.4) * $scalp->oilFeedsFlakes
            * (1 - $scalp->careSlowsFlakes * $care) * (1 - $flakes / 10);
        $rest = $scalp->drynessAtRest + 0.7
            + $scalp->drynessAPercentOfDryAir * ($scalp->dryAirBelowPercent - $humidity);
        $dryness -= $dt * log(2) / $scalp->drynessHalfLifeDays * ($dryness - $rest);
        $care -= $dt * log(2) / $scalp->careHalfLifeDays * $care;
    }
    $moved = ScalpDynamics::afterDays($state, 9, $humidity, $scalp);
    expect($moved->mean[ScalpState::OIL])->toEqualWithDelta($oil, 0.002)
        ->and($moved->mean[ScalpState::FLAKES])->toEqualWithDelta($flakes, 0.002)
        ->and($moved->mean[ScalpState::DRYNESS])->toEqualWithDelta($dryness, 0.002)
        ->and($moved->care)->toEqualWithDelta($care, 0.002);
    // Nine days are nine times one day.
    $daily = $state;
    for ($day = 0; $day < 9; $day++) {
        $daily = ScalpDynamics::afterDays($daily, 1, $humidity, $scalp);
    }
    foreach ($moved->mean as $i => $mean) {
        expect($daily->mean[$i])->toEqualWithDelta($mean, 1e-9)
            ->and($daily->covariance[$i][$i])->toEqualWithDelta($moved->covariance[$i][$i], 0.01);
    }
});

it('passes its doubt on by the slopes of what it does', function (): void {
    // The covariance against a finite difference of the mean, through days and a wash.
    $scalp = Parameters::shipped()->scalp;
    $start = ScalpState::usual($scalp);
    $steps = [Step::cleanse(CleanseKind::ScalpCare, 1, 4.0)];
    $go = function (array $mean) use ($scalp, $start, $steps): ScalpState {
        $state = new ScalpState(array_values($mean), $start->covariance, $start->zones);
        foreach ($steps as $step) {
            $state = ScalpDynamics::afterStep($state, $step, $scalp);
        }

        return ScalpDynamics::afterDays($state, 5, 50.0, $scalp);
    };
    $at = [4.0, 2.0, 2.0, 0.3, 0.2, 0.1, 0.5];
    $base = $go($at);
    $expected = array_fill(0, 7, array_fill(0, 7, 0.0));
    $slopes = [];
    foreach (array_keys($at) as $j) {
        $more = $go(array_replace($at, [$j => $at[$j] + 1e-5]));
        foreach (array_keys($at) as $i) {
            $slopes[$i][$j] = ($more->mean[$i] - $base->mean[$i]) / 1e-5;
        }
    }
    foreach (array_keys($at) as $i) {
        foreach (array_keys($at) as $k) {
            foreach (array_keys($at) as $j) {
                $expected[$i][$k] += $slopes[$i][$j] * $start->covariance[$j][$j] * $slopes[$k][$j];
            }
            if ($i !== $k) {
                expect($base->covariance[$i][$k])->toEqualWithDelta($expected[$i][$k], 1e-4);
            } else {
                // What is beyond the slopes is the noise of days and of the wash, and never less than none.
                expect($base->covariance[$i][$i])->toBeGreaterThan($expected[$i][$i])
                    ->and($base->covariance[$i][$i] - $expected[$i][$i])->toBeLessThan(1.2);
            }
        }
    }
});

it('takes off more the stronger the cleanse, and lets scalp care sit', function (): void {
    $scalp = Parameters::shipped()->scalp;
    $start = ScalpState::usual($scalp);
    $state = new ScalpState([6.0, 4.0, 2.0, 0.0, 0.0, 0.0, 0.0], $start->covariance, $start->zones);
    $after = fn (Step $step): ScalpState => ScalpDynamics::afterStep($state, $step, $scalp);
    $kinds = [CleanseKind::CoWash, CleanseKind::LowLather, CleanseKind::Gentle, CleanseKind::Shampoo];
    $left = 10.0;
    foreach ([...$kinds, CleanseKind::Clarifying] as $kind) {
        $oil = $after(Step::cleanse($kind))->mean[ScalpState::OIL];
        expect($oil)->toBeLessThan($left);
        $left = $oil;
    }
    $flakes = fn (float $minutes): float =>
        $after(Step::cleanse(CleanseKind::ScalpCare, 1, $minutes))->mean[ScalpState::FLAKES];
    expect($flakes(5.0))->toBeLessThan($flakes(1.0))
        ->and($flakes(5.0))->toBeLessThan($after(Step::cleanse(CleanseKind::Clarifying))->mean[ScalpState::FLAKES])
        // New flakes come slower for a while after it.
        ->and(ScalpDynamics::afterDays($after(Step::cleanse(CleanseKind::ScalpCare, 1, 4.0)), 7, 50, $scalp)->care)
        ->toEqualWithDelta(2 ** (-7 / $scalp->careHalfLifeDays), 1e-9)
        ->and($after(Step::cleanse(CleanseKind::Clarifying))->mean[ScalpState::DRYNESS])
        ->toBeGreaterThan($after(Step::cleanse(CleanseKind::Gentle))->mean[ScalpState::DRYNESS]);
    $oiled = $after(Step::scalpOil());
    expect($oiled->mean[ScalpState::OIL])->toBeGreaterThan(6.0)
        ->and($oiled->mean[ScalpState::DRYNESS])->toBeLessThan(2.0)
        ->and($oiled->oiled)->toBeTrue()
        ->and(ScalpDynamics::afterStep($oiled, Step::cleanse(CleanseKind::Gentle), $scalp)->oiled)->toBeFalse()
        ->and($after(Step::mask(25)))->toBe($state);
});

it('learns how fast this scalp grows oily', function (): void {
    $dates = ['2026-01-05', '2026-01-12', '2026-01-19', '2026-01-26', '2026-02-02', '2026-02-09'];
    $read = fn (int $oil): array => array_map(fn (string $date): Reading => Scalps::map($date, oil: $oil), $dates);
    $factor = fn (int $oil): float => exp(
        scalpOn('2026-02-09', shampooed(...$dates), $read($oil))?->state->mean[ScalpState::OIL_RATE] ?? NAN,
    );
    expect($factor(9))->toBeGreaterThan(1.4)
        ->and($factor(2))->toBeLessThan(0.6)
        ->and($factor(5))->toBeGreaterThan($factor(2))->toBeLessThan($factor(9));
});

it('learns which zone flakes, and counts only what differs', function (): void {
    $crown = fn (string $date): Reading => Scalps::map($date, ['crown' => 8]);
    $estimate = scalpOn('2026-03-09', [], [$crown('2026-03-02'), $crown('2026-03-09')]);
    expect($estimate?->state->flakiestZone())->toBe(Zone::Crown)
        ->and($estimate?->state->flakesIn(Zone::Crown))->toBeGreaterThan(4.0)
        ->and($estimate?->state->flakesIn(Zone::Nape))->toBeLessThan(1.0)
        ->and(scalpOn('2026-03-09', [], [Scalps::map('2026-03-09', 3)])?->state->flakiestZone())->toBeNull();
});

it('takes one odd reading with doubt', function (): void {
    $steady = [Scalps::map('2026-02-09', oil: 3), Scalps::map('2026-02-16', oil: 3), Scalps::map('2026-02-23', oil: 3)];
    $days = shampooed('2026-02-09', '2026-02-16', '2026-02-23', '2026-03-02');
    $odd = scalpOn('2026-03-02', $days, [...$steady, Scalps::map('2026-03-02', 10, oil: 3)]);
    expect($odd?->state->expected(Sign::ScalpFlakes, Parameters::shipped()->scalp))->toBeLessThan(40.0)
        ->and($odd?->latest(Sign::ScalpFlakes))->toBe(80.0);
});

it('is nearer to the truth than the last reading, and says how near', function (): void {
    // Scalps of their own oiliness and flaking live day by day in small steps; what is foretold a week ahead is held
    // against them.
    $chance = new SeededRandom(7);
    $scalp = Parameters::shipped()->scalp;
    $own = $last = $within = $tried = 0;
    for ($head = 0; $head < 60; $head++) {
        $oilRate = $scalp->oilADay * exp(0.4 * $chance->normal());
        $flakeRate = $scalp->flakesADay * exp(0.6 * $chance->normal());
        [$oil, $flakes] = [3.0 + $chance->normal(), 1.0];
        [$readings, $washDays, $then] = [[], [], null];
        $day = Make::day('2026-01-05');
        for ($week = 0; $week < 10; $week++) {
            $date = $day->format('Y-m-d');
            $typed = fn (float $value, float $sd): int => (int) round(
                max(0, min(10, $value + $sd * $chance->normal())),
            );
            if ($then !== null) {
                $mean = $then->state->expected(Sign::ScalpOil, $scalp);
                $own += ($mean - $oil) ** 2;
                $last += ($then->latest(Sign::ScalpOil) - $oil) ** 2;
                $within += abs($mean - $oil) <= 1.2816 * $then->state->sd(Sign::ScalpOil, $scalp) ? 1 : 0;
                $tried++;
            }
            $zones = [];
            foreach (Zone::cases() as $zone) {
                $zones[$zone->value] = $typed($flakes, 0.7);
            }
            $readings[] = Scalps::map(
                $date,
                $zones,
                oil: $typed($oil, 1.2),
                itch: $typed(0.4 * $flakes + 0.15 * $oil, 1.2),
            );
            $kind = [CleanseKind::Shampoo, CleanseKind::Gentle][$chance->between(0, 1)];
            $washDays[] = Make::washDay($date, [Step::cleanse($kind)]);
            $oil *= max(0.0, 1 - (1 - $scalp->oilKept[$kind->value]) * (1 + 0.3 * $chance->normal()));
            $flakes *= $scalp->flakesKept[$kind->value];
            $gap = $chance->between(4, 10);
            for ($step = 0; $step < 20 * $gap; $step++) {
                $oil += $oilRate * (1 - $oil / 10) / 20 + 0.3 * $chance->normal() * sqrt(0.05);
                $flakes += $flakeRate * (1 - $flakes / 10) / 20;
                [$oil, $flakes] = [max(0.0, min(10.0, $oil)), max(0.0, min(10.0, $flakes))];
            }
            $day = $day->modify("+{$gap} days");
            $then = $week >= 4 ? scalpOn($day->format('Y-m-d'), $washDays, $readings) : null;
        }
    }
    expect($tried)->toBeGreaterThan(250)
        ->and(sqrt($own / $last))->toBeLessThan(0.75)
        ->and($within / $tried)->toBeGreaterThan(0.72)->toBeLessThan(0.9);
});

it('holds each reading beside what was foretold of it, and no reading beside itself', function (): void {
    $scalp = Parameters::shipped()->scalp;
    $readings = [Scalps::map('2026-03-02', 2, oil: 6), Scalps::map('2026-03-09', 1, oil: 9, redness: 4)];
    $checks = scalpOn('2026-03-12', [], $readings)->checks;
    $of = fn (string $date): array => array_column(array_filter(
        $checks,
        fn (ScalpCheck $check): bool => $check->date->format('Y-m-d') === $date,
    ), null, null);
    // Itch, flakes, oil: redness and soreness are not foretold.
    expect(array_unique(array_map(fn (ScalpCheck $check): string => $check->sign->value, $checks)))
        ->toEqualCanonicalizing(['scalp-flakes', 'scalp-itch', 'scalp-oil'])
        ->and($of('2026-03-02'))->toHaveCount(3)->and($of('2026-03-09'))->toHaveCount(3);
    $oil = array_values(array_filter($checks, fn (ScalpCheck $check): bool => $check->sign === Sign::ScalpOil));
    $noise = $readings[0]->measured[0]->sd;
    foreach ($readings[0]->measured as $measured) {
        $noise = $measured->sign === Sign::ScalpOil ? $measured->sd : $noise;
    }
    // What was thought before anything was read; then what the first reading left, and a week.
    expect($oil[0]->value)->toBe(6.0)->and($oil[0]->by)->toBe('Ilse')
        ->and($oil[1]->expected)->toBeGreaterThan($oil[0]->expected)
        ->and($oil[1]->zScore)->toBeGreaterThan(0.0)
        ->and(abs($oil[0]->zScore))->toBeLessThan(abs($oil[0]->value - $oil[0]->expected) / $noise)
        ->and(abs($oil[0]->value - $oil[0]->expected) / abs($oil[0]->zScore))
        ->toBeGreaterThan($scalp->startSd['oil']);
});

it('hears with more doubt what the owner feels', function (): void {
    $felt = Make::reading('2026-03-02', 'scalp-at-home', ['itch' => 2, 'oil' => 9, 'soreness' => 0], Moment::Home);
    $scalp = Parameters::shipped()->scalp;
    $oil = fn (Reading $reading): float => scalpOn(
        '2026-03-02',
        [],
        [$reading],
    )?->state->expected(Sign::ScalpOil, $scalp)
        ?? NAN;
    expect($oil($felt))->toBeLessThan($oil(Scalps::map('2026-03-02', oil: 9)))
        ->and($oil($felt))->toBeGreaterThan(4.0);
});
