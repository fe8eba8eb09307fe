<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What may hold a plan back besides the hair, and could be relaxed by whoever set it. */
enum Limit: string
{
    case Minutes = 'minutes';
    case MinutesAtHome = 'minutes-at-home';
    case MinutesOnWeekday = 'minutes-on-weekday';
    case SalonOnly = 'salon-only';
    case Stock = 'stock';
    case Promise = 'promise';
    case Programme = 'programme';
    case Rhythm = 'rhythm';

    /** A wash day is tried so many minutes longer. */
    public const MORE_MINUTES = 20;

    /** The rhythm is tried so many days shorter. */
    public const FEWER_DAYS = 2;
}
