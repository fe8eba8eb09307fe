<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;

/** Other hands for somebody, to be asked about: one tap once the client agrees. */
final readonly class ProposedExchange
{
    /**
     * @param string                $why    key of lang/en/booking.php: what is the matter
     * @param array<string, string> $words  that go into it, the client's name apart
     * @param int                   $user   whose hands are proposed
     * @param string                $time   HH:MM
     * @param list<Booking>         $helped who then begins sooner
     */
    public function __construct(
        public Booking $booking,
        public string $why,
        public array $words,
        public int $user,
        public string $time,
        public array $helped,
    ) {
    }
}
