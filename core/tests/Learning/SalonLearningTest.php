<?php

declare(strict_types=1);

/*
 * A salon's records tell where its hair and its hands differ from what is shipped; where they tell little, what is
 * shipped stands.
 */

use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Learning\Foretold;
use Nagomi\Core\Learning\LearnedValue;
use Nagomi\Core\Learning\LearningRound;
use Nagomi\Core\Learning\SalonLearning;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Validation\FilterScore;
use Nagomi\Core\Validation\SimulatedLife;

/** @return list<array{HeadHistory, DateTimeImmutable}> half a year of so many heads of a world */
function salonIn(World $world, int $heads, int $from = 9000): array
{
    $salon = [];
    for ($i = 0; $i < $heads; $i++) {
        $life = SimulatedLife::live($from + $i, 182, world: $world);
        $salon[] = [$life->history(planned: true), $life->from->modify('+181 days')];
    }

    return $salon;
}

it('multiplies what differs from salon to salon, within what is believable, and nothing else', function (): void {
    $shipped = Parameters::shipped();
    foreach (LearnedFactor::cases() as $factor) {
        [$after, $least] = [$factor->times(1.2, $shipped)->table, $factor->times(0.001, $shipped)->table];
        foreach ($factor->of($shipped) as $one) {
            $wanted = max($one->least, min($one->most, 1.2 * $one->value));
            expect($after->one($one->name, $one->key)->value)->toEqualWithDelta($wanted, 1e-9)
                ->and($least->one($one->name, $one->key)->value)->toBeGreaterThanOrEqual($one->least);
        }
        expect($factor->times(1.0, $shipped)->table)->toEqual($shipped->table)
            ->and($factor->priorSpread($shipped))->toBe(0.25);
    }
    $slopes = LearnedFactor::Slopes->times(0.5, $shipped);
    expect($slopes->table->numbers('signs.reading-sd'))->toBe($shipped->table->numbers('signs.reading-sd'))
        ->and($slopes->signs)->not->toEqual($shipped->signs);
});

it('leaves what is shipped where there is a handful of heads, or nothing was read of them', function (): void {
    $shipped = Parameters::shipped();
    $few = (new SalonLearning(salonIn(World::FlatSigns, 3), $shipped))->learned();
    $unread = array_map(
        static fn (int $i): array => [new HeadHistory(Make::head()), Make::day()->modify("+{$i} weeks")],
        range(1, 6),
    );
    foreach ([$few, (new SalonLearning($unread, $shipped))->learned(1)] as $learned) {
        foreach ($learned as $value) {
            expect($value->factor())->toEqualWithDelta(1.0, 1e-9)->and($value->weight)->toBeLessThan(1e-6)
                ->and($value->logSd)->toEqualWithDelta(0.25, 1e-6);
        }
        expect(SalonLearning::parameters($shipped, $learned)->table->numbers('signs.sign-slopes'))
            ->toEqual($shipped->table->numbers('signs.sign-slopes'));
    }
});

it('learns that signs are flat here, and that they are as shipped where they are', function (): void {
    $shipped = Parameters::shipped();
    $flat = (new SalonLearning(salonIn(World::FlatSigns, 8), $shipped))->learned(2);
    $same = (new SalonLearning(salonIn(World::Shipped, 8), $shipped))->learned(1);
    [$least, $most] = $flat['slopes']->interval();
    expect($flat['slopes']->factor())->toBeGreaterThan(0.45)->toBeLessThan(0.75)
        ->and($least)->toBeLessThan($flat['slopes']->factor())
        ->and($most)->toBeGreaterThan($flat['slopes']->factor())->toBeLessThan(0.9)
        ->and($flat['slopes']->weight)->toBeGreaterThan(0.5)->toBeLessThan(1.0)
        ->and($same['slopes']->factor())->toBeGreaterThan(0.8)->toBeLessThan(1.2)
        ->and($same['noise']->factor())->toBeGreaterThan(0.8)->toBeLessThan(1.2);

    // Heads that nobody learned from are followed better by it, and their doubt is honest again.
    $parameters = SalonLearning::parameters($shipped, $flat);
    [$before, $after] = [new FilterScore(planned: true), new FilterScore(true, $parameters)];
    for ($seed = 0; $seed < 5; $seed++) {
        $life = SimulatedLife::live(50_000 + $seed, 210, world: World::FlatSigns);
        $before->take($life);
        $after->take($life);
    }
    expect($before->coverage('moisture'))->toBeLessThan(0.66)
        ->and($after->coverage('moisture'))->toBeGreaterThan(0.68)
        ->and($after->errorRatio('held'))->toBeLessThan($before->errorRatio('held'));
});

it('foretells readings worse by parameters that are wrong, and is not led by one slip of the hand', function (): void {
    [[$history, $until]] = salonIn(World::Shipped, 1);
    $shipped = Parameters::shipped();
    $right = Foretold::score($history, $until, $shipped);
    expect(Foretold::score($history, $until, LearnedFactor::Noise->times(3.0, $shipped)))->toBeLessThan($right - 5)
        ->and(Foretold::score($history, $until, LearnedFactor::Slopes->times(2.5, $shipped)))->toBeLessThan($right - 5)
        ->and(Foretold::score($history->withoutReadings(), $until, $shipped))->toBe(0.0);
    $slip = new HeadHistory(
        $history->head,
        $history->washDays,
        [...$history->readings, Make::reading($until->format('Y-m-d'), 'dryness', ['points' => 10])],
        air: $history->air,
    );
    // By the square of how far it lies off it would count twice as much.
    expect(Foretold::score($slip, $until, $shipped))->toBeLessThan($right)->toBeGreaterThan($right - 12);
});

it('says a factor with its 80 % interval', function (): void {
    $value = new LearnedValue(LearnedFactor::Slopes, log(0.6), 0.1, 0.8);
    expect($value->factor())->toEqualWithDelta(0.6, 1e-12)
        // qnorm(.9) = 1.281552, by R.
        ->and($value->interval()[0])->toEqualWithDelta(0.6 * exp(-0.1281552), 1e-6)
        ->and($value->interval()[1])->toEqualWithDelta(0.6 * exp(0.1281552), 1e-6);
});

it('counts readings as they were foretold, before any was doubted', function (): void {
    $head = Make::head();
    $of = static function (float $points) use ($head): FilterRun {
        $reading = Make::reading('2026-10-01', 'dryness', ['points' => $points]);

        return KalmanFilter::through(new HeadHistory($head, [], [$reading]), $reading->date);
    };
    foreach ([3.0, 10.0] as $points) {
        [$check] = $of($points)->checks;
        $distance = ($check->innovation / $check->expectedSd) ** 2;
        $limit = $head->parameters->signs->checkAgainAtSd ** 2;
        $wanted = -log($check->expectedSd)
            - ($distance <= $limit ? $distance / 2 : sqrt($limit * $distance) - $limit / 2);
        expect($of($points)->logDensity)->toEqualWithDelta($wanted, 1e-6);
    }
    expect($of(10.0)->checks[0]->again)->toBeTrue()->and($of(3.0)->checks[0]->again)->toBeFalse();
});

it('reads the same measures by other parameters', function (): void {
    $reading = Make::reading('2026-10-01', 'dryness', ['points' => 4]);
    $loud = LearnedFactor::Noise->times(1.5, Parameters::shipped());
    [[$before], [$after]] = [$reading->measured, $reading->under($loud)->measured];
    expect($after->sd)->toEqualWithDelta(1.5 * $before->sd, 1e-9)->and($after->value)->toBe($before->value);
    // What a scalp shows or a ruler says is no noisier for it: it tells nothing of the balance it was learned from.
    expect($loud->table->one('signs.reading-sd', 'length')->value)
        ->toBe(Parameters::shipped()->table->one('signs.reading-sd', 'length')->value);
});

it('compares how readings were foretold by two sets of parameters', function (): void {
    [[$history, $until]] = salonIn(World::Shipped, 1);
    $shipped = Parameters::shipped();
    [$within, $other, $off, $otherOff, $all] = Foretold::compared(
        $history,
        $until,
        $shipped,
        LearnedFactor::Noise->times(0.3, LearnedFactor::Spread->times(0.4, $shipped)),
    );
    expect($all)->toBeGreaterThan(50)->and($within / $all)->toBeGreaterThan(0.7)->and($other)->toBeLessThan($within)
        ->and($off / $all)->toBeGreaterThan(0.3)->toBeLessThan(1.5)->and($otherOff)->not->toBe($off)
        ->and(Foretold::compared($history, $until, $shipped, $shipped))->toBe([$within, $within, $off, $off, $all]);
});

it('takes off what the search leans by', function (): void {
    // Where nobody says anything the salon stays as shipped, wherever the search began.
    $shipped = Parameters::shipped();
    $round = new LearningRound(SalonLearning::shipped($shipped), $shipped);
    $silent = array_fill(0, 6, array_fill(0, 1 + 2 * count(LearnedFactor::cases()), -3.0));
    foreach ($round->learned($silent) as $value) {
        expect($value->factor())->toEqualWithDelta(1.0, 1e-12)->and($value->weight)->toEqualWithDelta(0.0, 1e-9);
    }
    [[$history, $until]] = salonIn(World::Shipped, 1);
    $leaning = SalonLearning::shipped($shipped);
    foreach ($leaning as $factor => $value) {
        $leaning[$factor] = new LearnedValue($value->of, log($shipped->learning->leans[$factor]), 0.0, 0.0);
    }
    expect($round->scores($history, $until)[0])->toEqualWithDelta(
        Foretold::score($history, $until, SalonLearning::parameters($shipped, $leaning)),
        1e-6,
    );
});

it('takes a careless hand for noise, and stays wide about all else', function (): void {
    $chance = new SeededRandom(4);
    $careless = array_map(static function (array $head) use ($chance): array {
        [$history, $until] = $head;
        $readings = array_filter(
            $history->readings,
            static fn (Reading $reading): bool => in_array($reading->test, ['dryness', 'curl-memory'], true),
        );

        return [new HeadHistory($history->head, $history->washDays, array_values(array_map(
            static fn (Reading $reading): Reading => new Reading(
                $reading->id,
                $reading->date,
                $reading->moment,
                $reading->test,
                ['points' => $chance->between(0, 10)],
                $reading->zone,
                $reading->by,
            ),
            $readings,
        )), air: $history->air), $until];
    }, salonIn(World::Shipped, 5));
    $learned = (new SalonLearning($careless, Parameters::shipped()))->learned();
    expect($learned['noise']->factor())->toBeGreaterThan(1.8)->toBeLessThan(3.2);
    foreach (['spread', 'moisture-fading', 'protein-fading', 'moisture-gains'] as $factor) {
        [$least, $most] = $learned[$factor]->interval();
        expect($least)->toBeLessThan(1.05)->and($most)->toBeGreaterThan(0.95)
            ->and($most / $least)->toBeGreaterThan(1.4);
    }
    // And what comes of it can be followed.
    $parameters = SalonLearning::parameters(Parameters::shipped(), $learned);
    [$history, $until] = $careless[0];
    foreach (KalmanFilter::through($history->under($parameters), $until)->last()->state->mean as $value) {
        expect(is_finite($value))->toBeTrue();
    }
});
