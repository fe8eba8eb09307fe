<?php

declare(strict_types=1);


/** A year of hourly weather, 60 % by night and 40 % by day. */

use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Climate\InvalidWeather;
use Nagomi\Core\Climate\ShippedClimate;
use Nagomi\Core\Climate\WeatherFile;
use Nagomi\Core\Tests\Support\Make;

function weatherYear(int $days = 365): string
{
    $lines = [WeatherFile::HEADER];
    for ($hour = 0; $hour < 24 * $days; $hour++) {
        $lines[] = gmdate('Y-m-d\TH:00', 1735689600 + 3600 * $hour) . ',12.5,' . ($hour % 24 < 12 ? 60 : 40);
    }

    return implode("\n", $lines);
}

it('averages the hours of each day of a weather file', function (): void {
    $year = WeatherFile::year(weatherYear());
    expect($year)->toHaveCount(365)->and($year['01-01'])->toBe(50.0)->and($year['12-31'])->toBe(50.0);
});

it('ships a whole year of three climates that differ as their names say', function (): void {
    $means = [];
    foreach (ShippedClimate::cases() as $climate) {
        $year = WeatherFile::year((string) file_get_contents($climate->file()));
        expect($year)
            ->toHaveCount(365)
            ->and(min($year))
            ->toBeGreaterThan(5.0)
            ->and(max($year))
            ->toBeLessThanOrEqual(100.0);
        $means[$climate->value] = array_sum($year) / 365;
    }
    expect($means['harbour'])
        ->toBeGreaterThan($means['upland'])
        ->and($means['upland'])
        ->toBeGreaterThan($means['plain'] + 10);
});

it('names every bad line of a weather file and takes none of it', function (string $csv, string $problem): void {
    expect(fn () => WeatherFile::year($csv))->toRefuse(InvalidWeather::class, $problem);
})->with([
    'another header' => ["a,b,c\n1,2,3", 'Line 1: start with the header'],
    'letters for humidity' => [
        WeatherFile::HEADER . "\n2026-01-01T00:00,5,wet",
        'Line 2: give the humidity as 0 to 100 %.',
    ],
    'humidity over 100' => [
        WeatherFile::HEADER . "\n2026-01-01T00:00,5,101",
        'Line 2: give the humidity as 0 to 100 %.',
    ],
    '31 February' => [
        WeatherFile::HEADER . "\n2026-01-01T00:00,5,50\n2026-02-31T00:00,5,50",
        'Line 3: give a time that exists',
    ],
    'a temperature of the sun' => [WeatherFile::HEADER . "\n2026-01-01T00:00,5000,50", 'Line 2: give the temperature'],
    'a month only' => [weatherYear(30), 'The file holds 30 days'],
    'nothing' => ['', 'Line 1: start with the header'],
]);

it('swings about the humidity that is usual for a head', function (): void {
    $humidity = new Humidity(70, ['01-01' => 40.0, '01-02' => 60.0, '02-28' => 50.0]);
    expect($humidity->percentOn(Make::day('2027-01-01')))->toBe(60.0)
        ->and($humidity->percentOn(Make::day('2027-01-02')))->toBe(80.0)
        ->and($humidity->percentOn(Make::day('2028-02-29')))->toBe(70.0)
        ->and($humidity->percentOn(Make::day('2027-07-01')))->toBe(70.0)
        ->and((new Humidity(45))->percentOn(Make::day()))->toBe(45.0)
        ->and($humidity->about(90)->percentOn(Make::day('2027-01-02')))->toBe(99.0);
    expect(fn () => new Humidity(120))->toRefuse(InvalidArgumentException::class, '0 to 100 %');
});

it('refuses air that cannot be', function (float $celsius, float $percent): void {
    expect(fn () => DewPoint::celsius($celsius, $percent))->toThrow(InvalidArgumentException::class);
})->with([[80, 50], [20, 0], [20, 101], [NAN, 50], [20, NAN]]);
