<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Support;

use LogicException;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/** Scalps as they are read, for the tests. */
final class Scalps
{
    /** A map of the scalp on a day; flakes are points of 10 in every zone, or by zone. */
    public static function map(
        string $date,
        int|array $flakes = 0,
        int $itch = 1,
        int $oil = 3,
        int $redness = 0,
        int $soreness = 0,
        ?int $dryness = null,
    ): Reading {
        $raw = ['itch' => $itch, 'oil' => $oil, 'redness' => $redness, 'soreness' => $soreness];
        foreach (Zone::cases() as $zone) {
            $raw["flakes_{$zone->value}"] = is_array($flakes) ? $flakes[$zone->value] ?? 0 : $flakes;
        }

        return Make::reading($date, 'scalp', $raw + ($dryness === null ? [] : ['dryness' => $dryness]));
    }

    /** @param callable(string): Reading $read four weekly visits, washed each time; today a week after the last */
    public static function read(
        callable $read,
        float $humidity = 50.0,
        CleanseKind $with = CleanseKind::Shampoo,
    ): ScalpEstimate {
        $dates = ['2026-02-02', '2026-02-09', '2026-02-16', '2026-02-23'];
        $washed = array_map(fn (string $date): WashDay => Make::washDay($date, [Step::cleanse($with)]), $dates);

        return ScalpFilter::through(
            $washed,
            array_map($read, $dates),
            Make::day('2026-03-02'),
            new Humidity($humidity),
            Parameters::shipped(),
        ) ?? throw new LogicException('The scalp was read.');
    }
}
