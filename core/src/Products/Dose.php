<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;

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
        $usual = $head->parameters->products;
        $times = max(
            $usual->doseByLength['least'],
            min($usual->doseByLength['most'], $head->length() / $usual->doseLengthMm),
        );
        $times *= ['low' => $usual->doseBy['thin'], 'high' => $usual->doseBy['dense']][$density] ?? 1.0;
        $need = 0.0;
        foreach ($head->strata as $stratum) {
            $strand = match ($stratum->strand) {
                StrandDiameter::Fine => $usual->doseBy['fine'],
                StrandDiameter::Coarse => $usual->doseBy['coarse'],
                default => 1.0,
            };
            $need += $stratum->share * $strand * (
                $stratum->porosity === Porosity::Low ? $usual->doseBy['low-porosity'] : 1.0
            );
        }
        [$least, $most] = $usual->doseMlASection[$kind->value]
            ?? array_map(
                static fn (float $ml): float => $ml / max(1, $head->sections),
                $usual->doseMlAHead['pre-wash'],
            );

        return new self($least * $times * $need, $most * $times * $need, $head->sections);
    }

    public function headMl(): float
    {
        return $this->sections * ($this->leastMl + $this->mostMl) / 2;
    }
}
