<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;

/** How long one way of doing a wash day takes on one head, up to the end of styling, drying left out. */
interface OptionMinutes
{
    public function of(WashOption $choice, Head $head): float;

    /**
     * The same on one day.
     *
     * @param int|null $daysSince   days since the last detangling; null: none is known
     * @param bool     $isTakenDown a style comes down on that day
     */
    public function on(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float;

    /**
     * How much longer it takes at most on one day.
     *
     * @param int|null $daysSince   days since the last detangling; null: none is known
     * @param bool     $isTakenDown a style comes down on that day
     *
     * @return float minutes, 0 or more
     */
    public function more(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float;
}
