<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/** Shares of whole cents, in whole numbers: half of the smallest sum and more is rounded up. */
final class Cents
{
    /**
     * @param int $smallest cents in the smallest sum that is paid: 1, or 100 in a currency without smaller coins
     *
     * @return int part/whole of the sum
     */
    public static function share(int $cents, int $part, int $whole, int $smallest = 1): int
    {
        return $smallest * intdiv(2 * $cents * $part + $whole * $smallest, 2 * $whole * $smallest);
    }
}
