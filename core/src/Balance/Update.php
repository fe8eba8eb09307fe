<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Balance\Observation\Gaussian;
use Nagomi\Core\Balance\Observation\Observation;
use Nagomi\Core\Balance\Observation\Straight;
use Nagomi\Core\Stats\Cholesky;

/**
 * Takes the readings of one moment into a state, all at once, so that their order cannot matter:
 * a Kalman update, repeated from the new mean until it settles where an equation is not a straight line.
 */
final class Update
{
    private const MOST_ROUNDS = 12;
    private const SETTLED = 1e-7;

    /** @param non-empty-list<Observation> $observations */
    public static function of(State $before, array $observations): Updated
    {
        $covariance = $before->covariance;
        $mean = $before->mean;
        $straights = $cross = $unexpected = $spread = [];
        for ($round = 0; ; $round++) {
            $at = new State($before->layout, $mean, $covariance);
            $changed = [];
            foreach ($observations as $j => $observation) {
                // Most equations are straight lines and stay as they were.
                if ($round > 0 && $observation instanceof Gaussian) {
                    continue;
                }
                $changed[] = $j;
                $straight = $observation->laidStraight($at);
                $known = $round > 0 && $straight->slopes === $straights[$j]->slopes;
                $straights[$j] = $straight;
                if (! $known) {
                    $cross[$j] = self::crossed($covariance, $straight->slopes);
                }
                $unexpected[$j] = $straight->residual;
                foreach ($straight->slopes as $index => $slope) {
                    $unexpected[$j] += $slope * ($mean[$index] - $before->mean[$index]);
                }
            }
            $spread = $round === 0 ? self::spread($straights, $cross) : self::spreadAnew($spread, $straights, $cross, $changed);
            $solver = new Cholesky($spread);
            $next = $before->mean;
            foreach ($solver->solve($unexpected) as $j => $weight) {
                foreach ($cross[$j] as $i => $covers) {
                    $next[$i] += $weight * $covers;
                }
            }
            $change = 0.0;
            foreach ($next as $i => $value) {
                $change = max($change, abs($value - $mean[$i]));
            }
            $mean = $next;
            if ($change < self::SETTLED || $round === self::MOST_ROUNDS) {
                break;
            }
        }
        $precision = $solver->inverse();
        $gain = self::gain($precision, $cross);

        return new Updated(
            new State($before->layout, $mean, self::covariance($covariance, $straights, $gain, $cross)),
            $straights,
            $gain,
            $unexpected,
            $precision,
        );
    }

    /**
     * Covariance of the readings: their noise, and what the state's doubt leaves open.
     *
     * @param array<int, Straight>          $straights
     * @param array<int, array<int, float>> $cross
     *
     * @return list<list<float>>
     */
    public static function spread(array $straights, array $cross): array
    {
        $sum = [];
        foreach ($straights as $j => $straight) {
            $row = [];
            foreach ($cross as $k => $covers) {
                $value = $j === $k ? $straight->variance : 0.0;
                foreach ($straight->slopes as $index => $slope) {
                    $value += $slope * $covers[$index];
                }
                $row[] = $value;
            }
            $sum[] = $row;
        }

        return $sum;
    }

    /**
     * The same where only some of the equations were laid anew.
     *
     * @param array<int, array<int, float>> $spread
     * @param array<int, Straight>          $straights
     * @param array<int, array<int, float>> $cross
     * @param list<int>                     $changed
     *
     * @return array<int, array<int, float>>
     */
    private static function spreadAnew(array $spread, array $straights, array $cross, array $changed): array
    {
        foreach ($changed as $j) {
            foreach ($straights as $k => $straight) {
                $value = $j === $k ? $straight->variance : 0.0;
                foreach ($straight->slopes as $index => $slope) {
                    $value += $slope * $cross[$j][$index];
                }
                $spread[$j][$k] = $spread[$k][$j] = $value;
            }
        }

        return $spread;
    }

    /**
     * Covariance of a reading with the whole state.
     *
     * @param array<int, array<int, float>> $covariance
     * @param array<int, float>             $slopes
     *
     * @return array<int, float>
     */
    public static function crossed(array $covariance, array $slopes): array
    {
        $covers = null;
        foreach ($slopes as $index => $slope) {
            $row = $covariance[$index];
            if ($covers === null) {
                $covers = [];
                foreach ($row as $i => $value) {
                    $covers[$i] = $slope * $value;
                }
            } else {
                foreach ($row as $i => $value) {
                    $covers[$i] += $slope * $value;
                }
            }
        }

        return $covers ?? array_fill(0, count($covariance), 0.0);
    }

    /**
     * @param array<int, array<int, float>> $precision
     * @param array<int, array<int, float>> $cross
     *
     * @return list<array<int, float>> by reading, then index of the state
     */
    private static function gain(array $precision, array $cross): array
    {
        $gain = [];
        foreach ($precision as $row) {
            $weights = array_fill(0, count($cross[0]), 0.0);
            foreach ($row as $k => $weight) {
                foreach ($cross[$k] as $i => $covers) {
                    $weights[$i] += $weight * $covers;
                }
            }
            $gain[] = $weights;
        }

        return $gain;
    }

    /**
     * Joseph's form (I − K·H)·P·(I − K·H)ᵀ + K·R·Kᵀ, which stays positive whatever the rounding.
     *
     * @param array<int, array<int, float>> $covariance
     * @param array<int, Straight>          $straights
     * @param array<int, array<int, float>> $gain
     * @param array<int, array<int, float>> $cross
     *
     * @return list<list<float>>
     */
    private static function covariance(array $covariance, array $straights, array $gain, array $cross): array
    {
        $size = count($covariance);
        $left = $covariance;
        foreach ($gain as $j => $weights) {
            $covers = $cross[$j];
            for ($i = 0; $i < $size; $i++) {
                $weight = $weights[$i];
                if ($weight !== 0.0) {
                    $row = $left[$i];
                    foreach ($covers as $k => $value) {
                        $row[$k] -= $weight * $value;
                    }
                    $left[$i] = $row;
                }
            }
        }
        $result = $left;
        foreach ($straights as $j => $straight) {
            $weights = $gain[$j];
            for ($i = 0; $i < $size; $i++) {
                $own = $straight->variance * $weights[$i];
                foreach ($straight->slopes as $index => $slope) {
                    $own -= $slope * $left[$i][$index];
                }
                $row = $result[$i];
                for ($k = 0; $k <= $i; $k++) {
                    $row[$k] += $own * $weights[$k];
                }
                $result[$i] = $row;
            }
        }
        for ($i = 0; $i < $size; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $result[$k][$i] = $result[$i][$k];
            }
        }

        return array_values(array_map(array_values(...), $result));
    }
}
