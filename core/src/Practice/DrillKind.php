<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** What is drilled: reading what tests show, what a label says, how much of a thing is used and how long it takes. */
enum DrillKind: string
{
    case Porosity = 'porosity';
    case Stretch = 'stretch';
    case Breakage = 'breakage';
    case Ingredients = 'ingredients';
    case Doses = 'doses';
    case Minutes = 'minutes';

    /** Questions there are of each; each is always the same. */
    public const ITEMS = 12;
}
