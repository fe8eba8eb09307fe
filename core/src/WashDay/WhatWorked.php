<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;

/**
 * What went with the wash days that came out best: counted, never a proof. Most of the best days, and more of them
 * than of the others, is all that a handful of days can say.
 */
final readonly class WhatWorked
{
    /** @param array<string, array{best: int, others: int}> $times how many days each was part of */
    private function __construct(
        public int $best,
        public int $others,
        private array $times,
    ) {
    }

    /** @param list<array{score: float, with: list<string>}> $days with a result that was read; score: higher is better */
    public static function of(array $days, WashDayParameters $parameters): self
    {
        $scores = array_column($days, 'score');
        rsort($scores);
        $best = (int) ceil($parameters->bestShare * count($scores));
        if (count($scores) < $parameters->bestFromDays || $best >= count($scores)) {
            return new self(0, 0, []);
        }
        // A day as good as the last of the best is one of them.
        $from = $scores[$best - 1];
        $isBest = static fn (array $day): bool => $day['score'] >= $from;
        $times = [];
        foreach ($days as $day) {
            foreach (array_unique($day['with']) as $what) {
                $times[$what] ??= ['best' => 0, 'others' => 0];
                ++$times[$what][$isBest($day) ? 'best' : 'others'];
            }
        }
        $best = count(array_filter($days, $isBest));

        return new self($best, count($days) - $best, $times);
    }

    /** @return int|null of the best days, on how many; null where nothing can be said of it */
    public function times(string $what): ?int
    {
        return $this->best === 0 ? null : $this->times[$what]['best'] ?? 0;
    }

    /** @return int|null of the other days, on how many; null where nothing can be said of it */
    public function timesOfOthers(string $what): ?int
    {
        return $this->best === 0 ? null : $this->times[$what]['others'] ?? 0;
    }

    /** @return list<string> what was part of most of the best days, and of a smaller part of the others */
    public function wentWithBest(): array
    {
        return array_map(strval(...), array_keys(array_filter(
            $this->times,
            fn (array $times): bool => 2 * $times['best'] > $this->best
                && $times['best'] * $this->others > $times['others'] * $this->best,
        )));
    }
}
