<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** The line other programs put under a table: sums up what stands above, and is nobody. */
final class TotalsLine
{
    /** @param string $name what stands where a client's name does */
    public static function isOne(string $name): bool
    {
        $plain = trim((string) preg_replace('/[\d ]+/', ' ', KnownClients::plain($name)));

        return $plain !== '' && isset(TableWords::of('totals')[$plain]);
    }
}
