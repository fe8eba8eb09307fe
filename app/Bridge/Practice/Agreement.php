<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

/** How alike two people judge the same client. */
final class Agreement
{
    /**
     * What two beliefs have in common: the sum of the lesser of both over the cells.
     *
     * @param array<string, float> $one   by cell, summing to 1
     * @param array<string, float> $other by cell, summing to 1
     *
     * @return float 0 (nothing) to 1 (the same)
     */
    public static function of(array $one, array $other): float
    {
        $common = 0.0;
        foreach ($one as $cell => $likely) {
            $common += min($likely, $other[$cell] ?? 0.0);
        }

        return min(1.0, $common);
    }
}
