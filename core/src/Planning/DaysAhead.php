<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Treatments\Calendar;

/** The dates of one season, each reckoned once: a search asks for the same few tens of thousands of times. */
final class DaysAhead
{
    /** @var array<int, DateTimeImmutable> by day counted from today */
    private array $dates = [];

    public function __construct(private readonly DateTimeImmutable $today)
    {
    }

    /** @param int $day counted from today; the past is negative */
    public function on(int $day): DateTimeImmutable
    {
        return $this->dates[$day] ??= Calendar::daysAfter($this->today, $day);
    }
}
