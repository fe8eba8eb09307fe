<?php

declare(strict_types=1);

/* Results that do not come as foretold are found, with the likeliest culprit; chance alone is not taken for one. */

use Nagomi\Core\Learning\Calibration;
use Nagomi\Core\Learning\ForetoldResult;
use Nagomi\Core\Learning\PlansForetold;
use Nagomi\Core\Learning\ResultsAlarm;
use Nagomi\Core\Learning\ResultsFinding;
use Nagomi\Core\Learning\ResultsGroup;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Half a year of a salon: clients read by one of three stylists by five tests, each of its own habit.
 *
 * @param Closure(string, string, string): array{float, float} $of shift and spread by test, stylist and client
 *
 * @return list<ForetoldResult>
 */
function resultsOf(Closure $of, int $seed = 1, int $clients = 18, int $visits = 5): array
{
    [$chance, $results] = [new SeededRandom($seed), []];
    for ($i = 0; $i < $clients; $i++) {
        for ($visit = 0; $visit < $visits; $visit++) {
            $stylist = ['Ilse', 'Quim', 'Rún'][($i + $visit) % 3];
            foreach (['dryness', 'feel', 'wet-stretch', 'broken', 'curl-memory'] as $test) {
                [$shift, $spread] = $of($test, $stylist, "client {$i}");
                $results[] = new ForetoldResult("client {$i}", $chance->normal($shift, $spread), [
                    'test' => $test, 'stylist' => $stylist, 'porosity' => ['low', 'medium', 'high'][$i % 3],
                    'since' => $visit === 0 ? 'first' : 'month',
                ]);
            }
        }
    }

    return $results;
}

/** @return list<string> alarms as test dryness higher */
function alarmsOf(Calibration $calibration): array
{
    return array_map(
        static fn (ResultsAlarm $alarm): string
            => "{$alarm->by->value} {$alarm->which} {$alarm->group->finding?->value}",
        $calibration->alarms,
    );
}

it('finds nothing where there is nothing, a hundred salons in a row but for a few', function (): void {
    $parameters = Parameters::shipped()->learning;
    $false = 0;
    for ($seed = 1; $seed <= 100; $seed++) {
        $results = resultsOf(static fn (): array => [0.0, 1.0], $seed);
        $false += Calibration::of($results, $parameters)->alarms === [] ? 0 : 1;
    }
    expect($false)->toBeLessThanOrEqual(4);
    $whole = Calibration::of(resultsOf(static fn (): array => [0.0, 1.0]), $parameters);
    expect($whole->whole?->results)->toBe(450)->and($whole->whole->heads)->toBe(18)
        ->and($whole->whole->held)->toBeGreaterThan(0.75)->toBeLessThan(0.85)
        ->and(array_sum($whole->tenths))->toBe(450)->and(min($whole->tenths))->toBeGreaterThan(25)
        ->and($whole->isGeneral)->toBeFalse()
        ->and(array_keys($whole->groups))->toBe(['test', 'stylist', 'porosity', 'since']);
});

it('names the test, the hand, the hair or the wait that it is', function (Closure $of, array $alarms): void {
    foreach ([3, 4, 5] as $seed) {
        $found = Calibration::of(resultsOf($of, $seed), Parameters::shipped()->learning);
        expect(alarmsOf($found))->toBe($alarms)->and($found->isGeneral)->toBeFalse();
    }
})->with([
    'a test' => [static fn (string $test): array => [$test === 'dryness' ? 0.8 : 0.0, 1.0], ['test dryness higher']],
    'a test read lower' => [
        static fn (string $test): array => [$test === 'feel' ? -0.8 : 0.0, 1.0], ['test feel lower'],
    ],
    'a careless hand' => [
        static fn (string $test, string $by): array => [0.0, $by === 'Quim' ? 2.2 : 1.0], ['stylist Quim scattered'],
    ],
    'too careful a range' => [
        static fn (string $test): array => [0.0, $test === 'broken' ? 0.3 : 1.0], ['test broken narrow'],
    ],
    'two at once' => [
        static fn (string $test, string $by): array => [
            $test === 'dryness' ? 1.4 : 0.0, $by === 'Rún' ? 2.2 : 1.0,
        ],
        ['test dryness higher', 'stylist Rún scattered'],
    ],
]);

it('takes what one client does for one client', function (): void {
    $parameters = Parameters::shipped()->learning;
    $odd = resultsOf(static fn (string $test, string $by, string $client): array => [
        $client === 'client 7' ? 4.0 : 0.0, 1.0,
    ]);
    expect(Calibration::of($odd, $parameters)->alarms)->toBe([]);
});

it('says that all of it is off where no few culprits explain it', function (): void {
    $all = Calibration::of(resultsOf(static fn (): array => [0.0, 2.0]), Parameters::shipped()->learning);
    expect($all->isGeneral)->toBeTrue()->and($all->whole?->finding)->toBe(ResultsFinding::Scattered)
        ->and($all->tenths[0] + $all->tenths[9])->toBeGreaterThan(180);
});

it('says nothing of a handful, and nothing at all of nothing', function (): void {
    $parameters = Parameters::shipped()->learning;
    $few = resultsOf(static fn (): array => [3.0, 1.0], clients: 4, visits: 2);
    expect(Calibration::of($few, $parameters)->alarms)->toBe([])
        ->and(Calibration::of([], $parameters)->whole)->toBeNull()
        ->and(Calibration::of([], $parameters)->tenths)->toBe(array_fill(0, 10, 0));
    // All of one client, and all the same: no chance to tell by.
    $same = array_map(static fn (): ForetoldResult => new ForetoldResult('one', 0.2, []), range(1, 60));
    expect(ResultsGroup::of($same, $parameters)->finding)->toBeNull();
});

it('holds what plans foretold beside what came, over clients', function (): void {
    $parameters = Parameters::shipped()->learning;
    $chance = new SeededRandom(8);
    $plans = static function (float $shift) use ($chance): array {
        $plans = [];
        foreach (range(1, 12) as $client) {
            foreach (range(1, 3) as $plan) {
                $foretold = 0.5 + 0.3 * $chance->uniform();
                $plans[] = ["client {$client}", $foretold, $foretold + $shift + $chance->normal(0.0, 0.08)];
            }
        }

        return $plans;
    };
    $less = PlansForetold::of($plans(-0.15), $parameters);
    $same = PlansForetold::of($plans(0.0), $parameters);
    expect($less?->isChance)->toBeFalse()->and($less->came)->toBeLessThan($less->foretold - 0.1)
        ->and([$less->plans, $less->clients])->toBe([36, 12])
        ->and($same?->isChance)->toBeTrue()
        // Of a handful nothing is told, however far apart; nor of one client with many plans.
        ->and(PlansForetold::of([['a', 0.9, 0.1], ['b', 0.9, 0.1]], $parameters)?->isChance)->toBeTrue()
        ->and(PlansForetold::of(array_fill(0, 40, ['a', 0.9, 0.1]), $parameters)?->isChance)->toBeTrue()
        ->and(PlansForetold::of([], $parameters))->toBeNull();
});
