<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/** Water in a section, by weight: wet less dry, over dry. */
final readonly class WaterInHair implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'water-in-hair';
    }

    public function moments(): array
    {
        return [Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('dry_g', 'The section dry', 'g', 0.1, 200),
            new RawMeasure('wet_g', 'The section wet, squeezed', 'g', 0.1, 400),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $dry = $this->number($raw, 'dry_g');
        $percent = $dry > 0 ? max(0.0, 100 * ($this->number($raw, 'wet_g') - $dry) / $dry) : 0.0;

        return [new MeasuredSign(
            Sign::WaterInHair,
            $percent,
            Sign::WaterInHair->sd($parameters->signs),
            $percent < 40 ? 'little water: more water before more product' : 'well wetted',
        )];
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, string>
     */
    private function contradictions(array $raw): array
    {
        return $this->number($raw, 'wet_g') < $this->number($raw, 'dry_g')
            ? [
                'wet_g' => 'The section wet: wet hair is no lighter than dry; type '
                    . $this->number($raw, 'dry_g')
                    . ' g or more.',
            ]
            : [];
    }
}
