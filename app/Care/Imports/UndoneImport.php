<?php

declare(strict_types=1);

namespace App\Care\Imports;

/** What an undone import took out, and what stays because somebody has worked with it. */
final readonly class UndoneImport
{
    /**
     * @param list<string> $stay names of clients
     * @param int          $left bookings and wash days
     */
    public function __construct(
        public int $clients,
        public int $bookings,
        public int $washDays,
        public int $details,
        public array $stay,
        public int $left,
    ) {
    }

    /** @return array{clients: int, bookings: int, wash_days: int, details: int} */
    public function counts(): array
    {
        return [
            'clients' => $this->clients, 'bookings' => $this->bookings, 'wash_days' => $this->washDays,
            'details' => $this->details,
        ];
    }
}
