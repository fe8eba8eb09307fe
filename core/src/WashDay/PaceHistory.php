<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;

/** What the pace of a head is learned from beside its wash days and readings. */
final readonly class PaceHistory
{
    /**
     * @param list<DriedDay>          $dried     what was dried by the clock
     * @param list<DateTimeImmutable> $takenDown days on which a style came down
     */
    public function __construct(public array $dried = [], public array $takenDown = [])
    {
    }

    /** What of it lies between two days, both counted. */
    public function between(DateTimeImmutable $from, DateTimeImmutable $until): self
    {
        $lies = static fn (DateTimeImmutable $on): bool => $on >= $from && $on <= $until;

        return new self(
            array_values(array_filter($this->dried, static fn (DriedDay $day): bool => $lies($day->date))),
            array_values(array_filter($this->takenDown, $lies)),
        );
    }
}
