<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Carbon\CarbonImmutable;
use Closure;

/** The times of one day at which a client can begin. */
final readonly class OfferedDay
{
    /** Of each part of the day so many are shown at once. */
    private const BEST = 4;

    /** @param list<OfferedTime> $times every one of them, the earliest first */
    public function __construct(
        public CarbonImmutable $date,
        public bool $isPlanned,
        public array $times,
        private int $apartMinutes,
    ) {
    }

    /** @return list<OfferedRow> a few of each part of the day: what leaves the fewest useless gaps first */
    public function best(): array
    {
        $best = [];
        foreach ($this->grouped(static fn (OfferedTime $time): string => $time->part()) as $row) {
            $times = $row->times;
            usort($times, static fn (OfferedTime $a, OfferedTime $b): int => [
                $a->lost, $a->held, $a->minute,
            ] <=> [$b->lost, $b->held, $b->minute]);
            $best[] = new OfferedRow($row->part, $this->apart($times));
        }

        return $best;
    }

    /** Whether there are more times on this day than the best ones. */
    public function hasMore(): bool
    {
        $best = array_map(static fn (OfferedRow $row): int => count($row->times), $this->best());

        return count($this->times) > array_sum($best);
    }

    /** @return list<OfferedRow> every time, by part of the day and stylist */
    public function byStylist(): array
    {
        return $this->grouped(static fn (OfferedTime $time): string => "{$time->part()} {$time->user}");
    }

    /**
     * @param Closure(OfferedTime): string $by
     *
     * @return list<OfferedRow>
     */
    private function grouped(Closure $by): array
    {
        $groups = [];
        foreach ($this->times as $time) {
            $groups[$by($time)][] = $time;
        }
        $rows = array_map(
            static fn (array $times): OfferedRow => new OfferedRow($times[0]->part(), $times),
            array_values($groups),
        );
        usort($rows, static fn (OfferedRow $a, OfferedRow $b): int => [
            array_search($a->part, BookingWish::PARTS, true), $a->times[0]->user,
        ] <=> [array_search($b->part, BookingWish::PARTS, true), $b->times[0]->user]);

        return $rows;
    }

    /**
     * @param non-empty-list<OfferedTime> $times
     *
     * @return non-empty-list<OfferedTime> no two of the same hands that are as good as the same
     */
    private function apart(array $times): array
    {
        $chosen = [$times[0]];
        foreach ($times as $time) {
            $near = array_filter($chosen, fn (OfferedTime $other): bool => $other->user === $time->user
                && abs($other->minute - $time->minute) < $this->apartMinutes);
            if ($near === [] && count($chosen) < self::BEST) {
                $chosen[] = $time;
            }
        }

        return $chosen;
    }
}
