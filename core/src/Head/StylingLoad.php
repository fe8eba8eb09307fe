<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** How much styling product a head wears from day to day. */
enum StylingLoad: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';

    /** Nobody has asked yet: it counts as a mixture of what is common. */
    case NotMeasured = 'not-measured';
}
