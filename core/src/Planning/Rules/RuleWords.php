<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Wording\Message;

/** What a rule says, and what could be changed so that it no longer stands in the way. */
final class RuleWords
{
    public static function sentence(Rule $rule, PlanningParameters $limits): Message
    {
        return Message::of("rules.{$rule->key()}.says", ...$rule->places($limits));
    }

    /** The end of “To change that: …”. */
    public static function frees(Rule $rule): Message
    {
        return Message::of("rules.{$rule->key()}.frees");
    }
}
