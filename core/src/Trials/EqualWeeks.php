<?php

declare(strict_types=1);

namespace Nagomi\Core\Trials;

use DateTimeImmutable;
use InvalidArgumentException;

/**
 * What each cause put in or took out over the last weeks and over as many before them: spans of the same number of days,
 * both ending with an evening. What passed over several days is shared out by day, so that a line that happens to be
 * written on one of them weighs in none more than its days.
 */
final class EqualWeeks
{
    public const LEAST_WEEKS = 3;
    public const MOST_WEEKS = 8;

    /** @var array<string, array<int, float>> sum of each week, the earliest first, by cause */
    private array $sums = [];

    /** @var array<string, array<int, int>> times before and lately, by cause */
    private array $times = [];

    /** @throws InvalidArgumentException for fewer than 3 or more than 8 weeks */
    public function __construct(private readonly DateTimeImmutable $today, private readonly int $weeks)
    {
        if ($weeks < self::LEAST_WEEKS || $weeks > self::MOST_WEEKS) {
            throw new InvalidArgumentException('Weeks: give 3 to 8.');
        }
    }

    /** Something done on a day. */
    public function done(string $cause, DateTimeImmutable $on, float $amount): void
    {
        $week = $this->week($on);
        if ($week !== null) {
            $this->book($cause, $week, $amount);
            $this->times[$cause][intdiv($week, $this->weeks)]++;
        }
    }

    /**
     * Something that went on from the morning after one day until the evening of another.
     *
     * @param DateTimeImmutable $after evening on which it began
     * @param DateTimeImmutable $until evening on which it ended; no earlier
     */
    public function passed(string $cause, DateTimeImmutable $after, DateTimeImmutable $until, float $amount): void
    {
        $days = max(1, (int) $after->diff($until)->format('%r%a'));
        for ($day = 0; $day < $days; $day++) {
            $week = $this->week($until->modify("-{$day} days"));
            if ($week !== null) {
                $this->book($cause, $week, $amount / $days);
            }
        }
    }

    /**
     * @param 1|-1  $worse    side that is for the worse: 1 more, −1 less
     * @param float $least    smaller changes are not worth naming, in units of reserve or wear
     * @param float $byChance what chance alone parts as far more often than that stands out in nothing; 0 to 1
     *
     * @return list<CauseChange> what changed for the worse by more than its own weeks vary, largest first
     */
    public function worsened(int $worse, float $least, float $byChance): array
    {
        $changes = array_values(array_filter(
            $this->changes($worse),
            static fn (CauseChange $change): bool => $worse * $change->change() >= $least
                && $change->byChance <= $byChance,
        ));
        usort(
            $changes,
            static fn (CauseChange $a, CauseChange $b): int => abs($b->change()) <=> abs($a->change()),
        );

        return $changes;
    }

    /**
     * @param 1|-1 $worse side that is for the worse: 1 more, −1 less
     *
     * @return list<CauseChange> whatever put in or took out anything in either span, what moved most first
     */
    public function changes(int $worse): array
    {
        $changes = [];
        foreach ($this->sums as $cause => $sums) {
            [$before, $lately] = array_chunk($sums, max(1, $this->weeks));
            $changes[] = new CauseChange(
                (string) $cause,
                array_sum($before),
                array_sum($lately),
                $this->times[$cause][0] ?? 0,
                $this->times[$cause][1] ?? 0,
                PermutationTest::byChance($before, $lately, $worse),
            );
        }
        usort(
            $changes,
            static fn (CauseChange $a, CauseChange $b): int => $b->furthest() <=> $a->furthest(),
        );

        return $changes;
    }

    private function book(string $cause, int $week, float $amount): void
    {
        $this->sums[$cause] ??= array_fill(0, 2 * $this->weeks, 0.0);
        $this->times[$cause] ??= [0, 0];
        $this->sums[$cause][$week] += $amount;
    }

    /** Week of a day, the earliest 0; null where it lies in neither span. */
    private function week(DateTimeImmutable $day): ?int
    {
        $ago = (int) $day->diff($this->today)->format('%r%a');
        $week = 2 * $this->weeks - 1 - intdiv($ago, 7);

        return $ago < 0 || $week < 0 ? null : $week;
    }
}
