<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Treatment\WashDay;

/** What happened to a head on one day. */
final class HistoryDay
{
    /** The head with the zones it has from this day on, where they were sorted anew. */
    public ?Head $head = null;

    /** @var list<WashDay> */
    public array $washDays = [];

    /** @var array<string, list<Reading>> by moment */
    private array $readings = [];

    public function read(Reading $reading): void
    {
        $this->readings[$reading->moment->value][] = $reading;
    }

    /** @return list<Reading> */
    public function readingsAt(Moment $moment): array
    {
        return $this->readings[$moment->value] ?? [];
    }

    /** @return list<Reading> */
    public function readings(): array
    {
        return array_merge(...array_values($this->readings));
    }
}
