<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use DateTimeImmutable;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Calendar;

/** What is believed of a scalp at the end of a day, and what was read of it last. */
final readonly class ScalpEstimate
{
    /**
     * @param DateTimeImmutable $date     the end of this day
     * @param DateTimeImmutable $lastRead the last day on which the scalp was looked at or felt
     * @param array<string, array{float, DateTimeImmutable}> $readings the latest of each sign and its day, by sign
     * @param list<ScalpCheck> $checks each reading beside what was foretold of it, in their order
     */
    public function __construct(
        public ScalpState $state,
        public DateTimeImmutable $date,
        public DateTimeImmutable $lastRead,
        public array $readings,
        public array $checks = [],
    ) {
    }

    /** @param int $withinDays older readings say nothing of the next weeks */
    public function isFresh(int $withinDays): bool
    {
        return Calendar::daysBetween($this->lastRead, $this->date) <= $withinDays;
    }

    /** The latest reading of a sign; null where it was never read. */
    public function latest(Sign $sign): ?float
    {
        return $this->readings[$sign->value][0] ?? null;
    }
}
