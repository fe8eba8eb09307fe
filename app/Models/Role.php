<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in a salon: an owner decides who belongs to it, a stylist works in it. */
enum Role: string
{
    case Owner = 'owner';
    case Stylist = 'stylist';
}
