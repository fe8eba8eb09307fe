<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/**
 * What is assumed of a trait nobody has measured: each kind with the share of heads that have it, so that a number that
 * depends on
 * the kind has a mean and a spread.
 */
final class PopulationShares
{
    /** The key under which a table holds what is assumed where nothing was measured. */
    public const NOT_MEASURED = 'not-measured';

    /**
     * @param array<string, float> $table  a number by kind
     * @param array<string, float> $shares share of heads by kind, summing to 1: of {@see $parameters->model->common}
     */
    public static function mean(array $table, array $shares): float
    {
        $mean = 0.0;
        foreach ($shares as $kind => $share) {
            $mean += $share * ($table[$kind] ?? 0.0);
        }

        return $mean;
    }

    /**
     * The standard deviation of the number over the kinds.
     *
     * @param array<string, float> $table
     * @param array<string, float> $shares
     */
    public static function sd(array $table, array $shares): float
    {
        $mean = self::mean($table, $shares);
        $variance = 0.0;
        foreach ($shares as $kind => $share) {
            $variance += $share * (($table[$kind] ?? 0.0) - $mean) ** 2;
        }

        return sqrt($variance);
    }

    /**
     * The standard deviation of the number's logarithm over the kinds.
     *
     * @param array<string, float> $table  all above 0
     * @param array<string, float> $shares
     */
    public static function logSd(array $table, array $shares): float
    {
        return self::sd(array_map(log(...), array_intersect_key($table, $shares)), $shares);
    }
}
