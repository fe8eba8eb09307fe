<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

use Nagomi\Core\Wording\Message;

/**
 * Reads a year of hourly weather as CSV: a header line `time,temperature_c,relative_humidity_percent`, then a line an
 * hour
 * such as `2026-01-31T14:00,6.5,81`. Days of one date are averaged. Every bad line is named; a file with any is not
 * taken.
 */
final class WeatherFile
{
    public const HEADER = 'time,temperature_c,relative_humidity_percent';
    private const FEWEST_DAYS = 350;
    private const MOST_PROBLEMS = 20;

    /**
     * @return array<string, float> daily mean humidity in %, by day of the year as 01-31
     *
     * @throws InvalidWeather with every problem and its line
     */
    public static function year(string $csv): array
    {
        $lines = preg_split('/\R/', trim($csv)) ?: [];
        $problems = [];
        if (strtolower(str_replace(' ', '', ltrim((string) array_shift($lines), "\u{FEFF}"))) !== self::HEADER) {
            $problems[] = Message::of('weather.header', header: self::HEADER);
        }
        $sums = [];
        foreach ($problems === [] ? $lines : [] as $i => $line) {
            $problem = self::take($line, $sums);
            if ($problem !== null) {
                $problems[] = Message::of('weather.line', line: $i + 2, instead: $problem);
            }
            if (count($problems) >= self::MOST_PROBLEMS) {
                $problems[] = Message::of('weather.more', most: self::MOST_PROBLEMS);
                break;
            }
        }
        if ($problems === [] && count($sums) < self::FEWEST_DAYS) {
            $problems[] = Message::of('weather.too-few', days: count($sums), fewest: self::FEWEST_DAYS);
        }
        if ($problems !== []) {
            throw new InvalidWeather($problems);
        }
        ksort($sums);

        return array_map(static fn (array $day): float => round($day[0] / $day[1], 2), $sums);
    }

    /**
     * @param array<string, array{float, int}> $sums
     *
     * @return Message|null what is wrong with the line
     */
    private static function take(string $line, array &$sums): ?Message
    {
        if (trim($line) === '') {
            return null;
        }
        $cells = array_map(trim(...), explode(',', $line));
        if (
            count($cells) !== 3
            || preg_match('/^(\d{4})-(\d{2})-(\d{2})[T ]([01]\d|2[0-3]):[0-5]\d(:[0-5]\d)?$/', $cells[0], $time) !== 1
            || ! checkdate((int) $time[2], (int) $time[3], (int) $time[1])) {
            return Message::of('weather.time');
        }
        if (! is_numeric($cells[1]) || abs((float) $cells[1]) > 60) {
            return Message::of('weather.temperature');
        }
        if (! is_numeric($cells[2]) || (float) $cells[2] < 0 || (float) $cells[2] > 100) {
            return Message::of('weather.humidity');
        }
        $day = "{$time[2]}-{$time[3]}";
        $sums[$day] = [($sums[$day][0] ?? 0.0) + (float) $cells[2], ($sums[$day][1] ?? 0) + 1];

        return null;
    }
}
