<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/** The standard normal distribution. */
final class Normal
{
    private const SQRT_TWO_PI = 2.5066282746310002;

    public static function density(float $z): float
    {
        return exp(-0.5 * $z * $z) / self::SQRT_TWO_PI;
    }

    /**
     * P(Z ≤ z), after G. Marsaglia, Evaluating the Normal Distribution, J Stat Softw 2004;11(4): a Taylor series
     * near the middle; further out a continued fraction (Abramowitz & Stegun 26.2.14) keeps the tails exact.
     */
    public static function cumulative(float $z): float
    {
        if (is_nan($z)) {
            return NAN;
        }
        if (abs($z) > 3.0) {
            $tail = self::tail(abs($z));

            return $z > 0 ? 1.0 - $tail : $tail;
        }
        $sum = $term = $z;
        for ($odd = 3, $last = 0.0; $sum !== $last; $odd += 2) {
            $last = $sum;
            $term *= $z * $z / $odd;
            $sum += $term;
        }

        return 0.5 + $sum * self::density($z);
    }

    /** P(Z > z) for z > 3. */
    private static function tail(float $z): float
    {
        if ($z > 38) {
            return 0.0;
        }
        $fraction = $z;
        // The further out, the fewer terms are left to matter.
        for ($k = 20 + (int) (900 / ($z * $z)); $k >= 1; $k--) {
            $fraction = $z + $k / $fraction;
        }

        return self::density($z) / $fraction;
    }

    /**
     * E[(max(0, Z + d))²] for a standard normal Z: the mean squared excess over a limit that lies d below the mean.
     * Closed form (d² + 1)·Φ(d) + d·φ(d).
     */
    public static function meanSquaredExcess(float $d): float
    {
        return match (true) {
            $d > 12 => $d * $d + 1,
            $d < -12 => 0.0,
            default => max(0.0, ($d * $d + 1) * self::cumulative($d) + $d * self::density($d)),
        };
    }

    /** E[max(0, Z + d)] for a standard normal Z: d·Φ(d) + φ(d). */
    public static function meanExcess(float $d): float
    {
        return max(0.0, $d * self::cumulative($d) + self::density($d));
    }

    /**
     * The z below which a share of the distribution lies: the rational approximation of Abramowitz & Stegun 26.2.23,
     * good to 4.5e-4, made exact by two steps of Halley's method on {@see self::cumulative}.
     *
     * @param float $probability above 0 and below 1
     */
    public static function quantile(float $probability): float
    {
        if ($probability > 0.5) {
            return -self::quantile(1.0 - $probability);
        }
        $t = sqrt(-2.0 * log($probability));
        $z = (2.515517 + $t * (0.802853 + $t * 0.010328))
            / (1.0 + $t * (1.432788 + $t * (0.189269 + $t * 0.001308))) - $t;
        for ($step = 0; $step < 2; $step++) {
            $off = (self::cumulative($z) - $probability) / self::density($z);
            $z -= $off / (1.0 + $z * $off / 2.0);
        }

        return $z;
    }
}
