<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use DomainException;

/** A booking that cannot be as it was asked for; the message says why and what can. */
final class BookingConflict extends DomainException
{
}
