<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;

/** How uncertain each stratum is on each day ahead, taken from a forecast and held while plans are compared. */
final readonly class ForecastUncertainty
{
    /**
     * @param array<int, array<int, float>> $moistureSd by stratum, then day
     * @param array<int, array<int, float>> $proteinSd  by stratum, then day
     * @param array<int, array<int, float>> $buildUpSd  by stratum, then day
     */
    public function __construct(
        public array $moistureSd,
        public array $proteinSd,
        public array $buildUpSd,
    ) {
    }

    /** @param list<Snapshot> $forecast one for each day from today */
    public static function of(array $forecast): self
    {
        $moisture = $protein = $buildUp = [];
        foreach ($forecast as $point) {
            foreach (array_keys($point->state->layout->head->strata) as $s) {
                // A sd of 0 would divide by zero; a quarter of a unit is below anything a reading tells.
                $moisture[$s][] = max(0.25, $point->state->sd($s, StateLayout::MOISTURE));
                $protein[$s][] = max(0.25, $point->state->sd($s, StateLayout::PROTEIN));
                $buildUp[$s][] = max(0.25, $point->state->buildUpSd($s));
            }
        }

        return new self(array_values($moisture), array_values($protein), array_values($buildUp));
    }

    /**
     * @param float $bandHalfWidth of the reserves, > 0
     *
     * @return list<array{
     *     list<array{float, float}>, list<array{float, float}>,
     * }> by stratum, for moisture and protein, by day: steps of {@see ExcessTable} for a unit, and the variance in
     * half-widths of the band
     */
    public function looks(float $bandHalfWidth): array
    {
        $look = static fn (float $sd): array => [
            ExcessTable::STEPS / $sd,
            ($sd / $bandHalfWidth) ** 2,
        ];

        return array_map(
            static fn (array $moistureSd, array $proteinSd): array => [
                array_values(array_map($look, $moistureSd)),
                array_values(array_map($look, $proteinSd)),
            ],
            $this->moistureSd,
            $this->proteinSd,
        );
    }
}
