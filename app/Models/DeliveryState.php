<?php

declare(strict_types=1);

namespace App\Models;

/** How it stands with what another program is to be told. */
enum DeliveryState: string
{
    case Due = 'due';
    case Sending = 'sending';
    case Delivered = 'delivered';
    case Failed = 'failed';

    /** Whether nobody tries any more. */
    public function isOver(): bool
    {
        return $this === self::Delivered || $this === self::Failed;
    }
}
