<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/** The Beta distribution of a share. */
final class Beta
{
    /** Halvings; the last is below what a float tells apart. */
    private const HALVINGS = 60;

    /**
     * @param float $probability above 0 and below 1
     * @param float $a           above 0
     * @param float $b           above 0
     *
     * @return float the share below which it lies with that probability
     */
    public static function quantile(float $probability, float $a, float $b): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            if (SpecialFunctions::beta($middle, $a, $b) < $probability) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
