<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\LinearizedObservation;
use Nagomi\Core\Estimation\Observation\Observation;
use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;

/** The readings of one moment as equations, with how each compares with what was expected of it. */
final readonly class ReadingIntake
{
    /**
     * @param non-empty-list<ReadingCheck> $checks
     * @param non-empty-list<Observation>  $observations one for each check; what was doubted has more noise
     * @param non-empty-list<LinearizedObservation> $linearized these, at the mean of the state
     * @param array<int, array<int, float>> $crossCovariance of them with the state, where it is known
     * @param float $logDensity of all of them together as foretold, but for a constant: {@see InnovationGate}
     */
    private function __construct(
        public array $checks,
        public array $observations,
        public array $linearized,
        public array $crossCovariance,
        public float $logDensity,
    ) {
    }

    /** @param list<Reading> $readings of one moment; null where none of them tells of the balance */
    public static function of(State $state, array $readings, StylistBiases $biases): ?self
    {
        $signs = self::signs($state, $readings);
        if ($signs === []) {
            return null;
        }
        $observations = array_map(
            static fn (array $sign): Observation => self::observation($state, $sign[0], $sign[1], $biases),
            $signs,
        );
        $expected = array_map(
            static fn (Observation $observation): LinearizedObservation => $observation->linearized($state),
            $observations,
        );
        $gate = InnovationGate::of(
            $state,
            $expected,
            array_map(static fn (array $sign): bool => $sign[0]->confirmed, $signs),
        );
        [$checks, $laid, $covers] = [[], $expected, $gate->crossCovariance];
        foreach ($signs as $j => [$reading, $measured]) {
            $isDoubted = $gate->factors[$j] > 1.0;
            $checks[] = new ReadingCheck(
                $reading,
                $measured,
                $expected[$j]->expected,
                $gate->zScores[$j],
                $isDoubted,
                $expected[$j]->innovation,
                $gate->innovationSds[$j],
                $measured->isAtItsEnd() ? 0.0 : sqrt($expected[$j]->variance),
            );
            if ($isDoubted) {
                $observations[$j] = self::observation($state, $reading, $measured, $biases, $gate->factors[$j]);
                $laid[$j] = $observations[$j]->linearized($state);
                if ($laid[$j]->slopes !== $expected[$j]->slopes) {
                    unset($covers[$j]);
                }
            }
        }

        return new self($checks, array_values($observations), array_values($laid), $covers, $gate->logDensity);
    }

    /**
     * @param list<Reading> $readings
     *
     * @return list<array{Reading, MeasuredSign}> of them that tell of the balance
     */
    private static function signs(State $state, array $readings): array
    {
        $signs = [];
        foreach ($readings as $reading) {
            foreach ($reading->measured as $measured) {
                if ($measured->sign->tellsOfBalance($state->layout->parameters->signs)) {
                    $signs[] = [$reading, $measured];
                }
            }
        }

        return $signs;
    }

    private static function observation(
        State $state,
        Reading $reading,
        MeasuredSign $measured,
        StylistBiases $biases,
        float $factor = 1.0,
    ): Observation {
        $factor *= $reading->moment === Moment::Home ? $state->layout->parameters->signs->homeNoiseFactor : 1.0;
        $bias = $biases->of($reading->by, $measured->sign);

        return ObservationCatalogue::of(
            $measured,
            $state->layout,
            $reading->zone,
            $factor * ($bias === null ? 1.0 : $bias->noiseFactor),
            $bias,
        );
    }
}
