<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Statistics\Normal;

/**
 * What could be done on one of the next wash days instead of what is planned, and how the hair would have to be for it:
 * how much dearer the change is along the way in which the state can be off that matters most to it.
 */
final readonly class NextDecision
{
    /** So far to either side what may be found is looked at, in standard deviations, and in such steps. */
    private const FURTHEST = 4.0;
    private const STEP = 0.1;

    /**
     * @param WashOption              $instead of what is planned
     * @param non-empty-list<array{float, float}> $dearer where the state is so many standard deviations along that way,
     *     ascending: by how much, in days of a whole head one band width outside
     * @param array<int, float>       $slopes  of that at what is believed, by index of the state
     */
    public function __construct(
        public DateTimeImmutable $date,
        public WashOption $planned,
        public WashOption $instead,
        public array $dearer,
        public array $slopes,
    ) {
    }

    /**
     * What looking is worth, in the unit of {@see $dearer}: the mean of what is saved where something else turns out
     * better (the value of sample information; Raiffa and Schlaifer 1961, from memory).
     */
    public function worth(State $before, State $after): float
    {
        return $this->mean($before, $after, static fn (float $dearer): float => max(0.0, -$dearer));
    }

    /** How likely it is to be done instead, once somebody has looked. */
    public function share(State $before, State $after): float
    {
        return $this->mean($before, $after, static fn (float $dearer): float => $dearer < 0.0 ? 1.0 : 0.0);
    }

    /** @param callable(float): float $of by how much it is dearer as it turns out */
    private function mean(State $before, State $after, callable $of): float
    {
        $all = $this->variance($before);
        $taken = $all - $this->variance($after);
        if ($all <= 0.0 || $taken <= 0.0) {
            return 0.0;
        }
        // What is found moves the mean along the way by the part of its doubt that is taken away.
        $reach = sqrt(min(1.0, $taken / $all));
        $sum = $weights = 0.0;
        for ($z = -self::FURTHEST; $z <= self::FURTHEST; $z += self::STEP) {
            $weight = Normal::density($z);
            $sum += $weight * $of($this->dearerAt($reach * $z));
            $weights += $weight;
        }

        return $sum / $weights;
    }

    private function variance(State $state): float
    {
        $variance = 0.0;
        foreach ($this->slopes as $i => $slope) {
            foreach ($this->slopes as $k => $other) {
                $variance += $slope * $other * $state->covariance[$i][$k];
            }
        }

        return $variance;
    }

    /** By a straight line between what was walked, and on beyond it. */
    private function dearerAt(float $sds): float
    {
        $last = count($this->dearer) - 1;
        $at = 1;
        while ($at < $last && $this->dearer[$at][0] < $sds) {
            $at++;
        }
        [$from, $to] = [$this->dearer[max(0, $at - 1)], $this->dearer[min($last, $at)]];
        $share = $to[0] > $from[0] ? ($sds - $from[0]) / ($to[0] - $from[0]) : 0.0;

        return $from[1] + $share * ($to[1] - $from[1]);
    }
}
