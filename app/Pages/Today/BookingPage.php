<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;

/** One booking, to be moved or told of. */
final readonly class BookingPage extends Page
{
    /**
     * @param array<int, string> $stylists
     * @param list<array{says: string, with: string, missing: bool}> $steps of the wash day it is for, that take a bottle
     * @param string $time  as it is typed
     * @param string $when  beside its day
     * @param string $turns until when a time typed is of the night after; '' where nobody works past midnight
     * @param bool $isOnPicture whether it can be moved on the day’s picture
     * @param bool $comesLater whether a later hour of its day can be said
     * @param list<string> $says what can be said of how it goes, on the day or once it came
     * @param array<string, string> $exchanges bookings of the day it can exchange times with: key and sequence, as words
     * @param array<string, string> $series those that were made in one go with it, as words by key; [] it is alone
     * @param int $following of the series, still to come after it
     * @param string $missed what there is to know of visits that were missed; '' nothing
     * @param list<DryingMethod> $dryings ways to dry; none where nothing is dried
     * @param string $parts what the minutes of a wash day are made of; '' where it is none
     */
    public function __construct(
        public Booking $booking,
        public array $stylists,
        public string $time,
        public string $when,
        public string $turns,
        public bool $isOnPicture,
        public CarbonImmutable $date,
        public bool $comesLater,
        public array $says,
        public ?string $begun,
        public ?string $ended,
        public array $exchanges,
        public array $steps,
        public array $dryings,
        public string $missed,
        public string $parts,
        public PriceLines $price,
        public array $series,
        public int $following,
    ) {
    }
}
