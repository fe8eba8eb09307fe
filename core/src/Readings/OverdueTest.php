<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use DateTimeImmutable;
use Nagomi\Core\Parameters\ReadingParameters;

/** A test that a head is used to, not taken for longer than it usually is. */
final readonly class OverdueTest
{
    private function __construct(
        public string $test,
        public int $daysAgo,
        public int $usualDays,
    ) {
    }

    /**
     * @param array<string, list<DateTimeImmutable>> $takenOn by test, in any order, each day once
     *
     * @return list<self> the longest overdue first, in its own gaps
     */
    public static function of(array $takenOn, DateTimeImmutable $today, ReadingParameters $parameters): array
    {
        $overdue = [];
        foreach ($takenOn as $test => $dates) {
            sort($dates);
            if (count($dates) < $parameters->rhythmFrom) {
                continue;
            }
            $gaps = array_map(
                static fn (DateTimeImmutable $one, DateTimeImmutable $next): int => (int) $one->diff($next)->days,
                array_slice($dates, 0, -1),
                array_slice($dates, 1),
            );
            sort($gaps);
            $usual = max(1, $gaps[intdiv(count($gaps), 2)]);
            $ago = (int) $dates[count($dates) - 1]->diff($today)->days;
            if ($ago > $parameters->overdueFromGaps * $usual) {
                $overdue[] = new self($test, $ago, $usual);
            }
        }
        usort(
            $overdue,
            static fn (self $a, self $b): int => $b->daysAgo / $b->usualDays <=> $a->daysAgo / $a->usualDays,
        );

        return $overdue;
    }
}
