<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

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
    private const SETTLED = 1e-9;

    /**
     * @param non-empty-list<Observation> $observations
     *
     * @return array{State, array<int, array<int, float>>} the new state before it is held to its scales, and how far each reading moved each quantity;
     *                                         the movements sum to the whole
     */
    public static function of(State $before, array $observations): array
    {
        $size = $before->layout->size;
        $mean = $before->mean;
        $straights = $gain = $innovation = [];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $at = new State($before->layout, $mean, $before->covariance);
            $straights = array_map(static fn (Observation $observation): Straight => $observation->laidStraight($at), $observations);
            $gain = self::gain($before->covariance, $straights, $size);
            $next = $before->mean;
            foreach ($straights as $j => $straight) {
                $innovation[$j] = $straight->residual;
                foreach ($straight->slopes as $index => $slope) {
                    $innovation[$j] += $slope * ($mean[$index] - $before->mean[$index]);
                }
                for ($i = 0; $i < $size; $i++) {
                    $next[$i] += $gain[$j][$i] * $innovation[$j];
                }
            }
            $change = 0.0;
            foreach ($next as $i => $value) {
                $change = max($change, abs($value - $mean[$i]));
            }
            $mean = $next;
            if ($change < self::SETTLED) {
                break;
            }
        }
        $moves = [];
        foreach ($gain as $j => $column) {
            $moves[] = array_map(static fn (float $weight): float => $weight * $innovation[$j], $column);
        }

        return [new State($before->layout, array_values($mean), self::covariance($before->covariance, $straights, $gain, $size)), $moves];
    }

    /**
     * @param array<int, array<int, float>> $covariance
     * @param list<Straight>    $straights
     *
     * @return array<int, array<int, float>> gain[reading][index]
     */
    private static function gain(array $covariance, array $straights, int $size): array
    {
        $cross = self::cross($covariance, $straights, $size);
        $sum = [];
        foreach ($straights as $j => $straight) {
            foreach (array_keys($straights) as $k) {
                $sum[$j][$k] = $j === $k ? $straight->variance : 0.0;
                foreach ($straight->slopes as $index => $slope) {
                    $sum[$j][$k] += $slope * $cross[$k][$index];
                }
            }
        }
        $solver = new Cholesky(array_values(array_map(array_values(...), $sum)));
        $gain = array_fill(0, count($straights), array_fill(0, $size, 0.0));
        for ($i = 0; $i < $size; $i++) {
            foreach ($solver->solve(array_column($cross, $i)) as $j => $weight) {
                $gain[$j][$i] = $weight;
            }
        }

        return $gain;
    }

    /**
     * @param array<int, array<int, float>> $covariance
     * @param list<Straight>    $straights
     *
     * @return array<int, array<int, float>> cross[reading][index] = covariance of the reading with the state
     */
    private static function cross(array $covariance, array $straights, int $size): array
    {
        $cross = [];
        foreach ($straights as $j => $straight) {
            $cross[$j] = array_fill(0, $size, 0.0);
            foreach ($straight->slopes as $index => $slope) {
                $row = $covariance[$index];
                for ($i = 0; $i < $size; $i++) {
                    $cross[$j][$i] += $slope * $row[$i];
                }
            }
        }

        return array_values($cross);
    }

    /**
     * Joseph's form (I − K·H)·P·(I − K·H)ᵀ + K·R·Kᵀ, which stays positive whatever the rounding.
     *
     * @param array<int, array<int, float>> $covariance
     * @param list<Straight>    $straights
     * @param array<int, array<int, float>> $gain
     *
     * @return array<int, array<int, float>>
     */
    private static function covariance(array $covariance, array $straights, array $gain, int $size): array
    {
        $left = $covariance;
        $cross = self::cross($covariance, $straights, $size);
        foreach ($gain as $j => $weights) {
            for ($i = 0; $i < $size; $i++) {
                if ($weights[$i] !== 0.0) {
                    for ($k = 0; $k < $size; $k++) {
                        $left[$i][$k] -= $weights[$i] * $cross[$j][$k];
                    }
                }
            }
        }
        $result = $left;
        foreach ($straights as $j => $straight) {
            for ($i = 0; $i < $size; $i++) {
                $seen = 0.0;
                foreach ($straight->slopes as $index => $slope) {
                    $seen += $slope * $left[$i][$index];
                }
                $own = $straight->variance * $gain[$j][$i] - $seen;
                for ($k = 0; $k <= $i; $k++) {
                    $result[$i][$k] += $own * $gain[$j][$k];
                }
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
