<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Pages\Page;

/** Where a client fits into a day, as its picture shows it while they are moved. */
final readonly class PlacesPage extends Page
{
    /**
     * @param string $name in short
     * @param string $what who is placed, in a few words
     * @param list<array{
     *     user: int, minute: int, finish: int, slot: string, says: string, pieces: list<array{int, int, bool}>,
     * }> $places every one there is, the earliest first; pieces from and until, and whether hands work
     * @param array{user: int, minute: int}|null $from where they are booked now
     * @param string $none said where there is no place
     * @param string $do   what the button says
     * @param string $action address the place is sent to
     * @param array<string, string|int> $fields sent with it
     */
    public function __construct(
        public string $name,
        public string $what,
        public array $places,
        public ?array $from,
        public string $none,
        public string $do,
        public string $action,
        public array $fields,
    ) {
    }
}
