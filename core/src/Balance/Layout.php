<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Sign;

/**
 * Where each quantity of a head stands in the state vector: five for each stratum, then the head's own three
 * log-multipliers, then its own offset for each sign.
 */
final readonly class Layout
{
    public const PER_STRATUM = 5;
    public const MOISTURE = 0;
    public const PROTEIN = 1;
    public const WASHABLE = 2;
    public const STUBBORN = 3;
    public const WEAR = 4;

    public int $strata;
    public int $moistureFading;
    public int $proteinFading;
    public int $uptake;
    public int $size;

    public function __construct(public Head $head)
    {
        $this->strata = count($head->strata);
        $this->moistureFading = self::PER_STRATUM * $this->strata;
        $this->proteinFading = $this->moistureFading + 1;
        $this->uptake = $this->moistureFading + 2;
        $this->size = $this->moistureFading + 3 + count(Sign::cases());
    }

    /** @param self::MOISTURE|self::PROTEIN|self::WASHABLE|self::STUBBORN|self::WEAR $quantity */
    public function of(int $stratum, int $quantity): int
    {
        return self::PER_STRATUM * $stratum + $quantity;
    }

    /** The head's own offset of one sign. */
    public function offset(Sign $sign): int
    {
        return $this->uptake + 1 + (int) array_search($sign, Sign::cases(), true);
    }
}
