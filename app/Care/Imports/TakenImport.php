<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Models\Booking;
use App\Models\Head;

/** What comes of an import while it is taken in. */
final class TakenImport
{
    /** @var array<string, Head> everybody something was brought for, by key */
    public array $heads = [];

    /** @var array<string, Head> clients who are new */
    public array $new = [];

    /** @var array<string, Head> whose lines are whose, by the key of their first line */
    public array $known = [];

    /** @var array<string, list<mixed>> rows of the notebook by client */
    public array $rows = [];

    /** @var list<Booking> */
    public array $bookings = [];

    /** @var list<string> */
    public array $washDayKeys = [];

    /** @var array<string, string> prints of what was added to clients who were here, by client and column */
    public array $filled = [];

    public function arrives(Head $head): Head
    {
        $this->new[$head->id] = $this->heads[$head->id] = $head;

        return $head;
    }

    /** @param array<mixed> $rows */
    public function treated(Head $head, array $rows): void
    {
        if ($rows !== []) {
            $this->heads[$head->id] = $head;
            $this->rows[$head->id] = [...$this->rows[$head->id] ?? [], ...array_values($rows)];
        }
    }

    public function visits(Head $head, Booking $booking): void
    {
        $this->heads[$head->id] = $head;
        $this->bookings[] = $booking;
    }

    /** @return array{clients: int, bookings: int, wash_days: int, details: int} */
    public function counts(): array
    {
        return [
            'clients' => count($this->new), 'bookings' => count($this->bookings),
            'wash_days' => count($this->washDayKeys), 'details' => count($this->filled),
        ];
    }
}
