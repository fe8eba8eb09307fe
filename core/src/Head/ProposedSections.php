<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Parameters\WashDayParameters;

/**
 * Into how many sections a head is parted where nobody has parted it yet: short hair needs few, long hair hangs and needs
 * fewer than what lies between, dense hair more. Common practice, no source; the numbers are ours.
 */
final class ProposedSections
{
    public const MOST = 12;

    /**
     * @param float|null $lengthMm root to tip; null: not measured
     * @param string     $density  low, medium, high or not-measured
     *
     * @return int 1 to 12
     */
    public static function of(?float $lengthMm, string $density, WashDayParameters $parameters): int
    {
        $length = match (true) {
            $lengthMm === null => 'middle',
            $lengthMm < $parameters->lengthOfMm['middle'] => 'short',
            $lengthMm < $parameters->lengthOfMm['long'] => 'middle',
            default => 'long',
        };
        $sections = $parameters->proposedSections[$length] + ($parameters->sectionsMoreByDensity[$density] ?? 0);

        return max(1, min(self::MOST, $sections));
    }
}
