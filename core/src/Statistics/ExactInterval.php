<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use InvalidArgumentException;

/** Exact two-sided intervals of counts. */
final class ExactInterval
{
    /**
     * Of a share, after C. J. Clopper and E. S. Pearson, Biometrika 1934;26:404–413.
     *
     * @param int   $hits  0 to $all
     * @param int   $all   1 or more
     * @param float $level above 0 and below 1
     *
     * @return array{float, float} lower and upper share
     *
     * @throws InvalidArgumentException for counts that cannot be
     */
    public static function share(int $hits, int $all, float $level = 0.95): array
    {
        if ($all < 1 || $hits < 0 || $hits > $all) {
            throw new InvalidArgumentException(
                'Share: give hits from 0 to the number of all, and at least one of all.',
            );
        }
        $tail = self::tail($level);

        return [
            $hits === 0 ? 0.0 : Beta::quantile($tail, $hits, $all - $hits + 1),
            $hits === $all ? 1.0 : Beta::quantile(1 - $tail, $hits + 1, $all - $hits),
        ];
    }

    /**
     * Of the mean of a Poisson count, after F. Garwood, Biometrika 1936;28:437–442.
     *
     * @param int   $count 0 or more
     * @param float $level above 0 and below 1
     *
     * @return array{float, float} lower and upper mean
     *
     * @throws InvalidArgumentException for a count below 0
     */
    public static function mean(int $count, float $level = 0.95): array
    {
        if ($count < 0) {
            throw new InvalidArgumentException('Count: give 0 or more.');
        }
        $tail = self::tail($level);
        $most = 20.0 + $count + 12 * sqrt($count + 1) - log($tail);

        return [
            $count === 0
                ? 0.0
                : self::solve(static fn (float $mean): float => SpecialFunctions::gamma($mean, $count), $tail, $most),
            self::solve(static fn (float $mean): float => SpecialFunctions::gamma($mean, $count + 1), 1 - $tail, $most),
        ];
    }

    private static function tail(float $level): float
    {
        if (is_nan($level) || $level <= 0 || $level >= 1) {
            throw new InvalidArgumentException('Level: give a share between 0 and 1.');
        }

        return (1 - $level) / 2;
    }

    /** @param callable(float): float $rising from 0 */
    private static function solve(callable $rising, float $wanted, float $most): float
    {
        $least = 0.0;
        for ($halving = 0; $halving < 200 && $most - $least > 1e-15 * $most; $halving++) {
            $middle = ($least + $most) / 2;
            if ($rising($middle) < $wanted) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return ($least + $most) / 2;
    }
}
