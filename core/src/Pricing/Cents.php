<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/** Shares of whole cents, in whole numbers: half a cent and more is rounded up. */
final class Cents
{
    /** @return int part/whole of the sum */
    public static function share(int $cents, int $part, int $whole): int
    {
        return intdiv(2 * $cents * $part + $whole, 2 * $whole);
    }
}
