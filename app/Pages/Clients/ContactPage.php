<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Booking;
use App\Models\Head;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;

/** How a client is reached, and what is booked. */
final readonly class ContactPage extends Page
{
    /**
     * @param array<string, string> $languages of messages, names by ISO 639-1
     * @param list<Booking>         $toCome    the next first
     * @param list<Booking>         $before    the latest first
     */
    public function __construct(
        public Head $head,
        public SeenFields $seen,
        public array $languages,
        public array $toCome,
        public array $before,
    ) {
    }
}
