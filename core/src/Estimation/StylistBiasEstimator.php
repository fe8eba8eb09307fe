<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\Cholesky;

/**
 * Estimates, over a whole salon and for one sign, how far each stylist reads above the others: from how far the
 * readings lay from what was expected of the heads, and from readings of one head that two of them took on one day,
 * whose difference says more, since the head itself drops out of it. Each bias is N(0, (0.3 · noise)²) before anything
 * was read; the salon's own mean is nobody's bias.
 */
final class StylistBiasEstimator
{
    /** @var array<string, int> place of each stylist */
    private array $places = [];

    /** @var list<array{array<string, float>, float, float}> weights by stylist, value, variance */
    private array $clues = [];

    public function __construct(private readonly Sign $sign, private readonly SignParameters $parameters)
    {
    }

    /**
     * @param float $surprise distance of the reading from its expectation, in the sign's unit (of a count as a share),
     *     no bias taken off
     * @param float $variance of that distance, > 0
     */
    public function read(string $by, float $surprise, float $variance): void
    {
        $this->clue([$by => 1.0], $surprise, $variance);
    }

    /** @param float $difference of two readings of one head and day, the first stylist's less the second's */
    public function readTwice(string $by, string $other, float $difference): void
    {
        $this->clue(
            [$by => 1.0, $other => -1.0],
            $difference,
            2 * $this->parameters->readingSd[$this->sign->value] ** 2,
        );
    }

    /** @param array<string, float> $weights */
    private function clue(array $weights, float $value, float $variance): void
    {
        foreach (array_keys($weights) as $by) {
            $this->places[$by] ??= count($this->places);
        }
        $this->clues[] = [$weights, $value, $variance];
    }

    /** @return list<StylistBias> one for each stylist who read this sign, in the order they were met */
    public function biases(): array
    {
        $size = count($this->places);
        // With one stylist there is nobody to differ from.
        if ($size < 2) {
            return [];
        }
        $prior = ($this->parameters->stylistBiasPrior * $this->parameters->readingSd[$this->sign->value]) ** -2;
        $precision = array_fill(0, $size, array_fill(0, $size, 0.0));
        $weighted = array_fill(0, $size, 0.0);
        for ($i = 0; $i < $size; $i++) {
            $precision[$i][$i] = $prior;
        }
        foreach ($this->clues as [$weights, $value, $variance]) {
            foreach ($weights as $by => $weight) {
                $weighted[$this->places[$by]] += $weight * $value / $variance;
                foreach ($weights as $other => $factor) {
                    $precision[$this->places[$by]][$this->places[$other]] += $weight * $factor / $variance;
                }
            }
        }
        $solver = new Cholesky($precision);
        $means = $solver->solve($weighted);
        $covariance = $solver->inverse();
        $centre = array_sum($means) / $size;
        $biases = [];
        foreach ($this->places as $by => $i) {
            // Variance of one less the mean of all.
            $row = array_sum($covariance[$i]) / $size;
            $all = array_sum(array_map(array_sum(...), $covariance)) / $size ** 2;
            $biases[] = new StylistBias(
                (string) $by,
                $this->sign,
                $means[$i] - $centre,
                sqrt(max(0.0, $covariance[$i][$i] - 2 * $row + $all)),
            );
        }

        return $biases;
    }
}
