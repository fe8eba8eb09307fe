<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What a client wants of the length, which says how often hair is cut and how much at a time. */
enum TrimGoal: string
{
    /** As long as may be: dusted, seldom. */
    case Grow = 'grow';
    /** As long as it is: what grew is cut. */
    case Keep = 'keep';
    /** A cut with a shape, which growing spoils soonest. */
    case Shape = 'shape';
}
