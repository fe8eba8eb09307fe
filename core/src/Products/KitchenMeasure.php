<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * An amount in what a bathroom has: drops, and tea- and tablespoons of 5 and 15 mL (the metric spoons; common practice) in
 * halves. Where no half comes near, it lies between two of them.
 */
final readonly class KitchenMeasure
{
    private const SPOON_ML = ['teaspoon' => 5.0, 'tablespoon' => 15.0];

    /** Less is counted in drops: half a teaspoon would be more than 15 % too much. */
    private const DROPS_BELOW_ML = 2.2;

    /** Drops are counted in fives, few of them one by one; fewer than five nobody spreads. */
    private const DROPS = 5;
    private const ONE_BY_ONE = 20;

    /**
     * @param 'drops'|'teaspoon'|'tablespoon' $unit
     * @param float $least of the unit
     * @param float $most  the same where one number comes near
     * @param float $ml    what that is; the amount itself where it lies between two
     */
    private function __construct(public string $unit, public float $least, public float $most, public float $ml)
    {
    }

    /** @param float $dropsAMl drops a millilitre */
    public static function of(float $ml, float $dropsAMl): self
    {
        if ($ml < self::DROPS_BELOW_ML) {
            $exact = $ml * $dropsAMl;
            $drops = $exact < self::ONE_BY_ONE
                ? max(self::DROPS, round($exact))
                : self::DROPS * round($exact / self::DROPS);

            return new self('drops', $drops, $drops, $drops / $dropsAMl);
        }
        $unit = $ml * (1 + Presses::TOLERANCE) >= self::SPOON_ML['tablespoon'] ? 'tablespoon' : 'teaspoon';
        $spoons = $ml / self::SPOON_ML[$unit];
        $near = max(0.5, round(2 * $spoons) / 2);

        return abs($near - $spoons) <= Presses::TOLERANCE * $spoons
            ? new self($unit, $near, $near, $near * self::SPOON_ML[$unit])
            : new self($unit, floor(2 * $spoons) / 2, ceil(2 * $spoons) / 2, $ml);
    }
}
