<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** How readily a strand takes water up and lets it go. */
enum Porosity: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';

    /** Nobody has tested it yet: it counts as a mixture of what is common, with the doubt that goes with it. */
    case NotMeasured = 'not-measured';

    /** @return list<self> what hair can really be */
    public static function kinds(): array
    {
        return [self::Low, self::Medium, self::High];
    }
}
