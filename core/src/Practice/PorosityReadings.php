<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Statistics\SeededRandom;

/** What the tests of porosity show of hair that really is of one kind. */
final class PorosityReadings
{
    public const TESTS = ['wetting', 'drying'];

    /**
     * @param Porosity $real never unknown: hair has a porosity, whoever measured it
     *
     * @return array<string, float>|null raw measures; null for another test
     */
    public static function of(
        string $test,
        Porosity $real,
        ReadingParameters $readings,
        SeededRandom $chance,
    ): ?array {
        $kind = $real->value;

        return match ($test) {
            'wetting' => [
                'seconds' => self::time(
                    $readings->porosityWettingSeconds[$kind],
                    $readings->porosityLogSpread['wetting'],
                    $chance,
                    [1.0, 1800.0],
                ),
                'soak' => self::point($readings->porositySoaks[$kind], $chance),
                'slide' => self::point($readings->porositySlides[$kind], $chance),
            ],
            'drying' => ['minutes' => self::time(
                $readings->porosityDryingMinutes[$kind],
                $readings->porosityLogSpread['drying'],
                $chance,
                [5.0, 2880.0],
            )],
            default => null,
        };
    }

    /** @param array{float, float} $within what the test takes */
    private static function time(float $median, float $spread, SeededRandom $chance, array $within): float
    {
        return max($within[0], min($within[1], round($median * exp($spread * $chance->normal()))));
    }

    /** @param array<int, float> $probabilities of 0, 1 and 2 points */
    private static function point(array $probabilities, SeededRandom $chance): float
    {
        $drawn = $chance->uniform();
        foreach ($probabilities as $points => $probability) {
            $drawn -= $probability;
            if ($drawn <= 0.0) {
                return (float) $points;
            }
        }

        return (float) array_key_last($probabilities);
    }
}
