<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/**
 * A line through few points: each coefficient leans on what was thought of it before, by how sure that was. The
 * posterior of a linear model with known noise and a normal prior for each coefficient (Gelman et al., Bayesian Data
 * Analysis, 3rd ed., section 14.8; from memory).
 */
final readonly class ShrunkRegression
{
    /**
     * @param array<string, float>                $means      of the coefficients
     * @param array<string, array<string, float>> $covariance of the coefficients
     * @param float                               $evidence   logarithm of the density of all y before any coefficient is known,
     *     but for what is the same with any prior
     */
    private function __construct(public array $means, private array $covariance, public float $evidence)
    {
    }

    /**
     * @param array<string, array{float, float}>               $prior mean and standard deviation (over 0) by coefficient
     * @param list<array{x: array<string, float>, y: float}>   $rows  what is left out of x is 0; it names priors alone
     * @param float                                            $noise standard deviation of one y, over 0
     */
    public static function of(array $prior, array $rows, float $noise): self
    {
        $names = array_keys($prior);
        $precision = $right = [];
        foreach ($names as $i => $name) {
            [$mean, $sd] = $prior[$name];
            $precision[$i] = array_fill(0, count($names), 0.0);
            $precision[$i][$i] = 1 / $sd ** 2;
            $right[$i] = $mean / $sd ** 2;
        }
        foreach ($rows as ['x' => $x, 'y' => $y]) {
            foreach ($names as $i => $name) {
                $xi = ($x[$name] ?? 0.0) / $noise ** 2;
                $right[$i] += $xi * $y;
                foreach ($names as $j => $other) {
                    $precision[$i][$j] += $xi * ($x[$other] ?? 0.0);
                }
            }
        }
        $cholesky = new Cholesky($precision);
        $means = $cholesky->solve($right);
        $evidence = -0.5 * $cholesky->logDeterminant();
        foreach ($names as $i => $name) {
            [$mean, $sd] = $prior[$name];
            $evidence += 0.5 * ($means[$i] * $right[$i] - ($mean / $sd) ** 2) - log($sd);
        }

        return new self(
            array_combine($names, $means),
            array_combine(
                $names,
                array_map(static fn (array $row): array => array_combine($names, $row), $cholesky->inverse()),
            ),
            $evidence,
        );
    }

    /** @param array<string, float> $x what is left out is 0 */
    public function expected(array $x): float
    {
        $sum = 0.0;
        foreach ($x as $name => $value) {
            $sum += $value * $this->means[$name];
        }

        return $sum;
    }

    /**
     * How far what is expected may be off, as a standard deviation.
     *
     * @param array<string, float> $x what is left out is 0
     */
    public function doubt(array $x): float
    {
        $variance = 0.0;
        foreach ($x as $name => $value) {
            foreach ($x as $other => $otherValue) {
                $variance += $value * $otherValue * $this->covariance[$name][$other];
            }
        }

        return sqrt(max(0.0, $variance));
    }
}
