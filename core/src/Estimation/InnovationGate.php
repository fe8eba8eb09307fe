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
final readonly class InnovationGate
{
    /**
     * @param list<float> $zScores       by reading: standard deviations from its own expectation
     * @param list<float> $factors       factor its noise is multiplied by, 1 where it fits
     * @param list<float> $innovationSds standard deviation of what was expected
     * @param float       $logDensity    how well all together were foretold before anything was doubted
     * @param list<array<int, float>> $crossCovariance of each with the whole state
     */
    private function __construct(
        public array $zScores,
        public array $factors,
        public array $innovationSds,
        public float $logDensity,
        public array $crossCovariance,
    ) {
    }

    /**
     * @param non-empty-list<LinearizedObservation> $linearized at the mean of the state
     * @param list<bool> $sure by reading: confirmed, never doubted
     */
    public static function of(State $state, array $linearized, array $sure): self
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
        $zScores = $factors = $innovationSds = [];
        foreach ($linearized as $j => $equation) {
            $innovationSds[] = sqrt($innovationCovariance[$j][$j]);
            $zScores[] = $equation->innovation / $innovationSds[$j];
            $factors[] = abs($zScores[$j]) > $limitSd && ! $sure[$j]
                ? abs($zScores[$j])
                : 1.0;
        }
        $asForetold = new Cholesky($innovationCovariance);
        $limit = ChiSquared::limitLikeSd($limitSd, count($linearized));
        $distance = self::distance($asForetold, $linearized);
        // Most readings fit: nobody has to ask which of them fits least.
        if ($distance > $limit || max($factors) > 1.0) {
            $factors = self::doubted($innovationCovariance, $linearized, $sure, $factors, $limitSd);
        }
        $logDensity = -0.5 * $asForetold->logDeterminant() - self::loss($distance, $limit);

        return new self($zScores, $factors, $innovationSds, $logDensity, $crossCovariance);
    }

    /**
     * @param list<list<float>>                     $innovationCovariance
     * @param non-empty-list<LinearizedObservation> $linearized
     * @param list<bool>                            $sure
     * @param list<float>                           $factors
     *
     * @return list<float> factors by which all of them are in keeping with one another
     */
    private static function doubted(
        array $innovationCovariance,
        array $linearized,
        array $sure,
        array $factors,
        float $limitSd,
    ): array {
        $limit = ChiSquared::limitLikeSd($limitSd, count($linearized));
        $open = count(array_filter($sure, static fn (bool $one): bool => ! $one));
        for ($round = 0; $round < $open; $round++) {
            $solver = new Cholesky(self::widened($innovationCovariance, $linearized, $factors));
            $worst = self::distance($solver, $linearized) <= $limit
                ? null
                : self::worst($linearized, $solver->inverse(), $sure, $factors, $limitSd);
            if ($worst === null) {
                break;
            }
            [$which, $by] = $worst;
            $factors = array_values(array_replace($factors, [$which => $by]));
        }

        return $factors;
    }

    /**
     * @param list<list<float>>           $innovationCovariance
     * @param list<LinearizedObservation> $linearized
     * @param list<float>                 $factors
     *
     * @return list<list<float>> the same where what is doubted has so much more noise
     */
    private static function widened(array $innovationCovariance, array $linearized, array $factors): array
    {
        $widened = [];
        foreach ($innovationCovariance as $j => $row) {
            $row[$j] += ($factors[$j] ** 2 - 1) * $linearized[$j]->variance;
            $widened[] = array_values($row);
        }

        return $widened;
    }

    /**
     * @param list<LinearizedObservation> $linearized
     *
     * @return float how far all of them together lie from what was expected, squared, in standard deviations
     */
    private static function distance(Cholesky $solver, array $linearized): float
    {
        $innovations = array_map(static fn (LinearizedObservation $of): float => $of->innovation, $linearized);
        $distance = 0.0;
        foreach ($solver->solve($innovations) as $j => $weight) {
            $distance += $weight * $innovations[$j];
        }

        return $distance;
    }

    /**
     * What readings so far off cost: half the square, and beyond what is believed at once no faster than there (Huber 1964,
     * from memory). One slip of the hand decides little, and noise thought too small is not made up for by readings
     * doubted for it.
     */
    private static function loss(float $distance, float $limit): float
    {
        return $distance <= $limit ? 0.5 * $distance : sqrt($limit * $distance) - 0.5 * $limit;
    }

    /**
     * @param list<LinearizedObservation>    $linearized
     * @param array<int, list<float>> $precision
     * @param list<bool>        $sure
     * @param list<float>       $factors
     *
     * @return array{int, float}|null the reading least in keeping with the others, and by how much; null where each is
     */
    private static function worst(
        array $linearized,
        array $precision,
        array $sure,
        array $factors,
        float $limitSd,
    ): ?array {
        $worst = null;
        foreach ($precision as $j => $row) {
            $value = 0.0;
            foreach ($row as $k => $weight) {
                $value += $weight * $linearized[$k]->innovation;
            }
            // How far it lies from what the state and the other readings lead one to expect, in standard deviations.
            $zScores = abs($value) / sqrt($row[$j]);
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
