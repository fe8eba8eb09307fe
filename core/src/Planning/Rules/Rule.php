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

    /** @return array<string, int> what stands in the places of its sentence; {@see RuleWords} says it */
    public function places(PlanningParameters $limits): array;

    public function allows(WashOption $choice, RuleContext $standing): bool;
}
