<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use Nagomi\Core\Estimation\State;

/** The equation of one sign: what the state leads one to expect of it and how an unexpected value pulls. */
interface Observation
{
    /** The equation laid straight at the mean of the given state. */
    public function linearized(State $at): LinearizedObservation;
}
