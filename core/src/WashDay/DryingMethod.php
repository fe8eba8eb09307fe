<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/** How a head is dried at the end of a wash day, or not. */
enum DryingMethod: string
{
    case Air = 'air';
    case Diffuse = 'diffuse';
    case Hood = 'hood';
    case LeavesDamp = 'leaves-damp';
}
