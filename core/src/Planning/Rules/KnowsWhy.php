<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Planning\RuleContext;

/** A rule that asks for several things at once, and knows which of them is wanting on a day. */
interface KnowsWhy extends Rule
{
    /** @return string name of the sentence beside the rule's own that says what is wanting */
    public function why(RuleContext $standing): string;
}
