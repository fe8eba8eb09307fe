<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use Nagomi\Core\WashDay\DryingMethod;

/** What a wash day takes when it is dried in one way, and how long of it hands are free for somebody else. */
final readonly class DryingQuote
{
    /** @param int $freeMinutes between the first and the last time hands are needed */
    public function __construct(
        public DryingMethod $drying,
        public int $minutes,
        public int $freeMinutes,
    ) {
    }
}
