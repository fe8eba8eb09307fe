<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\ControlChart;
use Nagomi\Core\Statistics\StudentT;

/**
 * What is usual of one sign of one client at one place, by the first readings of it, and whether the later ones have
 * moved away from it. One yardstick for every screen: what is called changed is never called usual.
 *
 * The range is that of a single reading to come, by Student's distribution, since the spread of a few readings is
 * itself a guess; the average is exponentially weighted, and its limits reckon with that guess as well.
 */
final readonly class Usual
{
    /**
     * @param float $least of a single reading, in the sign's unit, within its scale
     * @param float $most  of a single reading, in the sign's unit, within its scale
     * @param int   $first readings that said so
     * @param array<int, array{average: float, lower: float, upper: float, changed: bool}> $chart by place of
     *     the later readings in their order
     * @param float $average the newest moving average
     * @param bool  $changed the newest average lies outside its limits
     * @param bool  $apart   the newest reading by itself lies outside the range
     */
    private function __construct(
        public float $least,
        public float $most,
        public int $first,
        public array $chart,
        public float $average,
        public bool $changed,
        public bool $apart,
    ) {
    }

    /**
     * @param list<float> $values in order of time, in the sign's unit
     *
     * @return self|null null while there are no more readings than the first
     */
    public static function of(Sign $sign, array $values, Parameters $parameters): ?self
    {
        $readings = $parameters->readings;
        $first = $readings->usualFromFirst;
        if (count($values) <= $first) {
            return null;
        }
        $baseline = array_slice($values, 0, $first);
        $mean = array_sum($baseline) / $first;
        $square = array_sum(array_map(static fn (float $value): float => ($value - $mean) ** 2, $baseline));
        // Readings that happen to agree are no surer than one reading is.
        $sd = max(sqrt($square / ($first - 1)), self::noise($sign, $mean, $parameters));
        [$least, $most] = $sign->limits();
        $half = StudentT::quantile((1 + $readings->usualShare) / 2, $first - 1) * $sd * sqrt(1 + 1 / $first);
        $chart = self::chart(array_slice($values, $first, null, true), $mean, $sd, $sign, $parameters);
        $newest = $values[count($values) - 1];

        return new self(
            max($least, $mean - $half),
            min($most, $mean + $half),
            $first,
            $chart,
            $chart[count($values) - 1]['average'],
            $chart[count($values) - 1]['changed'],
            abs($newest - $mean) > $half,
        );
    }

    /** Noise of one reading in the sign's unit. */
    private static function noise(Sign $sign, float $mean, Parameters $parameters): float
    {
        return $sign->isCount() ? max(1.0, sqrt($mean)) : $sign->sd($parameters->signs);
    }

    /**
     * @param array<int, float> $later by place
     *
     * @return array<int, array{average: float, lower: float, upper: float, changed: bool}> by place
     */
    private static function chart(array $later, float $mean, float $sd, Sign $sign, Parameters $parameters): array
    {
        $readings = $parameters->readings;
        $first = $readings->usualFromFirst;
        $limit = StudentT::quantile(1 - $readings->changedByChance / 2, $first - 1);
        $chart = new ControlChart($mean, $sd, $readings->usualAverageWeight, $limit, $first);
        [$least, $most] = $sign->limits();

        return array_combine(array_keys($later), array_map(static fn (array $point): array => [
            ...$point, 'lower' => max($least, $point['lower']), 'upper' => min($most, $point['upper']),
        ], $chart->of(array_values($later))));
    }
}
