<?php

declare(strict_types=1);


/** Four visits of a head in balance, so that much is known of it. */

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Tests\Support\Make;

function settledReadings(): array
{
    $readings = [];
    foreach (['2026-01-05', '2026-01-19', '2026-02-02', '2026-02-16'] as $date) {
        $readings = [...$readings, ...Make::fiveReadings($date)];
    }

    return $readings;
}

it('doubts readings that each might be but contradict one another', function (): void {
    // Of a head nobody knows: very dry, twice, and soft between; each might be, but one of them is wrong.
    $readings = [
        Make::reading('2026-02-17', 'dryness', ['points' => 8]),
        Make::reading('2026-02-17', 'feel', ['points' => 4]),
        Make::reading('2026-02-17', 'dryness', ['points' => 8]),
    ];
    $checks = KalmanFilter::follow(Make::head(), [], $readings, Make::day('2026-02-17'))->checks;
    foreach ($checks as $check) {
        expect(abs($check->zScore))->toBeLessThan(0.8 * Parameters::shipped()->signs->checkAgainAtSd);
    }
    $again = array_values(array_filter($checks, fn ($check): bool => $check->again));
    expect($again)->toHaveCount(1)->and($again[0]->measured->sign)->toBe(Sign::Feel);
});

it('says how well a reading was foretold, and counts one far off no more than it must', function (float $points): void {
    $reading = Make::reading('2026-02-17', 'dryness', ['points' => $points]);
    $run = KalmanFilter::follow(Make::head(), [], [$reading], Make::day('2026-02-17'));
    [$z, $sd] = [abs($run->checks[0]->zScore), $run->checks[0]->expectedSd];
    $limit = Parameters::shipped()->signs->checkAgainAtSd;
    // P. J. Huber, Robust estimation of a location parameter, 1964 (from memory): half the square, then straight on.
    $loss = $z <= $limit ? $z ** 2 / 2 : $limit * $z - $limit ** 2 / 2;
    expect($run->logDensity)->toEqualWithDelta(-log($sd) - $loss, 1e-9);
})->with([3, 6, 9, 10]);

it('doubts the same reading whatever the order they were typed in', function (): void {
    $odd = [
        Make::reading('2026-02-17', 'dryness', ['points' => 8.5]),
        Make::reading('2026-02-17', 'feel', ['points' => 3]),
        Make::reading('2026-02-17', 'curl-memory', ['points' => 2]),
    ];
    $again = function (array $odd): array {
        $doubted = [];
        foreach (
            KalmanFilter::follow(
                Make::head(),
                [],
                [...settledReadings(), ...$odd],
                Make::day('2026-02-17'),
            )->checks as $check
        ) {
            $doubted[] = $check->again ? $check->measured->sign->value : null;
        }
        $doubted = array_filter($doubted);
        sort($doubted);

        return $doubted;
    };
    expect($again($odd))->toBe($again(array_reverse($odd)));
});

it('leaves a moment whose readings agree alone, however unexpected they are together', function (): void {
    $readings = [
        ...settledReadings(),
        Make::reading('2026-02-17', 'dryness', ['points' => 5.5]),
        Make::reading('2026-02-17', 'feel', ['points' => -1.5]),
    ];
    $checks = KalmanFilter::follow(Make::head(), [], $readings, Make::day('2026-02-17'))->checks;
    expect(array_filter(array_slice($checks, -2), fn ($check): bool => $check->again))->toBeEmpty();
});

it('never doubts what was confirmed', function (): void {
    $readings = [
        ...settledReadings(),
        Make::reading('2026-02-17', 'dryness', ['points' => 10], confirmed: true),
        Make::reading('2026-02-17', 'feel', ['points' => 5], confirmed: true),
    ];
    $checks = KalmanFilter::follow(Make::head(), [], $readings, Make::day('2026-02-17'))->checks;
    expect(array_filter($checks, fn ($check): bool => $check->again && $check->reading->confirmed))->toBeEmpty();
});

it('doubts what contradicts a confirmed reading, and not the confirmed one', function (): void {
    $doubted = function (string $confirmed): array {
        $readings = array_map(fn (array $of): Reading => Make::reading(
            '2026-02-17',
            $of[0],
            ['points' => $of[1]],
            confirmed: $confirmed === $of[0],
        ), [['dryness', 8], ['feel', 4], ['dryness', 8]]);
        $checks = KalmanFilter::follow(Make::head(), [], $readings, Make::day('2026-02-17'))->checks;
        $again = array_filter($checks, fn ($check): bool => $check->again);

        return array_values(array_map(fn ($check): string => $check->measured->sign->value, $again));
    };
    expect($doubted('neither'))->toBe(['feel'])->and($doubted('dryness'))->toBe(['feel']);
    // Dryness is read too coarsely to be doubted for it: they stand beside each other.
    expect($doubted('feel'))->toBe([]);
});

it('keeps its covariance symmetric and positive through 5,000 updates', function (): void {
    $readings = [];
    $tests = [
        ['dryness', ['points' => 4]],
        ['feel', ['points' => 0.5]],
        ['curl-memory', ['points' => 6]],
        ['build-up-signs', ['dull' => 1, 'beads' => 0, 'film' => 0, 'sticky' => 0, 'no_lather' => 1]],
        ['broken-hairs', ['shed' => 90, 'broken' => 9, 'days_since_detangled' => 1]],
    ];
    for ($day = 0; $day < 1000; $day++) {
        $date = Make::day('2023-01-01')->modify("+{$day} days")->format('Y-m-d');
        foreach ($tests as [$test, $raw]) {
            $readings[] = Make::reading($date, $test, $raw);
        }
    }
    $trace = KalmanFilter::follow(Make::head(), [], $readings, Make::day('2023-01-01')->modify('+999 days'));
    expect($trace->checks)->toHaveCount(5000);
    $state = $trace->last()->state;
    foreach ($state->covariance as $i => $row) {
        expect($row[$i])->toBeGreaterThanOrEqual(0.0)->and(is_finite($state->mean[$i]))->toBeTrue();
        foreach ($row as $j => $value) {
            expect($value)->toBe($state->covariance[$j][$i]);
        }
    }
    // Positive definite: a Cholesky factor exists.
    expect(new Nagomi\Core\Statistics\Cholesky($state->covariance))->not->toBeNull()
        ->and($state->sd(0, StateLayout::MOISTURE))->toBeGreaterThan(0.0);
});
