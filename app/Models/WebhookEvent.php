<?php

declare(strict_types=1);

namespace App\Models;

/** What another program can be told of. */
enum WebhookEvent: string
{
    case ClientCreated = 'client.created';
    case ClientChanged = 'client.changed';
    case ClientDeleted = 'client.deleted';
    case BookingCreated = 'booking.created';
    case BookingChanged = 'booking.changed';
    case BookingCancelled = 'booking.cancelled';
    case BookingDone = 'booking.done';
    case BookingDeleted = 'booking.deleted';

    /** As lines of lang/ call it, which have no dot in their keys. */
    public function key(): string
    {
        return str_replace('.', '-', $this->value);
    }
}
