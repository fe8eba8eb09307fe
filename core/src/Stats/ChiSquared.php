<?php

declare(strict_types=1);

namespace Nagomi\Core\Stats;

/** The chi-squared distribution, as far as the gate of the readings needs it. */
final class ChiSquared
{
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
        $z = Normal::quantile(2 * Normal::cumulative($sd) - 1);
        $ninth = 2 / (9 * $degrees);

        return $degrees * (1 - $ninth + $z * sqrt($ninth)) ** 3;
    }
}
