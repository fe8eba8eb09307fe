<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Treatments\Calendar;

/** What the filter made of a history. */
final readonly class FilterRun
{
    /**
     * @param non-empty-list<Snapshot> $points one for each day on which something happened, and the last day
     * @param list<LedgerLine>      $ledger from the opening to the last day
     * @param list<ReadingCheck>           $checks one for each sign read
     * @param int $events how many of the points are days on which something happened; the last may only be the day
     *     looked from
     * @param float $logDensity of all readings as they were foretold, moment by moment, but for a constant: the higher the
     *     better foretold
     */
    public function __construct(
        public array $points,
        public array $ledger,
        public array $checks,
        public int $events = 0,
        public float $logDensity = 0.0,
    ) {
    }

    /** The last day on which a sign of the balance was read; null: none was. */
    public function lastRead(): ?DateTimeImmutable
    {
        $days = array_map(static fn (ReadingCheck $check): DateTimeImmutable => $check->reading->date, $this->checks);

        return $days === [] ? null : max($days);
    }

    /** @return list<array{DateTimeImmutable, float}> days and values of what a test read, in the order it was read */
    public function valuesOf(string $test): array
    {
        $values = [];
        foreach ($this->checks as $check) {
            if ($check->reading->test === $test) {
                $values[] = [$check->reading->date, $check->reading->measured[0]->value];
            }
        }

        return $values;
    }

    public function last(): Snapshot
    {
        return $this->points[count($this->points) - 1];
    }

    /**
     * The state at the end of each day from one to another, for drawing.
     *
     * @param Snapshot|null $before where the filter went on from, for the days before its first entry
     *
     * @return list<Snapshot>
     */
    public function daily(DateTimeImmutable $from, DateTimeImmutable $to, ?Snapshot $before = null): array
    {
        $days = [];
        $next = 0;
        $current = $before;
        for ($day = $from; $day <= $to; $day = $day->modify('+1 day')) {
            while (isset($this->points[$next]) && $this->points[$next]->date <= $day) {
                $current = $this->points[$next++];
            }
            if ($current !== null) {
                $gone = Calendar::daysBetween($current->date, $day);
                $state = Dynamics::afterDays(
                    $current->state,
                    $gone,
                    $current->sealed,
                    $current->date,
                    $current->tight,
                )->state;
                $days[] = $current->on($day, $state);
            }
        }

        return $days;
    }
}
