<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** How results come otherwise than foretold. */
enum ResultsFinding: string
{
    case Higher = 'higher';
    case Lower = 'lower';
    case Scattered = 'scattered';
    case Narrow = 'narrow';
}
