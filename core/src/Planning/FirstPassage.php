<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** Counts on which day each of many drawn paths first falls below its limit, in whichever stratum it does so first. */
final class FirstPassage
{
    /** Share of the paths beyond either end of a range that holds four of five. */
    private const OUT_AN_END = 0.1;

    private ?int $firstDay = null;

    /** @var array<int, int> day by path */
    private array $left = [];

    /** @var array<int, int> paths that left there first, by stratum */
    private array $firstIn = [];

    /**
     * @param array<int, float> $limits by stratum
     * @param int         $count  paths
     */
    public function __construct(private readonly array $limits, private readonly int $count)
    {
    }

    /**
     * @param array<int, array<int, float>> $values by stratum, then path; those that have left may be left out
     *
     * @return list<int> paths that leave on this day
     */
    public function endOfDay(int $day, array $values): array
    {
        $this->firstDay ??= $day;
        $leave = [];
        foreach ($this->limits as $s => $limit) {
            foreach ($values[$s] as $path => $value) {
                if ($value < $limit && ! isset($this->left[$path])) {
                    $this->left[$path] = $day;
                    $this->firstIn[$s] = ($this->firstIn[$s] ?? 0) + 1;
                    $leave[] = $path;
                }
            }
        }

        return $leave;
    }

    public function isComplete(): bool
    {
        return count($this->left) === $this->count;
    }

    /** @return float share of the paths that left at all, 0 to 1 */
    public function share(): float
    {
        return count($this->left) / $this->count;
    }

    /** The day by which half of the paths have left; null where not so many do. */
    public function median(): ?int
    {
        return $this->dayBy(0.5);
    }

    /**
     * The days between which four of five paths leave. What has left on the first day already, or never does, is no
     * day to be early or late by: where more than a tenth does, the range is open on that side and the other end is
     * drawn in, so that it still holds four of five.
     *
     * @return array{int|null, int|null} earliest and latest; null where it is open, both where nothing can be said
     */
    public function range(): array
    {
        $never = 1 - $this->share();
        $atOnce = count(array_keys($this->left, $this->firstDay, true)) / $this->count;

        return match (true) {
            $atOnce <= self::OUT_AN_END && $never <= self::OUT_AN_END => [
                $this->dayBy(self::OUT_AN_END),
                $this->dayBy(1 - self::OUT_AN_END),
            ],
            $never <= 2 * self::OUT_AN_END => [null, $this->dayBy(1 - 2 * self::OUT_AN_END)],
            $atOnce <= 2 * self::OUT_AN_END => [$this->dayBy(2 * self::OUT_AN_END), null],
            default => [null, null],
        };
    }

    /** @return int|null the first day by which at least this share of the paths has left; null where it does not */
    private function dayBy(float $share): ?int
    {
        $days = $this->left;
        sort($days);

        return $days[(int) ceil($share * $this->count - 1e-9) - 1] ?? null;
    }

    /** The stratum most of them leave in first. */
    public function firstStratum(): int
    {
        return $this->firstIn === [] ? 0 : (int) array_search(max($this->firstIn), $this->firstIn, true);
    }
}
