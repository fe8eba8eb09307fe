<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use InvalidArgumentException;

/** Solves A·x = b for a symmetric positive definite A through its Cholesky factor. */
final readonly class Cholesky
{
    /** @var array<int, array<int, float>> lower triangle, row by row */
    private array $factor;

    /**
     * @param array<int, array<int, float>> $matrix symmetric positive definite, n × n
     *
     * @throws InvalidArgumentException where the matrix is not positive definite
     */
    public function __construct(array $matrix)
    {
        $factor = [];
        foreach ($matrix as $i => $row) {
            $factor[$i] = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $factor[$i][$k] * $factor[$j][$k];
                }
                if ($i === $j) {
                    if (is_nan($sum) || $sum <= 0) {
                        throw new InvalidArgumentException('The matrix is not positive definite.');
                    }
                    $factor[$i][$j] = sqrt($sum);
                } else {
                    $factor[$i][$j] = $sum / $factor[$j][$j];
                }
            }
        }
        $this->factor = array_values($factor);
    }

    /** @return array<int, array<int, float>> the lower triangle L of A = L·Lᵀ, row by row */
    public function factor(): array
    {
        return $this->factor;
    }

    /**
     * @param array<int, float> $right
     *
     * @return list<float>
     */
    public function solve(array $right): array
    {
        $n = count($right);
        for ($i = 0; $i < $n; $i++) {
            $row = $this->factor[$i];
            for ($k = 0; $k < $i; $k++) {
                $right[$i] -= $row[$k] * $right[$k];
            }
            $right[$i] /= $row[$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < $n; $k++) {
                $right[$i] -= $this->factor[$k][$i] * $right[$k];
            }
            $right[$i] /= $this->factor[$i][$i];
        }

        return array_values($right);
    }

    /** @return float logarithm of the matrix's determinant */
    public function logDeterminant(): float
    {
        $log = 0.0;
        foreach ($this->factor as $i => $row) {
            $log += 2 * log($row[$i]);
        }

        return $log;
    }

    /** @return array<int, list<float>> the inverse of the matrix, symmetric to the last bit */
    public function inverse(): array
    {
        $size = count($this->factor);
        $inverse = [];
        for ($i = 0; $i < $size; $i++) {
            $unit = array_fill(0, $size, 0.0);
            $unit[$i] = 1.0;
            $inverse[] = $this->solve($unit);
        }
        for ($i = 0; $i < $size; $i++) {
            for ($j = 0; $j < $i; $j++) {
                $inverse[$i][$j] = $inverse[$j][$i];
            }
        }

        return array_map(array_values(...), $inverse);
    }
}
