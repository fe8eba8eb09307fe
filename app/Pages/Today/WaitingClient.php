<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Wait;

/** Somebody who waits for a time, and what is free for them on a day. */
final readonly class WaitingClient
{
    /**
     * @param list<OfferedTime> $times what is free and suits, the best first
     * @param string            $phone '' where none is kept
     * @param bool   $isLater whether the first day that suits is still to come
     */
    public function __construct(
        public Wait $wait,
        public array $times,
        public string $phone,
        public bool $isLater = false,
    ) {
    }
}
