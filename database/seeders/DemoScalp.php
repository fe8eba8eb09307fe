<?php

declare(strict_types=1);

namespace Database\Seeders;

use DateTimeImmutable;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

/** Scalps of the demo: every other head's was looked at on its visits, and grows oily and flaky at its own pace. */
final class DemoScalp
{
    /** @return list<Reading> */
    public static function readings(DemoHead $demo, DemoLife $life): array
    {
        if ($demo->seed % 2 === 1) {
            return [];
        }
        $chance = new SeededRandom($demo->seed + 2000);
        $oilADay = exp(0.45 * $chance->normal());
        $flakesADay = 0.12 * exp(0.7 * $chance->normal());
        $readings = [];
        foreach (self::visits($life) as $date => [$daysSinceWashed, $by]) {
            $points = static fn (float $expected, float $noise): int =>
                (int) max(0, min(10, round($expected + $noise * $chance->normal())));
            $flakes = 0.3 + 10 * (1 - exp(-$flakesADay * $daysSinceWashed / 10));
            $raw = [];
            foreach (Zone::cases() as $zone) {
                $raw["flakes_{$zone->value}"] = $points($zone === Zone::Crown ? 1.5 * $flakes : 0.8 * $flakes, 0.6);
            }
            $oil = 1.0 + 9 * (1 - exp(-$oilADay * $daysSinceWashed / 10));
            $raw += [
                'itch' => $points(0.4 * $flakes + 0.1 * $oil, 0.7), 'oil' => $points($oil, 0.8), 'redness' => 0,
                'soreness' => 0, 'dryness' => $points(1.5, 0.8),
            ];
            $readings[] = new Reading(
                "demo-{$demo->seed}-scalp-{$date}",
                Calendar::day($date) ?? new DateTimeImmutable($date),
                Moment::BeforeCleansing,
                'scalp',
                $raw,
                null,
                $by,
                false,
                Parameters::shipped(),
            );
        }

        return $readings;
    }

    /** @return array<string, array{int, string}> days since the last cleanse and who read, by day of a visit */
    private static function visits(DemoLife $life): array
    {
        $cleansed = [];
        foreach ($life->washDays as $washDay) {
            if ($washDay->has(StepKind::Cleanse)) {
                $cleansed[] = $washDay->date;
            }
        }
        $visits = [];
        foreach ($life->readings as $reading) {
            if ($reading->moment === Moment::BeforeCleansing) {
                $before = array_filter($cleansed, static fn (DateTimeImmutable $day): bool => $day < $reading->date);
                $since = $before === [] ? 7 : Calendar::daysBetween(max($before), $reading->date);
                $visits[$reading->date->format('Y-m-d')] = [$since, $reading->by];
            }
        }

        return $visits;
    }
}
