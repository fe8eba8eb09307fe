<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Parameters\Parameters;

/**
 * How well parameters foretell what was read of a head: all readings of a moment together, before they are taken in. What
 * the filter doubts counts with the doubt it gives it, so that one slip of the hand does not decide.
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
}
