<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What is to come that a plan must know of. */
enum OccasionKind: string
{
    /** A day on which the hair is to be at its best. */
    case BestDay = 'best-day';

    /** Days with a swim. */
    case Swimming = 'swimming';

    /** A colour or another chemical service, done by the licensed. */
    case NewColour = 'new-colour';
}
