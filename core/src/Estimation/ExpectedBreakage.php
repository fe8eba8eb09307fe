<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\HairCount;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\Sign;

/** How many broken hairs a detangling is expected to bring out. */
final class ExpectedBreakage
{
    /**
     * @param float $daysSinceDetangled days, 0 or more
     * @param float $ownOffset          this head's own, as a logarithm
     *
     * @return float hairs
     */
    public static function expected(State $state, float $daysSinceDetangled, float $ownOffset = 0.0): float
    {
        $shares = array_map(static fn (Stratum $stratum): float => $stratum->share, $state->layout->head->strata);
        $count = new HairCount(
            Sign::Broken,
            0.0,
            BrokenHairs::usualBroken($daysSinceDetangled, $state->layout->parameters->signs) * exp($ownOffset),
            $shares,
        );

        return $count->linearized($state->withSigns([Sign::Broken]))->expected;
    }

    /** The offset learned so far, 0 where no broken hairs were counted yet. */
    public static function ownOffset(State $state): float
    {
        return in_array(Sign::Broken, $state->layout->signs, true)
            ? $state->mean[$state->layout->offset(Sign::Broken)]
            : 0.0;
    }
}
