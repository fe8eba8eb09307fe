<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpDynamics;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Tests\Support\Scalps;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/* What the scalp's filter does, worked out again by hand: one day, one wash, one reading. */

function ofScalps(): ScalpParameters
{
    return Parameters::shipped()->scalp;
}

/** A scalp known so well, with these means: oil, flakes, dryness, itch, rates, own dryness. */
function scalpAt(array $mean, float $variance = 0.0, float $care = 0.0, bool $oiled = false): ScalpState
{
    $covariance = array_fill(0, 7, array_fill(0, 7, 0.0));
    foreach (array_keys($covariance) as $i) {
        $covariance[$i][$i] = $variance;
    }

    return new ScalpState(array_values($mean), $covariance, ScalpState::usual(ofScalps())->zones, $care, $oiled);
}

/**
 * @param list<WashDay> $washDays
 * @param list<Reading> $readings
 */
function followedTo(string $today, array $readings, array $washDays = [], ?Humidity $air = null): ScalpEstimate
{
    return ScalpFilter::through(
        $washDays,
        $readings,
        Make::day($today),
        $air ?? new Humidity(50.0),
        Parameters::shipped(),
    ) ?? throw new LogicException('It was read.');
}

it('begins with what is usual of scalps nobody read', function (): void {
    $usual = ScalpState::usual(ofScalps());
    expect($usual->mean)->toBe([4.0, 0.8, 1.5, 0.3, 0.0, 0.0, 0.0])
        ->and(array_map(static fn (int $i): float => round($usual->covariance[$i][$i], 6), range(0, 6)))
        ->toBe([4.0, 1.44, 2.25, 1.0, 0.16, 0.64, 2.25])
        ->and($usual->covariance[0][1])->toBe(0.0)->and($usual->covariance[6][5])->toBe(0.0)
        ->and($usual->zones[Zone::Crown->value])->toBe([0.0, 1.44])
        ->and($usual->flakesIn(Zone::Crown))->toBe(0.8)
        ->and($usual->flakiestZone())->toBeNull();
    // Itch is oil, flakes and dryness by their weights, and its own.
    expect($usual->expected(Sign::ScalpItch, ofScalps()))->toEqualWithDelta(0.6 + 0.32 + 0.525 + 0.3, 1e-9)
        ->and($usual->sd(Sign::ScalpItch, ofScalps()))
        ->toEqualWithDelta(sqrt(0.0225 * 4 + 0.16 * 1.44 + 0.1225 * 2.25 + 1.0), 1e-9)
        ->and($usual->expected(Sign::ScalpFlakes, ofScalps()))->toEqualWithDelta(6.4, 1e-9)
        ->and($usual->sd(Sign::ScalpFlakes, ofScalps()))->toEqualWithDelta(9.6, 1e-9)
        ->and($usual->sd(Sign::ScalpOil, ofScalps()))->toEqualWithDelta(2.0, 1e-9)
        ->and($usual->expected(Sign::ScalpDryness, ofScalps()))->toBe(1.5)
        ->and($usual->expected(Sign::ScalpRedness, ofScalps()))->toBeNull()
        ->and($usual->sd(Sign::ScalpRedness, ofScalps()))->toBe(0.0);
});

it('adds the drift of days to its doubt, and no more', function (): void {
    // Known exactly, four days on: what comes in each day fades with what it came into.
    $moved = ScalpDynamics::afterDays(scalpAt([0.0, 0.0, 1.0, 0.3, 0.0, 0.0, 0.0]), 4, 50.0, ofScalps());
    $stays = static function (float $keptADay, float $drift): float {
        $rate = -2 * log($keptADay);

        return $drift ** 2 * (1 - exp(-4 * $rate)) / $rate;
    };
    $covariance = $moved->covariance;
    expect($covariance[ScalpState::OIL][0])->toEqualWithDelta($stays(exp(-0.1), 0.3), 1e-9)
        ->and($covariance[ScalpState::FLAKES][1])->toEqualWithDelta($stays(exp(-0.015), 0.12), 1e-9)
        ->and($covariance[ScalpState::DRYNESS][2])->toEqualWithDelta($stays(2 ** (-1 / 6), 0.3), 1e-9)
        ->and($covariance[ScalpState::ITCH][3])->toEqualWithDelta(4 * 0.0225, 1e-9)
        ->and($covariance[ScalpState::OIL_RATE][4])->toEqualWithDelta(4e-4, 1e-12)
        ->and($covariance[ScalpState::FLAKES_RATE][5])->toEqualWithDelta(4e-4, 1e-12)
        ->and($covariance[ScalpState::DRYNESS_OWN][6])->toEqualWithDelta(4e-4, 1e-12)
        ->and($moved->mean[ScalpState::OIL])->toEqualWithDelta(10 * (1 - exp(-0.4)), 1e-9)
        ->and($moved->mean[ScalpState::FLAKES])->toEqualWithDelta(10 * (1 - exp(-0.06)), 1e-9)
        ->and($moved->mean[ScalpState::DRYNESS])->toEqualWithDelta(1.0, 1e-9);
});

it('feels dry air, and none that is not', function (): void {
    $dryness = static fn (float $humidity): float => ScalpDynamics::afterDays(
        scalpAt([0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0]),
        6,
        $humidity,
        ofScalps(),
    )->mean[ScalpState::DRYNESS];
    expect($dryness(45.0))->toEqualWithDelta(1.0, 1e-9)
        ->and($dryness(80.0))->toEqualWithDelta(1.0, 1e-9)
        // Ten percent drier asks for .8 more, half of it after a half-life.
        ->and($dryness(35.0))->toEqualWithDelta(1.4, 1e-9);
    // Beyond the scale nothing goes.
    $dried = ScalpDynamics::afterDays(scalpAt([0.0, 0.0, 10.0, 0.0, 0.0, 0.0, 30.0]), 6, 20.0, ofScalps());
    expect($dried->mean[ScalpState::DRYNESS])->toBe(10.0);
});

it('washes by passes and minutes, with a doubt of what it took', function (): void {
    $before = scalpAt([6.0, 4.0, 2.0, 0.4, 0.1, 0.2, 0.3]);
    $after = ScalpDynamics::afterStep($before, Step::cleanse(CleanseKind::Shampoo, 2), ofScalps());
    expect($after->mean)->toEqual([6.0 * 0.0625, 4.0 * 0.25, 3.6, 0.4, 0.1, 0.2, 0.3])
        ->and($after->covariance[0][0])->toEqualWithDelta((0.3 * 6.0 * 0.9375) ** 2, 1e-9)
        ->and($after->covariance[1][1])->toEqualWithDelta((0.3 * 4.0 * 0.75) ** 2, 1e-9)
        ->and($after->covariance[2][2])->toEqualWithDelta((0.3 * 1.6) ** 2, 1e-9)
        ->and($after->covariance[3][3])->toBe(0.0)
        ->and($after->covariance[4][4])->toBe(0.0)
        ->and($after->care)->toBe(0.0);
    $care = ScalpDynamics::afterStep($before, Step::cleanse(CleanseKind::ScalpCare), ofScalps());
    // Where nobody timed it, it sat as long as it usually does.
    expect($care->mean[ScalpState::FLAKES])->toEqualWithDelta(4.0 * 0.5 * 0.85 ** 4, 1e-9)->and($care->care)->toBe(1.0);
    $oiled = ScalpDynamics::afterStep(scalpAt([9.5, 4.0, 0.2, 0.4, 0.1, 0.2, 0.3]), Step::scalpOil(), ofScalps());
    expect($oiled->mean)->toBe([10.0, 4.0, 0.0, 0.4, 0.1, 0.2, 0.3]);
});

it('takes a reading in by the doubt on either side', function (): void {
    $estimate = followedTo('2026-03-02', [Make::reading(
        '2026-03-02',
        'scalp-at-home',
        ['itch' => 2, 'oil' => 6, 'soreness' => 0],
        Moment::Home,
    )]);
    // Itch first or oil first is the same: both are in. Worked out as one update of two readings.
    $usual = ScalpState::usual(ofScalps());
    $signs = Parameters::shipped()->signs;
    $of = [];
    $felt = Make::reading('2026-03-02', 'scalp-at-home', ['itch' => 2, 'oil' => 6, 'soreness' => 0], Moment::Home);
    foreach ($felt->measured as $one) {
        if (ScalpState::weights($one->sign, ofScalps()) !== null) {
            $noise = ($one->sd * $signs->homeNoiseFactor) ** 2;
            $of[] = [ScalpState::weights($one->sign, ofScalps()), $one->value, $noise];
        }
    }
    $mean = $usual->mean;
    $covariance = $usual->covariance;
    foreach ($of as [$weights, $value, $noise]) {
        $h = array_replace(array_fill(0, 7, 0.0), $weights);
        $towards = array_map(static fn (array $row): float => array_sum(array_map(
            static fn (float $c, float $w): float => $c * $w,
            $row,
            $h,
        )), $covariance);
        $variance = array_sum(array_map(static fn (float $t, float $w): float => $t * $w, $towards, $h)) + $noise;
        $surprise = $value - array_sum(array_map(static fn (float $m, float $w): float => $m * $w, $mean, $h));
        foreach ($mean as $i => $m) {
            $mean[$i] = $m + $towards[$i] / $variance * $surprise;
            foreach ($covariance[$i] as $j => $c) {
                $next[$i][$j] = $c - $towards[$i] * $towards[$j] / $variance;
            }
        }
        $covariance = $next;
    }
    foreach ($mean as $i => $m) {
        expect($estimate->state->mean[$i])->toEqualWithDelta($m, 1e-9);
        foreach ($covariance[$i] as $j => $c) {
            expect($estimate->state->covariance[$i][$j])->toEqualWithDelta($c, 1e-9);
        }
    }
    expect(count($of))->toBe(2);
});

it('takes what surprises it with as much more doubt', function (): void {
    // Ten of ten flakes in every zone, of a scalp thought to have less than one: 80 is 73.6 from what was expected.
    $estimate = followedTo('2026-03-02', [Scalps::map('2026-03-02', 10, 1, 4)]);
    $measured = null;
    foreach (Scalps::map('2026-03-02', 10, 1, 4)->measured as $one) {
        $measured = $one->sign === Sign::ScalpFlakes ? $one : $measured;
    }
    $variance = 64 * 1.44;
    $noise = $measured->sd ** 2;
    $noise *= 73.6 ** 2 / (9 * ($variance + $noise));
    $alone = 0.8 + 8 * 1.44 / ($variance + $noise) * 73.6;
    // Itch is told too and moves it a little; an unsurprised filter would stand near ten.
    expect($estimate->state->mean[ScalpState::FLAKES])->toEqualWithDelta($alone, 0.8)->toBeLessThan(6.0);
});

it('learns a zone by its own reading, and shows only what stands out', function (): void {
    $zones = array_fill_keys(array_map(static fn (Zone $zone): string => $zone->value, Zone::cases()), 1);
    $estimate = followedTo('2026-03-02', [Scalps::map('2026-03-02', ['crown' => 9, 'nape' => 3] + $zones)]);
    // The mean of the eight is 2.25; a gain of 1.44 of 2.44.
    $gain = 1.44 / 2.44;
    expect($estimate->state->zones['crown'][0])->toEqualWithDelta($gain * 6.75, 1e-9)
        ->and($estimate->state->zones['nape'][0])->toEqualWithDelta($gain * 0.75, 1e-9)
        ->and($estimate->state->zones['crown'][1])->toEqualWithDelta((1 - $gain) * 1.44, 1e-9)
        ->and($estimate->state->flakiestZone())->toBe(Zone::Crown);
    $twice = followedTo('2026-03-02', [
        Scalps::map('2026-03-02', ['crown' => 9, 'nape' => 3] + $zones),
        Scalps::map('2026-03-02', ['crown' => 9, 'nape' => 3] + $zones),
    ]);
    $second = (1 - $gain) * 1.44;
    $again = $second / ($second + 1.0);
    expect($twice->state->zones['crown'][0])
        ->toEqualWithDelta($gain * 6.75 + $again * (6.75 - $gain * 6.75), 1e-9)
        ->and($twice->state->zones['crown'][1])->toEqualWithDelta((1 - $again) * $second, 1e-9);
    // Half a point above the rest is nothing that stands out; nor is anything that is doubtful.
    $state = scalpAt([0.0, 3.0, 0.0, 0.0, 0.0, 0.0, 0.0]);
    $with = static fn (array $crown, array $nape): ?Zone => (new ScalpState(
        $state->mean,
        $state->covariance,
        ['crown' => $crown, 'nape' => $nape],
    ))->flakiestZone();
    expect($with([0.9, 0.01], [0.0, 0.01]))->toBeNull()
        ->and($with([1.1, 0.01], [0.0, 0.01]))->toBe(Zone::Crown)
        ->and($with([1.1, 1.3], [0.0, 0.01]))->toBeNull()
        ->and($with([1.1, 0.01], [1.2, 0.01]))->toBe(Zone::Nape)
        ->and($with([1.2, 0.01], [1.1, 0.01]))->toBe(Zone::Crown);
    $full = new ScalpState([0.0, 9.5, 0.0, 0.0, 0.0, 0.0, 0.0], $state->covariance, ['crown' => [3.0, 0.1]]);
    $none = new ScalpState([0.0, 0.5, 0.0, 0.0, 0.0, 0.0, 0.0], $state->covariance, ['crown' => [-3.0, 0.1]]);
    expect($full->flakesIn(Zone::Crown))->toBe(10.0)
        ->and($none->flakesIn(Zone::Crown))->toBe(0.0)
        ->and($full->flakesIn(Zone::Nape))->toBe(9.5)
        ->and($full->expected(Sign::ScalpFlakes, ofScalps()))->toBe(76.0);
});

it('follows days in their order, readings before washes, up to today', function (): void {
    $washed = static fn (string $date): WashDay => Make::washDay($date, [Step::cleanse(CleanseKind::Shampoo)]);
    $read = Scalps::map('2026-03-02', 2, oil: 6);
    [$first, $second, $today] = [$washed('2026-03-02'), $washed('2026-03-05'), Scalps::map('2026-03-09')];
    $inOrder = followedTo('2026-03-09', [$read, $today], [$first, $second]);
    $mixed = followedTo('2026-03-09', [$today, $read], [$second, $first]);
    expect($mixed)->toEqual($inOrder)
        ->and($inOrder->lastRead)->toEqual(Make::day('2026-03-09'))
        ->and($inOrder->latest(Sign::ScalpOil))->toBe(3.0);
    // A wash of today counts today, one of tomorrow does not; two on one day are both done.
    $oil = static fn (array $washDays): float => followedTo('2026-03-02', [$read], $washDays)->state->mean[0];
    expect($oil([$washed('2026-03-02')]))->toEqualWithDelta(0.25 * $oil([]), 1e-9)
        ->and($oil([$washed('2026-03-03')]))->toBe($oil([]))
        ->and($oil([$washed('2026-03-02'), new WashDay('two', Make::day(), [Step::cleanse(CleanseKind::Gentle)])]))
        ->toEqualWithDelta(0.25 * 0.45 * $oil([]), 1e-9);
    // What comes between the last reading and today goes on by itself.
    $later = followedTo('2026-03-06', [$read]);
    $then = ScalpDynamics::afterDays(followedTo('2026-03-02', [$read])->state, 4, 50.0, ofScalps());
    expect($later->state)->toEqual($then)->and($later->lastRead)->toEqual(Make::day());
    // The air of a stretch is that of its middle day.
    $air = new Humidity(30.0, ['03-02' => 30.0, '03-04' => 10.0, '03-06' => 50.0]);
    $dry = followedTo('2026-03-06', [$read], air: $air)->state->mean[ScalpState::DRYNESS];
    $middle = ScalpDynamics::afterDays(
        followedTo('2026-03-02', [$read])->state,
        4,
        $air->percentOn(Make::day('2026-03-04')),
        ofScalps(),
    );
    expect($dry)->toEqualWithDelta($middle->mean[ScalpState::DRYNESS], 1e-9);
});
