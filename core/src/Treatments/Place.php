<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/** Where a wash day happened. */
enum Place: string
{
    case Salon = 'salon';
    case Home = 'home';
}
