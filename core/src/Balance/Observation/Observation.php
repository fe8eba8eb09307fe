<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use Nagomi\Core\Balance\State;

/** The equation of one sign: what the state leads one to expect of it and how an unexpected value pulls. */
interface Observation
{
    /** The equation laid straight at the mean of the given state. */
    public function laidStraight(State $at): Straight;
}
