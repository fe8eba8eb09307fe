<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/**
 * Sees the past in the light of all readings, later ones too: the modified Bryson–Frazier form of the fixed-interval
 * smoother (G. J. Bierman, Factorization Methods for Discrete Sequential Estimation, 1977, ch. X), which walks the
 * filter's own
 * journal back and needs no inverse of a covariance.
 */
final class Smoother
{
    /** @var array<int, float> what later readings say of the state, as a weighted sum of their surprises */
    private array $adjoint;

    /** @var array<int, array<int, float>> how much they say */
    private array $information;

    private function __construct(private readonly int $size)
    {
        $this->adjoint = array_fill(0, $size, 0.0);
        $this->information = array_fill(0, $size, array_fill(0, $size, 0.0));
    }

    /**
     * @param FilterJournal $journal of one layout from end to end: strata and signs unchanged
     *
     * @return list<Snapshot> the points of the journal, in order, each smoothed and held to its scales
     */
    public static function of(FilterJournal $journal): array
    {
        $points = [];
        $smoother = null;
        foreach (array_reverse($journal->entries()) as $entry) {
            if ($entry instanceof Snapshot) {
                $smoother ??= new self($entry->state->layout->size);
                $points[] = $smoother->smoothed($entry);
            } elseif ($smoother !== null && $entry instanceof UpdateResult) {
                $smoother->takeIn($entry);
            } elseif ($smoother !== null) {
                $smoother->moveBack($entry);
            }
        }

        return array_reverse($points);
    }

    private function smoothed(Snapshot $point): Snapshot
    {
        $state = $point->state;
        $mean = $state->mean;
        $rows = [];
        foreach ($state->covariance as $i => $row) {
            $shift = 0.0;
            $through = array_fill(0, $this->size, 0.0);
            foreach ($row as $k => $value) {
                $shift += $value * $this->adjoint[$k];
                foreach ($this->information[$k] as $j => $known) {
                    $through[$j] += $value * $known;
                }
            }
            $mean[$i] -= $shift;
            $rows[$i] = $through;
        }
        $covariance = $state->covariance;
        foreach ($rows as $i => $through) {
            for ($j = 0; $j <= $i; $j++) {
                $less = 0.0;
                foreach ($state->covariance[$j] as $k => $value) {
                    $less += $through[$k] * $value;
                }
                $covariance[$i][$j] -= $less;
                $covariance[$j][$i] = $covariance[$i][$j];
            }
        }
        [$held] = Dynamics::withinScales($state->layout, $mean);

        return new Snapshot(
            $point->date,
            new State($state->layout, array_values($held), $covariance),
            $point->sealed,
            $point->tight,
        );
    }

    /** @param array<int, array<int, float>> $slopes */
    private function moveBack(array $slopes): void
    {
        // λ ← Fᵀ·λ and Λ ← Fᵀ·Λ·F, where F differs from the identity in the rows of $slopes only.
        $this->adjoint = self::across($this->adjoint, $slopes);
        $rows = $this->information;
        foreach ($rows as $i => $row) {
            $rows[$i] = self::across($row, $slopes);
        }
        $result = $rows;
        foreach ($slopes as $row => $columns) {
            $result[$row] = array_fill(0, $this->size, 0.0);
        }
        foreach ($slopes as $row => $columns) {
            foreach ($columns as $column => $slope) {
                foreach ($rows[$row] as $j => $value) {
                    $result[$column][$j] += $slope * $value;
                }
            }
        }
        $this->information = $result;
    }

    /**
     * @param array<int, float>             $vector
     * @param array<int, array<int, float>> $slopes
     *
     * @return array<int, float> vector · F
     */
    private static function across(array $vector, array $slopes): array
    {
        $result = $vector;
        foreach ($slopes as $row => $columns) {
            $result[$row] = 0.0;
        }
        foreach ($slopes as $row => $columns) {
            foreach ($columns as $column => $slope) {
                $result[$column] += $vector[$row] * $slope;
            }
        }

        return $result;
    }

    private function takeIn(UpdateResult $updated): void
    {
        // λ ← λ − Hᵀ·(Kᵀ·λ + S⁻¹·y);  Λ ← Λ − Hᵀ·(Kᵀ·Λ) − (Λ·K)·H + Hᵀ·(Kᵀ·Λ·K + S⁻¹)·H
        $readings = array_keys($updated->linearized);
        $seen = $weights = [];
        foreach ($readings as $j) {
            $seen[$j] = array_fill(0, $this->size, 0.0);
            $weights[$j] = 0.0;
            foreach ($updated->gain[$j] as $i => $gain) {
                if ($gain !== 0.0) {
                    $weights[$j] += $gain * $this->adjoint[$i];
                    foreach ($this->information[$i] as $k => $known) {
                        $seen[$j][$k] += $gain * $known;
                    }
                }
            }
            foreach ($updated->precision[$j] as $k => $value) {
                $weights[$j] += $value * $updated->innovations[$k];
            }
        }
        $inner = [];
        foreach ($readings as $j) {
            foreach ($readings as $k) {
                $inner[$j][$k] = $updated->precision[$j][$k];
                foreach ($updated->gain[$k] as $i => $gain) {
                    $inner[$j][$k] += $seen[$j][$i] * $gain;
                }
            }
        }
        foreach ($readings as $j) {
            foreach ($updated->linearized[$j]->slopes as $index => $slope) {
                $this->adjoint[$index] -= $slope * $weights[$j];
                for ($i = 0; $i < $this->size; $i++) {
                    $this->information[$index][$i] -= $slope * $seen[$j][$i];
                    $this->information[$i][$index] -= $slope * $seen[$j][$i];
                }
                foreach ($readings as $k) {
                    foreach ($updated->linearized[$k]->slopes as $other => $factor) {
                        $this->information[$index][$other] += $slope * $inner[$j][$k] * $factor;
                    }
                }
            }
        }
    }
}
