<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use Nagomi\Core\Balance\State;
use Nagomi\Core\Stats\Normal;

/**
 * A straight-line sign that cannot be read above a limit (hair that returns fully would have returned further):
 * a value at the limit says "at least so much". Score and information of the Gaussian tail, as in a Tobit model.
 */
final readonly class Censored implements Observation
{
    /** @param array<int, float> $slopes by index of the state */
    public function __construct(
        private float $atZero,
        private array $slopes,
        private float $limit,
        private float $sd,
    ) {
    }

    public function laidStraight(State $at): Straight
    {
        $expected = $this->atZero;
        foreach ($this->slopes as $index => $slope) {
            $expected += $slope * $at->mean[$index];
        }
        $z = ($expected - $this->limit) / $this->sd;
        // Inverse Mills ratio φ(z)/Φ(z); far below the limit it tends to −z.
        $mills = $z < -30 ? -$z : Normal::density($z) / Normal::cumulative($z);
        $score = $mills / $this->sd;
        $information = max(1e-9, $mills * ($mills + $z)) / $this->sd ** 2;

        return new Straight($this->slopes, $score / $information, 1 / $information, min($this->limit, $expected));
    }
}
