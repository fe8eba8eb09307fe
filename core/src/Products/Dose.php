<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Parameters\ProductParameters;

/**
 * How much of a product one section of a head takes: the trade's usual dose, more for long, dense, coarse or
 * low-porosity hair.
 */
final readonly class Dose
{
    private function __construct(
        public float $leastMl,
        public float $mostMl,
        public int $sections,
    ) {
    }

    /** @param string $density low, medium or high */
    public static function aSection(ProductKind $kind, Head $head, string $density = 'medium'): self
    {
        $times = max(
            ProductParameters::DOSE_BY_LENGTH['least'],
            min(ProductParameters::DOSE_BY_LENGTH['most'], $head->length() / ProductParameters::DOSE_LENGTH_MM),
        );
        $times *= ['low' => ProductParameters::DOSE_BY['thin'], 'high' => ProductParameters::DOSE_BY['dense']][$density]
            ?? 1.0;
        $need = 0.0;
        foreach ($head->strata as $stratum) {
            $strand = match ($stratum->strand) {
                StrandDiameter::Fine => ProductParameters::DOSE_BY['fine'],
                StrandDiameter::Coarse => ProductParameters::DOSE_BY['coarse'],
                default => 1.0,
            };
            $need += $stratum->share * $strand * (
                $stratum->porosity === Porosity::Low ? ProductParameters::DOSE_BY['low-porosity'] : 1.0
            );
        }
        [$least, $most] = ProductParameters::DOSE_ML_A_SECTION[$kind->value]
            ?? array_map(
                static fn (float $ml): float => $ml / max(1, $head->sections),
                ProductParameters::DOSE_ML_A_HEAD['pre-wash'],
            );

        return new self($least * $times * $need, $most * $times * $need, $head->sections);
    }

    public function headMl(): float
    {
        return $this->sections * ($this->leastMl + $this->mostMl) / 2;
    }

    /** How often to press a pump that gives so much. */
    public function pumps(float $pumpMl): float
    {
        return $pumpMl > 0 ? round(2 * ($this->leastMl + $this->mostMl) / 2 / $pumpMl) / 2 : 0.0;
    }
}
