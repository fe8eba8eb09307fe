<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use InvalidArgumentException;

/** Student's distribution: what a mean is apart where its spread is only estimated. */
final class StudentT
{
    /** Halvings of the search; beyond what a double can tell apart. */
    private const HALVINGS = 100;

    /** @var array<string, float> quantiles that were searched for once */
    private static array $known = [];

    /**
     * @param int $degrees of freedom, 1 or more
     *
     * @throws InvalidArgumentException for no degrees of freedom
     */
    public static function cumulative(float $t, int $degrees): float
    {
        if ($degrees < 1) {
            throw new InvalidArgumentException('Student’s distribution: give 1 degree of freedom or more.');
        }
        // Abramowitz and Stegun 26.7.1.
        $tail = SpecialFunctions::beta($degrees / ($degrees + $t ** 2), $degrees / 2, 0.5) / 2;

        return $t > 0 ? 1 - $tail : $tail;
    }

    /**
     * @param float $probability above 0 and below 1
     * @param int   $degrees     of freedom, 1 or more
     *
     * @throws InvalidArgumentException for a probability or degrees that cannot be
     */
    public static function quantile(float $probability, int $degrees): float
    {
        if (! ($probability > 0 && $probability < 1)) {
            throw new InvalidArgumentException('Student’s distribution: give a probability above 0 and below 1.');
        }
        return self::$known["{$probability} {$degrees}"] ??= self::searched($probability, $degrees);
    }

    private static function searched(float $probability, int $degrees): float
    {
        [$low, $high] = [-1.0, 1.0];
        while (self::cumulative($low, $degrees) > $probability) {
            $low *= 2;
        }
        while (self::cumulative($high, $degrees) < $probability) {
            $high *= 2;
        }
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = ($low + $high) / 2;
            self::cumulative($middle, $degrees) < $probability ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
