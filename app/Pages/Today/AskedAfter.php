<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;

/** Somebody who was to be here and is not, and what can be done about it. */
final readonly class AskedAfter
{
    /**
     * @param string $due        when they were to come, HH:MM
     * @param string $who        whose hands, in short
     * @param bool   $isSetAside the place is free for others by now
     * @param bool   $isOver     the time that was booked has gone by: what is asked is how it ended
     * @param string $phone      '' where none is kept
     * @param list<array{time: string, user: int, who: string}> $offers times at which they could still begin
     */
    public function __construct(
        public Booking $booking,
        public string $due,
        public string $who,
        public bool $isSetAside,
        public bool $isOver,
        public string $phone,
        public array $offers,
    ) {
    }
}
