<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

/** In what a world is otherwise than the equations the filter knows. */
final readonly class WorldRules
{
    /**
     * @param float      $slope       how much a sign says of the hair, as a multiple of what it is taken to
     * @param float      $halfLife    of moisture and protein, as a multiple
     * @param float      $strength    what a treatment leaves in the hair, as a multiple
     * @param float|null $levelsOffAt how far a sign can be from its usual, in standard deviations of its noise; null:
     *     as far as its scale goes
     * @param float      $gapLogSd    standard deviation of the logarithm of days between washes and between visits
     * @param float      $skips       share of treatments at home that are meant and left out
     * @param float      $doubles     share of them that take twice as long
     * @param float      $drift       of a stylist's eye, in standard deviations of a sign's noise, a square root of a day
     * @param float      $kinds       how far clients differ by their kind of hair: moisture goes so much faster from fine
     *     strands and slower from coarse ones, protein from high and low porosity, as a logarithm
     * @param float      $grossErrors share of readings that are wrong altogether
     * @param float      $grossFactor how many times as far off those are
     */
    public function __construct(
        public float $slope = 1.0,
        public float $halfLife = 1.0,
        public float $strength = 1.0,
        public ?float $levelsOffAt = null,
        public float $gapLogSd = 0.0,
        public float $skips = 0.0,
        public float $doubles = 0.0,
        public float $drift = 0.0,
        public float $kinds = 0.0,
        public float $grossErrors = 0.02,
        public float $grossFactor = 4.0,
    ) {
    }

    /**
     * What a sign shows of how far the hair is from where it shows nothing.
     *
     * @param float $departure as the equations have it, on the sign's own scale
     * @param float $noise     standard deviation of one reading of it
     */
    public function shown(float $departure, float $noise): float
    {
        $shown = $this->slope * $departure;
        if ($this->levelsOffAt === null) {
            return $shown;
        }
        $most = $this->levelsOffAt * $noise;

        return $most * tanh($shown / $most);
    }
}
