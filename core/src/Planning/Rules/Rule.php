<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** A hard rule of the season: it bars a choice on a day and says why. */
interface Rule
{
    /** The rule's key in records. */
    public function key(): string;

    public function sentence(PlanningParameters $limits): string;

    /** What could be changed so that the rule no longer stands in the way, as the end of “To change that: …”. */
    public function frees(): string;

    public function allows(WashOption $choice, RuleContext $standing): bool;
}
