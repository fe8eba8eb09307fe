<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use Nagomi\Core\Statistics\StudentT;

/**
 * Whether what clients come to is more than chance: what belongs to one client hangs together, so the clients are what
 * is counted (Student's test over clusters; W. G. Cochran, Sampling Techniques, 3rd ed. 1977, chapter 9; from memory).
 */
final class OverClients
{
    private const NEXT_TO_NOTHING = 1e-12;

    /**
     * @param non-empty-list<float> $of    one of each client; nothing expected of them on average
     * @param float                 $alone variance of their sum if all stood alone; it is never less
     * @param float                 $level so surely, above 0 and below 1
     *
     * @return float Student's t over what chance alone reaches so surely; beyond 1 or −1 it is no chance
     */
    public static function beyondChance(array $of, float $alone, float $level): float
    {
        $count = count($of);
        $mean = array_sum($of) / $count;
        $square = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $of));
        $variance = max($square / max(1, $count - 1) / $count, $alone / $count ** 2, self::NEXT_TO_NOTHING);

        return $mean / sqrt($variance) / StudentT::quantile((1 + $level) / 2, max(1, $count - 1));
    }
}
