<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Sign;

/**
 * Where a head stands: the mean of every quantity of its {@see StateLayout} and their covariance.
 * Immutable; each change gives a new state.
 */
final readonly class State
{
    /**
     * @param array<int, float>       $mean       as long as the layout
     * @param array<int, array<int, float>> $covariance symmetric, positive semidefinite
     */
    public function __construct(
        public StateLayout $layout,
        public array $mean,
        public array $covariance,
    ) {
    }

    /** @param int<0, 4> $quantity MOISTURE to WEAR of {@see StateLayout} */
    public function value(int $stratum, int $quantity): float
    {
        return $this->mean[$this->layout->of($stratum, $quantity)];
    }

    /** @param int<0, 4> $quantity MOISTURE to WEAR of {@see StateLayout} */
    public function sd(int $stratum, int $quantity): float
    {
        $index = $this->layout->of($stratum, $quantity);

        return sqrt(max(0.0, $this->covariance[$index][$index]));
    }

    public function buildUp(int $stratum): float
    {
        return $this->value($stratum, StateLayout::WASHABLE) + $this->value($stratum, StateLayout::STUBBORN);
    }

    public function buildUpSd(int $stratum): float
    {
        $washable = $this->layout->of($stratum, StateLayout::WASHABLE);
        $stubborn = $this->layout->of($stratum, StateLayout::STUBBORN);

        return sqrt(max(
            0.0,
            $this->covariance[$washable][$washable]
                + $this->covariance[$stubborn][$stubborn]
                + 2 * $this->covariance[$washable][$stubborn],
        ));
    }

    /**
     * The same state with places for more signs, whose offsets nothing is known of yet.
     *
     * @param list<Sign> $signs those that have a place already are left as they are
     */
    public function withSigns(array $signs): self
    {
        $new = array_values(array_filter(
            $signs,
            fn (Sign $sign): bool => ! in_array($sign, $this->layout->signs, true),
        ));
        if ($new === []) {
            return $this;
        }
        $mean = $this->mean;
        $covariance = $this->covariance;
        foreach ($new as $sign) {
            $size = count($mean);
            $mean[] = 0.0;
            foreach ($covariance as $i => $row) {
                $covariance[$i][] = 0.0;
            }
            $covariance[] = array_fill(0, $size + 1, 0.0);
            $covariance[$size][$size] = Prior::offsetSd($sign, $this->layout->parameters->signs) ** 2;
        }

        return new self($this->layout->withSigns([...$this->layout->signs, ...$new]), $mean, $covariance);
    }

    /** The state without the offsets of its signs: what time and treatments can change. */
    public function withoutSigns(): self
    {
        $layout = $this->layout->withSigns([]);
        $covariance = array_slice($this->covariance, 0, $layout->size);

        return new self(
            $layout,
            array_slice($this->mean, 0, $layout->size),
            array_map(static fn (array $row): array => array_slice($row, 0, $layout->size), $covariance),
        );
    }

    /** The same numbers for a head that differs in its circumstances only. */
    public function under(Head $head): self
    {
        return new self($this->layout->under($head), $this->mean, $this->covariance);
    }

    /**
     * The state after a change: the mean moves to where the change says, the covariance through its slopes.
     *
     * @param array<int, float>                   $mean
     * @param array<int, array<int, float>> $slopes rows of the Jacobian that differ from the identity: row → column →
     *     slope
     * @param list<array<int, float>>       $noise  independent sources of new doubt, each as index → sd with its sign
     */
    public function moved(array $mean, array $slopes, array $noise): self
    {
        if ($slopes === [] && $noise === []) {
            return new self($this->layout, $mean, $this->covariance);
        }
        $rows = $this->rows($slopes);
        // The same from the other side; only the changed columns differ, and symmetry is kept to the last bit.
        $result = [];
        foreach ($rows as $from) {
            $to = $from;
            foreach ($slopes as $row => $columns) {
                $sum = 0.0;
                foreach ($columns as $column => $slope) {
                    $sum += $slope * $from[$column];
                }
                $to[$row] = $sum;
            }
            $result[] = $to;
        }
        foreach ($slopes as $row => $columns) {
            $mirrored = $result[$row];
            foreach ($result as $i => $other) {
                if ($i < $row || ! isset($slopes[$i])) {
                    $mirrored[$i] = $other[$row];
                }
            }
            $result[$row] = $mirrored;
        }
        foreach ($noise as $source) {
            foreach ($source as $i => $a) {
                foreach ($source as $j => $b) {
                    $result[$i][$j] += $a * $b;
                }
            }
        }

        return new self($this->layout, $mean, $result);
    }

    /**
     * @param array<int, array<int, float>> $slopes rows of the Jacobian that differ from the identity
     *
     * @return array<int, array<int, float>> the Jacobian times the covariance
     */
    private function rows(array $slopes): array
    {
        $rows = $this->covariance;
        foreach ($slopes as $row => $columns) {
            $new = [];
            foreach ($columns as $column => $slope) {
                $from = $this->covariance[$column];
                if ($new === []) {
                    foreach ($from as $k => $value) {
                        $new[] = $slope * $value;
                    }
                } else {
                    foreach ($from as $k => $value) {
                        $new[$k] += $slope * $value;
                    }
                }
            }
            $rows[$row] = $new;
        }

        return $rows;
    }

    /**
     * Room for signs whose offsets are held at 0.
     *
     * @param list<Sign> $signs
     */
    public function withFixedSigns(array $signs): self
    {
        $state = $this->withSigns($signs);
        $covariance = $state->covariance;
        foreach ($state->layout->signs as $sign) {
            $covariance[$state->layout->offset($sign)][$state->layout->offset($sign)] = 0.0;
        }

        return new self($state->layout, $state->mean, $covariance);
    }
}
