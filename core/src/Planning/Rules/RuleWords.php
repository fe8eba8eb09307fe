<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Wording\Message;

/** What a rule says, and what could be changed so that it no longer stands in the way. */
final class RuleWords
{
    public static function sentence(Rule $rule, PlanningParameters $limits): Message
    {
        return Message::of("rules.{$rule->key()}.says", ...$rule->places($limits));
    }

    /** What of the rule stands in the way on a day that it bars; the whole of it where it knows no closer. */
    public static function inTheWay(Rule $rule, RuleContext $standing): Message
    {
        return $rule instanceof KnowsWhy
            ? Message::of("rules.{$rule->key()}.{$rule->why($standing)}", ...$rule->places($standing->limits()))
            : self::sentence($rule, $standing->limits());
    }

    /** The end of “To change that: …”. */
    public static function frees(Rule $rule): Message
    {
        return Message::of("rules.{$rule->key()}.frees");
    }
}
