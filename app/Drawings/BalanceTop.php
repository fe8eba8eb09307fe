<?php

declare(strict_types=1);

namespace App\Drawings;

/** Where a picture of days ahead begins: above what it holds, so that no empty room stands over it. */
final readonly class BalanceTop
{
    /** px above the highest mean: the word of a current, and some air. */
    private const AIR = 34.0;

    /** px above the band: the words for what lies beyond it. */
    private const WORDS = 34.0;

    /**
     * @param float         $bandTop  y of the upper edge of the band
     * @param float         $furthest points from the middle to the edge of the picture
     * @param StoredBalance ...$balances what is drawn into it
     *
     * @return int y, in px of {@see HairBalance}; 0 at least
     */
    public static function of(float $bandTop, float $furthest, array ...$balances): int
    {
        $highest = 0.0;
        foreach ($balances as $balance) {
            foreach ($balance['strata'] as $stratum) {
                foreach ([...$stratum['days'], ...$stratum['ahead']] as $day) {
                    $highest = max($highest, $day[0] - $stratum['targets'][0], $day[2] - $stratum['targets'][1]);
                }
            }
        }
        $y = HairBalance::MIDDLE - HairBalance::DEPTH * min(1.0, $highest / $furthest);

        return (int) floor(max(0.0, min($y - self::AIR, $bandTop - self::WORDS)));
    }
}
