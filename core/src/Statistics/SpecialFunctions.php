<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/**
 * The incomplete beta and gamma functions, by the continued fractions and series of Abramowitz and Stegun (26.5.8,
 * 6.5.29, 6.5.31).
 */
final class SpecialFunctions
{
    private const MOST_TERMS = 10_000;
    private const SMALL = 1e-16;
    private const TINY = 1e-300;

    /** Lanczos' approximation, good to 15 digits for x > 0. */
    public static function logGamma(float $x): float
    {
        $coefficients = [
            676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
            -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
        ];
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::logGamma(1 - $x);
        }
        $sum = 0.99999999999980993;
        foreach ($coefficients as $i => $coefficient) {
            $sum += $coefficient / ($x + $i);
        }
        $t = $x + 6.5;

        return 0.5 * log(2 * M_PI) + ($x - 0.5) * log($t) - $t + log($sum);
    }

    /** Regularised incomplete beta: P(B ≤ x) for a beta variable with a, b > 0. */
    public static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        if ($x > ($a + 1) / ($a + $b + 2)) {
            return 1 - self::beta(1 - $x, $b, $a);
        }
        $front = exp(
            self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1 - $x),
        ) / $a;
        // Lentz's way through the fraction.
        $c = 1.0;
        $d = 1 / self::notZero(1 - ($a + $b) * $x / ($a + 1));
        $fraction = $d;
        for ($m = 1; $m < self::MOST_TERMS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::notZero(1 + $even * $d);
            $c = self::notZero(1 + $even / $c);
            $fraction *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::notZero(1 + $odd * $d);
            $c = self::notZero(1 + $odd / $c);
            $fraction *= $d * $c;
            if (abs($d * $c - 1) < self::SMALL) {
                break;
            }
        }

        return $front * $fraction;
    }

    /** Regularised lower incomplete gamma: P(G ≤ x) for a gamma variable of the given shape. */
    public static function gamma(float $x, float $shape): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        $front = exp(-$x + $shape * log($x) - self::logGamma($shape));
        if ($x < $shape + 1) {
            $sum = $term = 1 / $shape;
            for ($n = 1; $n < self::MOST_TERMS && $term > $sum * self::SMALL; $n++) {
                $term *= $x / ($shape + $n);
                $sum += $term;
            }

            return $sum * $front;
        }
        $b = $x + 1 - $shape;
        $c = 1 / self::TINY;
        $d = 1 / $b;
        $fraction = $d;
        for ($i = 1; $i < self::MOST_TERMS; $i++) {
            $a = -$i * ($i - $shape);
            $b += 2;
            $d = 1 / self::notZero($a * $d + $b);
            $c = self::notZero($b + $a / $c);
            $fraction *= $d * $c;
            if (abs($d * $c - 1) < self::SMALL) {
                break;
            }
        }

        return 1 - $front * $fraction;
    }

    private static function notZero(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }
}
