<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\LinearizedObservation;
use Nagomi\Core\Statistics\ChiSquared;
use Nagomi\Core\Statistics\Cholesky;

/**
 * Finds the readings of a moment that do not fit: each by itself, further from its expectation than is believed at
 * once; and
 * all together, where each may pass but they contradict one another. Order cannot matter: always the one least in
 * keeping
 * with the others is doubted first.
 */
final class InnovationGate
{
    /**
     * @param list<LinearizedObservation> $linearized at the mean of the state
     * @param list<bool>     $sure      by reading: confirmed, never doubted
     *
     * @return array{
     *     list<float>, list<float>, list<float>, float,
     * } by reading: sd from its own expectation; factor its noise is multiplied by, 1 where it fits;
     *                                                  and that sd itself; and how well all together were foretold
     */
    public static function of(State $state, array $linearized, array $sure): array
    {
        $crossCovariance = array_map(
            static fn (LinearizedObservation $equation): array => MeasurementUpdate::crossCovariance(
                $state->covariance,
                $equation->slopes,
            ),
            $linearized,
        );
        $innovationCovariance = MeasurementUpdate::innovationCovariance($linearized, $crossCovariance);
        $limitSd = $state->layout->parameters->signs->checkAgainAtSd;
        $logDensity = $linearized === [] ? 0.0 : self::logDensity($linearized, $innovationCovariance, $limitSd);
        $zScores = $factors = $innovationSds = [];
        foreach ($linearized as $j => $equation) {
            $innovationSds[] = sqrt($innovationCovariance[$j][$j]);
            $zScores[] = $equation->innovation / $innovationSds[$j];
            $factors[] = abs($zScores[$j]) > $limitSd && ! $sure[$j]
                ? abs($zScores[$j])
                : 1.0;
        }
        $open = count(array_filter($sure, static fn (bool $one): bool => ! $one));
        for ($round = 0; $round < $open; $round++) {
            $widened = $innovationCovariance;
            foreach ($linearized as $j => $equation) {
                $widened[$j][$j] += ($factors[$j] ** 2 - 1) * $equation->variance;
            }
            $precision = (new Cholesky($widened))->inverse();
            $worst = self::worst($linearized, $precision, $sure, $factors, $limitSd);
            if ($worst === null) {
                break;
            }
            [$which, $by] = $worst;
            $factors = array_values(array_replace($factors, [$which => $by]));
        }

        return [$zScores, $factors, $innovationSds, $logDensity];
    }

    /**
     * Logarithm of the density of all readings of a moment before anything is doubted, but for a constant. Where they lie
     * further off than is believed at once it falls no faster than there (Huber 1964, from memory): one slip of the hand
     * decides little, and noise thought too small is not made up for by readings doubted for it.
     *
     * @param non-empty-list<LinearizedObservation> $linearized
     * @param list<list<float>>                     $innovationCovariance
     */
    private static function logDensity(array $linearized, array $innovationCovariance, float $limitSd): float
    {
        $solver = new Cholesky($innovationCovariance);
        $innovations = array_map(static fn (LinearizedObservation $of): float => $of->innovation, $linearized);
        $distance = 0.0;
        foreach ($solver->solve($innovations) as $j => $weight) {
            $distance += $weight * $innovations[$j];
        }
        $limit = ChiSquared::limitLikeSd($limitSd, count($linearized));

        return -0.5 * $solver->logDeterminant()
            - ($distance <= $limit ? 0.5 * $distance : sqrt($limit * $distance) - 0.5 * $limit);
    }

    /**
     * @param list<LinearizedObservation>    $linearized
     * @param array<int, list<float>> $precision
     * @param list<bool>        $sure
     * @param list<float>       $factors
     *
     * @return array{
     *     int, float,
     * }|null the reading least in keeping with the others, and by how much; null where they agree
     */
    private static function worst(
        array $linearized,
        array $precision,
        array $sure,
        array $factors,
        float $limitSd,
    ): ?array {
        $distance = 0.0;
        $weighted = [];
        foreach ($precision as $j => $row) {
            $weighted[$j] = 0.0;
            foreach ($row as $k => $value) {
                $weighted[$j] += $value * $linearized[$k]->innovation;
            }
            $distance += $weighted[$j] * $linearized[$j]->innovation;
        }
        if ($distance <= ChiSquared::limitLikeSd($limitSd, max(1, count($linearized)))) {
            return null;
        }
        $worst = null;
        foreach ($weighted as $j => $value) {
            // How far it lies from what the state and the other readings lead one to expect, in standard deviations.
            $zScores = abs($value) / sqrt($precision[$j][$j]);
            if (
                ! $sure[$j]
                    && $factors[$j] === 1.0
                    && $zScores > $limitSd
                    && $zScores > ($worst[1] ?? 0.0)
            ) {
                $worst = [$j, $zScores];
            }
        }

        return $worst;
    }
}
