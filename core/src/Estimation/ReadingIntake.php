<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

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
     * @param float $logDensity of all of them together as foretold, but for a constant: {@see InnovationGate}
     */
    private function __construct(public array $checks, public array $observations, public float $logDensity)
    {
    }

    /** @param list<Reading> $readings of one moment; null where none of them tells of the balance */
    public static function of(State $state, array $readings, StylistBiases $biases): ?self
    {
        $signs = [];
        $parameters = $state->layout->parameters->signs;
        foreach ($readings as $reading) {
            foreach ($reading->measured as $measured) {
                if ($measured->sign->tellsOfBalance($parameters)) {
                    $signs[] = [$reading, $measured];
                }
            }
        }
        $expected = array_map(
            static fn (array $sign) => self::observation($state, $sign[0], $sign[1], $biases)->linearized($state),
            $signs,
        );
        [$zScores, $factors, $innovationSds, $logDensity] = InnovationGate::of(
            $state,
            $expected,
            array_map(static fn (array $sign): bool => $sign[0]->confirmed, $signs),
        );
        $checks = $observations = [];
        foreach ($signs as $j => [$reading, $measured]) {
            $checks[] = new ReadingCheck(
                $reading,
                $measured,
                $expected[$j]->expected,
                $zScores[$j],
                $factors[$j] > 1.0,
                $expected[$j]->innovation,
                $innovationSds[$j],
            );
            $observations[] = self::observation($state, $reading, $measured, $biases, $factors[$j]);
        }

        return $checks === [] ? null : new self($checks, $observations, $logDensity);
    }

    private static function observation(
        State $state,
        Reading $reading,
        MeasuredSign $measured,
        StylistBiases $biases,
        float $factor = 1.0,
    ): Observation {
        $factor *= $reading->moment === Moment::Home ? $state->layout->parameters->signs->homeNoiseFactor : 1.0;

        return ObservationCatalogue::of(
            $measured,
            $state->layout,
            $reading->zone,
            $factor,
            $biases->of($reading->by, $measured->sign),
        );
    }
}
