<?php

declare(strict_types=1);

namespace Nagomi\Core\Stats;

/** The chi-squared distribution, as far as the gate of the readings needs it. */
final class ChiSquared
{
    /** @var array<string, float> limits worked out before; the gate asks for the same few at every visit */
    private static array $known = [];

    /**
     * The value a sum of squares stays below with the probability of a normal value staying within ± $sd standard deviations;
     * Wilson and Hilferty's cube (Proc Natl Acad Sci 1931;17:684–688), within 1 % from one degree of freedom on.
     *
     * @param int<1, max> $degrees
     */
    public static function limitLikeSd(float $sd, int $degrees): float
    {
        if ($degrees === 1) {
            return $sd * $sd;
        }

        return self::$known["{$sd} {$degrees}"] ??= self::cubed(Normal::quantile(2 * Normal::cumulative($sd) - 1), $degrees);
    }

    /** @param int<1, max> $degrees */
    private static function cubed(float $z, int $degrees): float
    {
        $ninth = 2 / (9 * $degrees);

        return $degrees * (1 - $ninth + $z * sqrt($ninth)) ** 3;
    }
}
