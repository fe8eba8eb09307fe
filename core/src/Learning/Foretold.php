<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Parameters\Parameters;

/**
 * How well parameters foretell what was read of a head: all readings of a moment together, before they are taken in. What
 * the filter doubts counts as it was foretold before it was doubted, though not for more than any slip of the hand.
 */
final class Foretold
{
    /**
     * @param HeadHistory       $history    of one head
     * @param DateTimeImmutable $until      its last day
     * @param Parameters        $parameters it is followed by
     *
     * @return float logarithm of the density of all its readings, but for a constant: the higher the better foretold
     */
    public static function score(HeadHistory $history, DateTimeImmutable $until, Parameters $parameters): float
    {
        return KalmanFilter::through($history->under($parameters), $until)->logDensity;
    }

    /**
     * How its readings were foretold by two sets of parameters: how many came within the range that four of five should,
     * and how far they lay from what was expected, in standard deviations of one reading by the first set.
     *
     * @return array{int, int, float, float, int} within the range by the first and by the second; how far off by the first
     *     and by the second, summed; and how many there are
     */
    public static function compared(
        HeadHistory $history,
        DateTimeImmutable $until,
        Parameters $first,
        Parameters $second,
    ): array {
        $one = KalmanFilter::through($history->under($first), $until)->checks;
        $other = KalmanFilter::through($history->under($second), $until)->checks;
        $compared = [0, 0, 0.0, 0.0, count($one)];
        foreach ($one as $i => $check) {
            $sd = max($check->measured->sd, 1e-9);
            $compared[0] += abs($check->zScore) <= FourOfFive::SDS ? 1 : 0;
            $compared[1] += abs($other[$i]->zScore) <= FourOfFive::SDS ? 1 : 0;
            $compared[2] += abs($check->innovation) / $sd;
            $compared[3] += abs($other[$i]->innovation) / $sd;
        }

        return $compared;
    }
}
