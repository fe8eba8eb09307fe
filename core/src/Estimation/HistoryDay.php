<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\WashDay;

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

    /** @return array<string, self> the days on which something happened, by date, ascending */
    public static function allOf(HeadHistory $history, DateTimeImmutable $until, ?DateTimeImmutable $after): array
    {
        $days = [];
        $on = static function (DateTimeImmutable $date) use (&$days): self {
            return $days[$date->format('Y-m-d')] ??= new self();
        };
        $taken = static fn (DateTimeImmutable $date): bool => $date <= $until && ($after === null || $date > $after);
        foreach ($history->remaps as $remap) {
            if ($taken($remap->date)) {
                $on($remap->date)->head = $history->headAt($remap->date);
            }
        }
        foreach ($history->washDays as $washDay) {
            if ($taken($washDay->date)) {
                $on($washDay->date)->washDays[] = $washDay;
            }
        }
        foreach ($history->readings as $reading) {
            if ($taken($reading->date)) {
                $on($reading->date)->read($reading);
            }
        }
        ksort($days);

        return $days;
    }
}
