<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** How readily a strand takes water up and lets it go. */
enum Porosity: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';
}
