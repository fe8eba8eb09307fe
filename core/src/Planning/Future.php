<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Snapshot;

/** One way the weeks ahead could go, with what it comes to. */
final readonly class Future
{
    public float $daysOutOfBand;

    /**
     * @param list<int>    $washDays counted from today
     * @param list<WashOption> $choices  one for each wash day
     * @param list<Snapshot>  $forecast one for each day
     * @param float        $minutes  of all wash days
     * @param float        $cost     in days of a whole head one band width outside
     * @param float        $price    of what is product cost
     */
    public function __construct(
        public array $washDays,
        public array $choices,
        public array $forecast,
        public float $minutes,
        public float $cost,
        public float $price = 0.0,
    ) {
        $out = 0.0;
        foreach ($forecast as $point) {
            $out += 1 - (CellProbabilities::ofHead($point->state)[BalanceCell::InBalance->value] ?? 0.0);
        }
        $this->daysOutOfBand = $out;
    }
}
