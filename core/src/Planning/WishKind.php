<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What can be wished of a plan for a span of days. */
enum WishKind: string
{
    /** A treatment stays out. */
    case LeaveOut = 'leave-out';

    /** Wash days come so many days apart. */
    case WashEvery = 'wash-every';
}
