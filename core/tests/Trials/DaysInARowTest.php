<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Trials\DaysInARow;
use Nagomi\Core\Trials\PermutationTest;

function inARow(): DaysInARow
{
    return new DaysInARow(Parameters::shipped()->readings);
}

/**
 * A virtual client who changes nothing, read every so many days by the signs a trial is most often measured by.
 *
 * @return array<string, array<int, float>> by sign, then day
 */
function unchangedLife(int $seed, int $every): array
{
    $client = VirtualClient::draw($seed);
    [$next, $wash, $last, $signs] = [0, 0, -7, []];
    for ($day = 0; $day < 60 + 17 * $every; $day++) {
        $client->virtual->aDay($client->humidityOn(Make::day()->modify("+{$day} days")));
        if ($day > 60 && $day % $every === 0) {
            foreach ($client->virtual->read(max(1, $day - $last)) as $test => $raw) {
                foreach (TestCatalogue::test($test)?->measure($raw, Parameters::shipped()) ?? [] as $measured) {
                    $signs[$measured->sign->value][$day] = $measured->value;
                }
            }
        }
        if ($day >= $next) {
            $client->virtual->wash($client->habit($wash++));
            [$last, $next] = [$day, $day + max(3, $client->head->washEveryDays + $client->chance->between(-1, 2))];
        }
    }

    return $signs;
}

it('asks more of days in a row than of days far apart, and more of many than of few', function (): void {
    $daily = inARow()->apart(range(-8, -1), range(0, 7));
    $weekly = inARow()->apart(range(-56, -7, 7), range(0, 49, 7));
    $yearly = inARow()->apart(range(-2920, -365, 365), range(0, 2555, 365));
    expect($yearly)->toEqualWithDelta(1.0, 0.001)
        ->and($daily)->toBeGreaterThan(1.15)
        ->and($weekly)->toBeGreaterThan(1.15)
        ->and(inARow()->apart([-3, -2, -1], [0, 1, 2]))->toBeLessThan($daily)
        ->and(inARow()->paired(range(0, 7)))->toBeGreaterThan(inARow()->paired(range(0, 49, 7)))
        ->and(inARow()->paired(range(0, 2555, 365)))->toEqualWithDelta(1.0, 0.001);
});

it('holds by hand for two days', function (): void {
    // Half-life 14 days, share .3: days 14 apart go together by .15. Variance of their mean difference 2(1 − .15), of
    // the spread about their mean 1 − .15: twice as much, as dealing has it.
    expect(inARow()->apart([0], [14]))->toEqualWithDelta(1.0, 1e-12)
        ->and(inARow()->paired([0, 14]))->toEqualWithDelta(sqrt(1.15), 1e-12);
});

it('puts fewer than 12 % of sham trials down to anything but chance', function (int $every): void {
    $sham = $hardly = 0;
    for ($seed = 1; $seed <= 60; $seed++) {
        $life = unchangedLife($seed, $every);
        foreach (['dryness', 'feel', 'wet-stretch', 'curl-memory', 'broken'] as $sign) {
            [$days, $values] = [array_keys($life[$sign]), array_values($life[$sign])];
            [$before, $after] = [array_slice($values, 0, 5), array_slice($values, 5, 5)];
            $further = inARow()->apart(array_slice($days, 0, 5), array_slice($days, 5, 5));
            $sham++;
            $hardly += PermutationTest::apart($before, $after, $further)->p <= 0.1 ? 1 : 0;
        }
    }
    expect($sham)->toBe(300)->and($hardly / $sham)->toBeLessThan(0.12, "$hardly of $sham");
})->with(['every day' => [1], 'every week' => [7], 'every other week' => [14]]);

it('still finds a change that is there', function (): void {
    $found = 0;
    for ($seed = 1; $seed <= 40; $seed++) {
        $life = unchangedLife($seed, 7)['dryness'];
        [$days, $values] = [array_keys($life), array_values($life)];
        $after = array_map(fn (float $value): float => $value + 4.0, array_slice($values, 5, 5));
        $further = inARow()->apart(array_slice($days, 0, 5), array_slice($days, 5, 5));
        $found += PermutationTest::apart(array_slice($values, 0, 5), $after, $further)->p <= 0.1 ? 1 : 0;
    }
    expect($found)->toBeGreaterThan(32);
});
