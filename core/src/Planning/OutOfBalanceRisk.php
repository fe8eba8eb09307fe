<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\State;

/** How likely a head is out of balance on a day, whichever way. */
final class OutOfBalanceRisk
{
    /** @return float probability, 0 to 1 */
    public static function of(State $state): float
    {
        return 1 - (CellProbabilities::ofHead($state)[BalanceCell::InBalance->value] ?? 0.0);
    }

    /** @return float the same on the day before an item of a plan; of one for today as the head is now, 0 to 1 */
    public static function before(PlanItem $item, Plan $plan, State $now): float
    {
        return self::of($plan->forecast[$item->day - 1]->state ?? $now);
    }
}
