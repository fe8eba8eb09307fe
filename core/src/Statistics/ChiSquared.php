<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/** The chi-squared distribution, as far as the gate of the readings needs it. */
final class ChiSquared
{
    /** @var array<string, float> limits worked out before; the gate asks for the same few at every visit */
    private static array $known = [];

    /**
     * The value a sum of squares stays below with the probability of a normal value staying within ± $sd standard
     * deviations.
     *
     * @param float       $sd      0 to 6
     * @param int<1, max> $degrees of freedom
     */
    public static function limitLikeSd(float $sd, int $degrees): float
    {
        return self::$known["{$sd} {$degrees}"] ??= self::quantile(2 * Normal::cumulative($sd) - 1, $degrees);
    }

    /** @param int<1, max> $degrees */
    private static function quantile(float $probability, int $degrees): float
    {
        $least = 0.0;
        $most = $degrees + 80.0 + 12 * sqrt($degrees);
        for ($halving = 0; $halving < 60; $halving++) {
            $middle = ($least + $most) / 2;
            if (SpecialFunctions::gamma($middle / 2, $degrees / 2) < $probability) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return ($least + $most) / 2;
    }
}
