<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;

/**
 * Minutes a section on a head of which nothing but length and density is known: the trade's, and those of the salon's
 * other heads as far as they are like it. A head counts once, however often it was timed.
 */
final readonly class SimilarPace
{
    /** From thin to dense. */
    private const DENSITIES = ['low' => 0, 'medium' => 1, 'high' => 2];

    public function __construct(private WashDayParameters $parameters)
    {
    }

    /**
     * @param int|null $lengthMm root to tip, over 0; null: not measured
     * @param string   $density  low, medium, high or not-measured
     * @param list<array{minutes: float, times: int, length_mm: int, density: string}> $others minutes a section on a
     *     usual day, how often timed, over 0
     */
    public function minutes(?int $lengthMm, string $density, array $others): float
    {
        $usual = log($this->parameters->detangleASectionMinutes);
        [$sum, $weight] = [$this->parameters->usualWeighsHeads * $usual, $this->parameters->usualWeighsHeads];
        foreach ($others as $other) {
            // Of a head of which nothing is known nobody knows which are like it.
            $alike = $lengthMm === null || ! isset(self::DENSITIES[$density])
                ? 0.0
                : $this->alike($lengthMm, $density, $other['length_mm'], $other['density']);
            $alike *= $other['times'] / ($other['times'] + $this->parameters->usualWeighs);
            $sum += $alike * (log($other['minutes']) - $this->shape($other['length_mm'], $other['density']));
            $weight += $alike;
        }

        return exp($sum / $weight + $this->shape($lengthMm, $density));
    }

    /** What length and density add, as a logarithm. */
    private function shape(?int $lengthMm, string $density): float
    {
        return log($this->parameters->detanglingTimesByDensity[$density] ?? 1.0) + ($lengthMm === null
            ? 0.0
            : $this->parameters->detanglingLengthPower * log($lengthMm / $this->parameters->detanglingLengthMm));
    }

    /** From 0, nothing alike, to 1. */
    private function alike(int $lengthMm, string $density, int $otherMm, string $otherDensity): float
    {
        $steps = abs(self::DENSITIES[$density] - (self::DENSITIES[$otherDensity] ?? 9));
        $longer = log($lengthMm / $otherMm) / $this->parameters->alikeLengthSpread;

        return exp(-$longer ** 2 / 2) * ($steps > 2 ? 0.0 : $this->parameters->alikeNextDensity ** $steps);
    }
}
