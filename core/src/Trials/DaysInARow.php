<?php

declare(strict_types=1);

namespace Nagomi\Core\Trials;

use Nagomi\Core\Parameters\ReadingParameters;

/**
 * How much further apart than dealt days the means of days in a row come by themselves. Hair that is dry today is dry
 * tomorrow: a share of what readings vary by passes slowly, so days in a row say less than as many days dealt at random,
 * and the two sides of a date differ by more than chance would part them.
 */
final readonly class DaysInARow
{
    public function __construct(private ReadingParameters $parameters)
    {
    }

    /**
     * @param non-empty-list<int> $before days counted from anywhere
     * @param non-empty-list<int> $after
     *
     * @return float times as far, 1 or more, as days dealt to two sides would be apart
     */
    public function apart(array $before, array $after): float
    {
        [$first, $second] = [count($before), count($after)];
        $weights = [...array_fill(0, $first, -1 / $first), ...array_fill(0, $second, 1 / $second)];
        $days = [...$before, ...$after];
        $count = $first + $second;
        // What the spread of the days about their common mean leads one to expect, which is all that dealing knows of.
        $seen = ($count - $this->sum($days, array_fill(0, $count, 1.0)) / $count) / ($count - 1);

        return max(1.0, sqrt($this->sum($days, $weights) / ($seen * (1 / $first + 1 / $second))));
    }

    /**
     * @param non-empty-list<int> $days both halves were read on, counted from anywhere
     *
     * @return float times as far from nothing, 1 or more, as differences of random sign would be
     */
    public function paired(array $days): float
    {
        return max(1.0, sqrt($this->sum($days, array_fill(0, count($days), 1.0)) / count($days)));
    }

    /**
     * @param list<int>   $days
     * @param list<float> $weights one for each
     *
     * @return float variance of the weighted sum, in variances of one reading
     */
    private function sum(array $days, array $weights): float
    {
        $share = $this->parameters->slowShare;
        $sum = 0.0;
        foreach ($days as $i => $day) {
            foreach ($days as $j => $other) {
                $slow = $share * 2 ** (-abs($day - $other) / $this->parameters->slowHalfLifeDays);
                $sum += $weights[$i] * $weights[$j] * ($i === $j ? 1.0 : $slow);
            }
        }

        return $sum;
    }
}
