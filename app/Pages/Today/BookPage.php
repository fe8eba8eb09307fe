<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\ServiceQuote;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Pages\Page;
use App\Wording\MessageLanguage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Booking: what it takes, what it costs, and when whose hands are free for it. */
final readonly class BookPage extends Page
{
    /**
     * @param array<array-key, mixed> $heads
     * @param Collection<int, Service> $services
     * @param Collection<int, User> $stylists
     * @param list<OfferedDay> $days
     * @param list<array{says: string, with: string, missing: bool}> $steps of the wash day it is for, that take a bottle
     * @param HouseholdPage|null $household null: nobody else is of it
     * @param OfferedDryings|null $dryings null: nothing is dried
     * @param array<string, string> $languages of messages, names by ISO 639-1
     * @param string $missed what there is to know of visits that were missed; '' nothing
     * @param string $priceWhy where the price comes from
     * @param string $parts what the minutes of a wash day are made of; '' where it is none
     */
    public function __construct(
        public Salon $salon,
        public array $heads,
        public Collection $services,
        public Collection $stylists,
        public ?Head $head,
        public ?Service $service,
        public CarbonImmutable $date,
        public ?ServiceQuote $quote,
        public BookingWish $wish,
        public array $days,
        public string $parts,
        public string $priceWhy,
        public array $steps,
        public ?OfferedDryings $dryings,
        public ?HouseholdPage $household,
        public string $missed,
        public array $languages = MessageLanguage::NAMES,
    ) {
    }
}
