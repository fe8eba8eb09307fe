<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use Nagomi\Core\Estimation\State;
use Nagomi\Core\Statistics\Normal;

/**
 * The mean of several hairs, each a straight line with noise of its own that cannot be read above a limit (hair that
 * returns
 * fully would have returned further). The mean of capped hairs lies below the line, the more the nearer the limit: its
 * own
 * expectation and variance are used. Where every hair stood at the limit the readings say "at least so much", as in a
 * Tobit model.
 */
final readonly class CappedMean implements Observation
{
    /**
     * @param array<int, float> $slopes by index of the state
     * @param float             $value  mean of the hairs, at most the limit
     * @param float             $sd     noise of one hair, > 0
     * @param float             $hairs  1 or more
     */
    public function __construct(
        private float $atZero,
        private array $slopes,
        private float $limit,
        private float $value,
        private float $sd,
        private float $hairs = 1.0,
    ) {
    }

    public function linearized(State $at): LinearizedObservation
    {
        $line = $this->atZero;
        foreach ($this->slopes as $index => $slope) {
            $line += $slope * $at->mean[$index];
        }

        return $this->value >= $this->limit ? $this->allAtTheLimit($line) : $this->below($line);
    }

    /** Score and information of the Gaussian tail, once for each hair. */
    private function allAtTheLimit(float $line): LinearizedObservation
    {
        $z = ($line - $this->limit) / $this->sd;
        // Inverse Mills ratio φ(z)/Φ(z); far below the limit it tends to −z.
        $mills = $z < -30 ? -$z : Normal::density($z) / Normal::cumulative($z);
        $score = $mills / $this->sd;
        $information = max(1e-9, $mills * ($mills + $z)) / $this->sd ** 2;

        return new LinearizedObservation(
            $this->slopes,
            $score / $information,
            1 / ($this->hairs * $information),
            min($this->limit, $line),
        );
    }

    private function below(float $line): LinearizedObservation
    {
        $z = ($this->limit - $line) / $this->sd;
        $share = Normal::cumulative($z);
        $density = Normal::density($z);
        $mean = $line * $share + $this->limit * (1 - $share) - $this->sd * $density;
        $square = (
            $line ** 2 + $this->sd ** 2
        ) * $share - $this->sd * ($line + $this->limit) * $density + $this->limit ** 2 * (1 - $share);
        // A line far above the limit leaves neither slope nor variance; a hair is still never read better than to a
        // twentieth of its noise.
        $share = max(0.05, $share);
        $variance = max((0.05 * $this->sd) ** 2, $square - $mean ** 2) / $this->hairs;

        return new LinearizedObservation(
            array_map(static fn (float $slope): float => $slope * $share, $this->slopes),
            $this->value - $mean,
            $variance,
            $mean,
        );
    }
}
