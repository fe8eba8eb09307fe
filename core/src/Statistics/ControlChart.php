<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use InvalidArgumentException;

/**
 * Exponentially weighted moving average with its control limits: tells a head's ordinary ups and downs from a change
 * (NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.4).
 */
final readonly class ControlChart
{
    /**
     * @param float $target mean while nothing has changed
     * @param float $sd     of one value, > 0
     * @param float $weight of the newest value, above 0 to 1
     * @param float $limit  in standard deviations of the average
     * @param int|null $guessedFrom values the target is itself the mean of; null: it is known
     *
     * @throws InvalidArgumentException for a sd or weight that cannot be
     */
    public function __construct(
        public float $target,
        public float $sd,
        public float $weight = 0.3,
        public float $limit = 3.0,
        public ?int $guessedFrom = null,
    ) {
        if (is_nan($sd + $weight + $limit) || $sd <= 0 || $weight <= 0 || $weight > 1 || $limit <= 0 || $guessedFrom === 0) {
            throw new InvalidArgumentException(
                'Control chart: give a sd above 0, a weight above 0 to 1 and a limit above 0.',
            );
        }
    }

    /**
     * @param list<float> $values in order
     *
     * @return list<array{average: float, lower: float, upper: float, changed: bool}> one for each value
     */
    public function of(array $values): array
    {
        $average = $this->target;
        $chart = [];
        foreach ($values as $i => $value) {
            $average = $this->weight * $value + (1 - $this->weight) * $average;
            $old = (1 - $this->weight) ** ($i + 1);
            $half = $this->limit * $this->sd * sqrt(
                $this->weight / (2 - $this->weight) * (1 - $old ** 2) + $this->guessed() * (1 - $old) ** 2,
            );
            $chart[] = [
                'average' => $average,
                'lower' => $this->target - $half,
                'upper' => $this->target + $half,
                'changed' => abs($average - $this->target) > $half,
            ];
        }

        return $chart;
    }

    /** Variance of the target, in variances of one value. */
    private function guessed(): float
    {
        return $this->guessedFrom === null ? 0.0 : 1 / $this->guessedFrom;
    }

    /** @return array{float, float} the limits the chart settles to */
    public function settled(): array
    {
        $half = $this->limit * $this->sd * sqrt($this->weight / (2 - $this->weight) + $this->guessed());

        return [$this->target - $half, $this->target + $half];
    }
}
