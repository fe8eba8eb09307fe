<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Scalp\ScalpDay;
use Nagomi\Core\Scalp\ScalpRhythm;

/** A season: the wash days ahead, the forecast through them and what it costs. */
final readonly class Plan
{
    /**
     * @param list<PlanItem> $items
     * @param list<Snapshot>    $forecast one for each day from today to the horizon
     * @param float          $cost     in days of a whole head one band width outside
     * @param float          $minutes  of all wash days
     * @param float          $price    of what is product cost
     * @param list<RuleConflict>    $clashes  wash days on which the rules left no way open
     * @param ScalpRhythm|null $scalpRhythm what the scalp asks for; null where it was not read
     * @param list<NextDecision> $decisions what could be done otherwise on the next wash days; [] where nobody asked why
     * @param list<ScalpDay> $scalp    the scalp on each day from today; [] where it was not read
     */
    public function __construct(
        public array $items,
        public array $forecast,
        public float $cost,
        public float $minutes,
        public float $price = 0.0,
        public array $clashes = [],
        public ?ScalpRhythm $scalpRhythm = null,
        public array $scalp = [],
        public array $decisions = [],
    ) {
    }
}
