<?php

declare(strict_types=1);

namespace App\Models;

/** Where a booking stands. */
enum BookingStatus: string
{
    case Booked = 'booked';
    case Arrived = 'arrived';
    case UnderWay = 'under-way';
    case Done = 'done';
    case Cancelled = 'cancelled';
    case NoShow = 'no-show';

    /** @return non-empty-list<self> those that still take hands */
    public static function open(): array
    {
        return [self::Booked, self::Arrived, self::UnderWay];
    }

    /** Whether it still takes hands. */
    public function isOpen(): bool
    {
        return in_array($this, self::open(), true);
    }
}
