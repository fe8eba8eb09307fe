<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;

/** How long one way of doing a wash day takes on one head, up to the end of styling, drying left out. */
interface OptionMinutes
{
    public function of(WashOption $choice, Head $head): float;
}
