<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Wording\Message;

/**
 * Chooses what is worth reading: the test that takes most of the doubt away for each minute, then the next beside it.
 * What a reading
 * will say is not known, but how much it will narrow is: the covariance after an update does not depend on the value.
 */
final class TestSelection
{
    /** Signs of a test, and how many hairs or counts stand behind one. */
    private const SIGNS = [
        'wet-stretch' => ['wet-stretch', 'stretch-return'],
        'broken-hairs' => ['broken'],
        'result' => ['definition', 'frizz', 'clumping', 'softness', 'shine'],
    ];

    /**
     * @param array<string, float> $minutesOf minutes by test that could be taken now
     * @param float                $minutes   that there are in all
     * @param float                $least     share of the doubt that a test must take away a minute, 0 or more
     *
     * @return list<array{
     *     test: string, minutes: float, before: float, after: float,
     * }> in the order to take them, as long as they are worth it; the doubt of the balance before and after each,
     * as the root of its mean square over moisture and protein
     */
    public static function order(State $state, array $minutesOf, float $minutes, float $least = 0.0): array
    {
        $order = [];
        $parameters = $state->layout->parameters->signs;
        $open = array_filter(
            $minutesOf,
            static fn (float $takes, string $test): bool => self::signs($test, $parameters) !== [],
            ARRAY_FILTER_USE_BOTH,
        );
        $signsOf = static fn (string $test): array => self::signs($test, $parameters);
        $state = $state->withSigns(array_values(array_unique(
            array_merge(...array_map($signsOf, array_keys($open)), ...[[]]),
            SORT_REGULAR,
        )));
        while ($open !== []) {
            $before = self::doubt($state);
            $best = self::best($state, array_filter($open, static fn (float $takes): bool => $takes <= $minutes));
            if ($best === null || self::doubt($best['state']) > (1 - $least * $best['minutes']) * $before) {
                break;
            }
            $state = $best['state'];
            $minutes -= $best['minutes'];
            unset($open[$best['test']]);
            $order[] = [
                'test' => $best['test'],
                'minutes' => $best['minutes'],
                'before' => $before,
                'after' => self::doubt($state),
            ];
        }

        return $order;
    }

    /**
     * @param array<string, float> $minutesOf minutes by test
     *
     * @return array{test: string, gain: float, state: State, minutes: float}|null the test that takes most of the doubt
     *     away for each minute; null where there is none
     */
    private static function best(State $state, array $minutesOf): ?array
    {
        $before = self::doubt($state);
        $best = null;
        foreach ($minutesOf as $test => $takes) {
            $after = self::narrowed($state, $test);
            $gain = ($before ** 2 - self::doubt($after) ** 2) / $takes;
            if ($best === null || $gain > $best['gain']) {
                $best = ['test' => $test, 'gain' => $gain, 'state' => $after, 'minutes' => $takes];
            }
        }

        return $best;
    }

    /**
     * The test that takes most of the doubt of one reserve away for each minute; null where none says anything of it.
     *
     * @param array<string, float> $minutesOf minutes by test that could be taken now
     * @param StateLayout::MOISTURE|StateLayout::PROTEIN $quantity
     */
    public static function bestFor(State $state, array $minutesOf, int $quantity): ?string
    {
        $doubt = static fn (State $of): float => array_sum(array_map(
            static fn (int $s): float => $of->layout->head->strata[$s]->share * $of->sd($s, $quantity) ** 2,
            array_keys($of->layout->head->strata),
        ));
        $best = null;
        $most = 0.0;
        foreach ($minutesOf as $test => $minutes) {
            if (self::signs($test, $state->layout->parameters->signs) === [] || $minutes <= 0) {
                continue;
            }
            $gain = ($doubt($state) - $doubt(self::narrowed($state, $test))) / $minutes;
            [$best, $most] = $gain > $most ? [$test, $gain] : [$best, $most];
        }

        return $best;
    }

    /** @return list<Sign> the signs of a test that the balance is heard in */
    private static function signs(string $test, SignParameters $parameters): array
    {
        $signs = array_map(Sign::tryFrom(...), self::SIGNS[$test] ?? [$test]);

        return array_values(array_filter(
            $signs,
            static fn (?Sign $sign): bool => $sign !== null && $sign->tellsOfBalance($parameters),
        ));
    }

    /** The state after the test was read as expected. */
    public static function narrowed(State $state, string $test): State
    {
        $parameters = $state->layout->parameters->signs;
        $signs = self::signs($test, $parameters);
        $state = $state->withSigns($signs);
        $observations = [];
        foreach ($signs as $sign) {
            $sd = $sign->sd($parameters) / ($test === 'wet-stretch' ? sqrt(
                $state->layout->parameters->readings->hairsOfAStretch,
            ) : 1.0);
            $expected = ObservationCatalogue::of(
                new MeasuredSign($sign, 0.0, $sd, Message::asItIs(''), $parameters->untimedDaysSinceDetangled),
                $state->layout,
                null,
            )->linearized($state)->expected;
            $observations[] = ObservationCatalogue::of(
                new MeasuredSign($sign, $expected, $sd, Message::asItIs(''), $parameters->untimedDaysSinceDetangled),
                $state->layout,
                null,
            );
        }

        return $observations === [] ? $state : MeasurementUpdate::of($state, $observations)->state;
    }

    /** Root mean square of the standard deviations of moisture and protein over the strata, by share of hair. */
    public static function doubt(State $state): float
    {
        $sum = 0.0;
        foreach ($state->layout->head->strata as $s => $stratum) {
            $sum += $stratum->share * (
                $state->sd($s, StateLayout::MOISTURE) ** 2 + $state->sd($s, StateLayout::PROTEIN) ** 2
            ) / 2;
        }

        return sqrt($sum);
    }
}
