<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Parameters\PlanningParameters;

/**
 * How many currency units buy what one of the shipped prices buys: read off what a salon asks for a wash day, and a
 * power of ten, so that what is planned hangs on the currency and not on the next price list.
 */
final class PriceLevel
{
    /**
     * @param list<float> $washDayPrices currency units, those that are asked; none: 1
     *
     * @return int 1, 10, 100 and so on
     */
    public static function of(array $washDayPrices, PlanningParameters $planning): int
    {
        $asked = array_filter($washDayPrices, static fn (float $price): bool => $price > 0.0);
        $ratio = $asked === [] ? 1.0 : array_sum($asked) / count($asked) / $planning->usualWashDayPrice;

        return 10 ** max(0, (int) round(log10($ratio)));
    }
}
