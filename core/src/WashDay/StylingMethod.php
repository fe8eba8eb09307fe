<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;

/** How the hair is styled at the end of a wash day. */
enum StylingMethod: string
{
    case Rake = 'rake';
    case Coils = 'coils';
    case Twists = 'twists';
    case Braids = 'braids';
    case Knots = 'knots';
    /** The wash day is too short for it: on the day after. */
    case NotToday = 'not-today';

    public function minutesASection(WashDayParameters $parameters): float
    {
        return $this === self::NotToday ? 0.0 : $parameters->styleMinutesASection[$this->value];
    }

    /** Stays in for weeks and has to be taken down in time. */
    public function protects(): bool
    {
        return $this === self::Twists || $this === self::Braids || $this === self::Knots;
    }
}
