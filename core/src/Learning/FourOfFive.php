<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** The range that four of five fall within: what is said of every learned number and held against every result. */
final class FourOfFive
{
    public const SHARE = 0.8;

    /** Standard deviations to either side: the normal quantile of .9. */
    public const SDS = 1.2815515655446004;
}
