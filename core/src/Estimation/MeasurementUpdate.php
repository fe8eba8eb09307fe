<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\LinearGaussian;
use Nagomi\Core\Estimation\Observation\LinearizedObservation;
use Nagomi\Core\Estimation\Observation\Observation;
use Nagomi\Core\Statistics\Cholesky;

/**
 * Takes the readings of one moment into a state, all at once, so that their order cannot matter:
 * a Kalman update, repeated from the new mean until it settles where an equation is not a straight line.
 */
final class MeasurementUpdate
{
    private const MOST_ROUNDS = 12;
    private const SETTLED = 1e-7;

    /**
     * @param non-empty-list<Observation>       $observations
     * @param array<int, LinearizedObservation> $laid   at the mean before, where somebody laid them there already
     * @param array<int, array<int, float>>     $covers their covariance with the state, where it is known already
     */
    public static function of(State $before, array $observations, array $laid = [], array $covers = []): UpdateResult
    {
        [$covariance, $mean] = [$before->covariance, $before->mean];
        $linearized = $crossCovariance = $innovations = $innovationCovariance = [];
        for ($round = 0; ; $round++) {
            $at = new State($before->layout, $mean, $covariance);
            $changed = [];
            foreach ($observations as $j => $observation) {
                // Most equations are straight lines and stay as they were.
                if ($round > 0 && $observation instanceof LinearGaussian) {
                    continue;
                }
                $changed[] = $j;
                $equation = $round === 0 && isset($laid[$j]) ? $laid[$j] : $observation->linearized($at);
                if ($round === 0 || $equation->slopes !== $linearized[$j]->slopes) {
                    $crossCovariance[$j] = $round === 0 && isset($covers[$j])
                        ? $covers[$j]
                        : self::crossCovariance($covariance, $equation->slopes);
                }
                $linearized[$j] = $equation;
                $innovations[$j] = $equation->innovation;
                foreach ($equation->slopes as $index => $slope) {
                    $innovations[$j] += $slope * ($mean[$index] - $before->mean[$index]);
                }
            }
            $innovationCovariance = $round === 0
                ? self::innovationCovariance($linearized, $crossCovariance)
                : self::covarianceAnew($innovationCovariance, $linearized, $crossCovariance, $changed);
            $solver = new Cholesky($innovationCovariance);
            $next = self::next($before->mean, $solver->solve($innovations), $crossCovariance);
            $change = self::largestChange($next, $mean);
            $mean = $next;
            if ($change < self::SETTLED || $round === self::MOST_ROUNDS) {
                break;
            }
        }
        $precision = $solver->inverse();
        $gain = self::gain($precision, $crossCovariance);
        $after = new State($before->layout, $mean, self::covariance($covariance, $linearized, $gain, $crossCovariance));

        return new UpdateResult($after, $linearized, $gain, $innovations, $precision);
    }

    /**
     * @param array<int, float>             $mean            by index of the state
     * @param array<int, float>             $weights         by observation
     * @param array<int, array<int, float>> $crossCovariance by observation
     *
     * @return array<int, float>
     */
    private static function next(array $mean, array $weights, array $crossCovariance): array
    {
        foreach ($weights as $j => $weight) {
            foreach ($crossCovariance[$j] as $i => $covers) {
                $mean[$i] += $weight * $covers;
            }
        }

        return $mean;
    }

    /**
     * @param array<int, float> $next
     * @param array<int, float> $mean
     */
    private static function largestChange(array $next, array $mean): float
    {
        $change = 0.0;
        foreach ($next as $i => $value) {
            $change = max($change, abs($value - $mean[$i]));
        }

        return $change;
    }

    /**
     * Covariance of the readings: their noise, and what the state's doubt leaves open.
     *
     * @param array<int, LinearizedObservation>          $linearized
     * @param array<int, array<int, float>> $crossCovariance
     *
     * @return list<list<float>>
     */
    public static function innovationCovariance(array $linearized, array $crossCovariance): array
    {
        $sum = [];
        foreach ($linearized as $j => $equation) {
            $row = [];
            foreach ($crossCovariance as $k => $covers) {
                $value = $j === $k ? $equation->variance : 0.0;
                foreach ($equation->slopes as $index => $slope) {
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
     * @param array<int, array<int, float>> $innovationCovariance
     * @param array<int, LinearizedObservation>          $linearized
     * @param array<int, array<int, float>> $crossCovariance
     * @param list<int>                     $changed
     *
     * @return array<int, array<int, float>>
     */
    private static function covarianceAnew(
        array $innovationCovariance,
        array $linearized,
        array $crossCovariance,
        array $changed,
    ): array {
        foreach ($changed as $j) {
            foreach ($linearized as $k => $equation) {
                $value = $j === $k ? $equation->variance : 0.0;
                foreach ($equation->slopes as $index => $slope) {
                    $value += $slope * $crossCovariance[$j][$index];
                }
                $innovationCovariance[$j][$k] = $innovationCovariance[$k][$j] = $value;
            }
        }

        return $innovationCovariance;
    }

    /**
     * Covariance of a reading with the whole state.
     *
     * @param array<int, array<int, float>> $covariance
     * @param array<int, float>             $slopes
     *
     * @return array<int, float>
     */
    public static function crossCovariance(array $covariance, array $slopes): array
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
     * @param array<int, array<int, float>> $crossCovariance
     *
     * @return list<array<int, float>> by reading, then index of the state
     */
    private static function gain(array $precision, array $crossCovariance): array
    {
        $gain = [];
        foreach ($precision as $row) {
            $weights = array_fill(0, count($crossCovariance[0]), 0.0);
            foreach ($row as $k => $weight) {
                foreach ($crossCovariance[$k] as $i => $covers) {
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
     * @param array<int, LinearizedObservation>          $linearized
     * @param array<int, array<int, float>> $gain
     * @param array<int, array<int, float>> $crossCovariance
     *
     * @return list<list<float>>
     */
    private static function covariance(array $covariance, array $linearized, array $gain, array $crossCovariance): array
    {
        $size = count($covariance);
        $left = $covariance;
        foreach ($gain as $j => $weights) {
            $covers = $crossCovariance[$j];
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
        foreach ($linearized as $j => $equation) {
            $weights = $gain[$j];
            for ($i = 0; $i < $size; $i++) {
                $own = $equation->variance * $weights[$i];
                foreach ($equation->slopes as $index => $slope) {
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
