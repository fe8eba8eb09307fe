<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Carbon\CarbonImmutable;

/** One of the days on which a client comes again, and the time that is nearest to the one wished. */
final readonly class SeriesDay
{
    /**
     * @param CarbonImmutable  $wished the day that is so many weeks on
     * @param CarbonImmutable  $date   the day that has a time; the wished one where none has
     * @param OfferedTime|null $time   null: there is no room on that day or near it
     * @param string           $note   what differs from what was wished; '' nothing
     */
    public function __construct(
        public CarbonImmutable $wished,
        public CarbonImmutable $date,
        public ?OfferedTime $time,
        public string $who,
        public string $note,
    ) {
    }
}
