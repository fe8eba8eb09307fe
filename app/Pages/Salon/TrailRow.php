<?php

declare(strict_types=1);

namespace App\Pages\Salon;

/** One line of the trail. */
final readonly class TrailRow
{
    /**
     * @param string      $when    day and time on the salon's clock
     * @param string      $by      '' where nobody was signed in
     * @param string      $about   the client, or what it is called; '' where nothing is
     * @param string|null $client  key of the client; null: of none
     * @param string      $from    address of the device; '' where it was the clock
     * @param string      $program by which it was done; '' by hand
     * @param list<array{label: string, before: string, after: string}> $changes
     */
    public function __construct(
        public string $when,
        public string $by,
        public string $what,
        public string $about,
        public ?string $client,
        public string $from,
        public string $program,
        public array $changes,
    ) {
    }
}
