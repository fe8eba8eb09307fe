<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;

/** One booking that goes to other hands, and when. */
final readonly class HandoverRow
{
    /**
     * @param string           $starts as was promised, H:MM
     * @param OfferedTime|null $time   null: nobody else has room on that day
     * @param string           $who    whose hands, in short; '' nobody's
     * @param int              $later  minutes after what was promised; below 0 before
     * @param bool             $isKept the promise is as good as kept; else the client is asked first
     */
    public function __construct(
        public Booking $booking,
        public string $starts,
        public ?OfferedTime $time,
        public string $who,
        public int $later,
        public bool $isKept,
    ) {
    }
}
