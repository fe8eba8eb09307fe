<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** What each line of a table is. */
enum ImportSubject: string
{
    case Clients = 'clients';
    case Bookings = 'bookings';
    case Treatments = 'treatments';
}
