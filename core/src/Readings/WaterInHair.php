<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('dry_g', Message::of('tests.water-in-hair.dry-g'), 'g', 0.1, 200),
            new RawMeasure('wet_g', Message::of('tests.water-in-hair.wet-g'), 'g', 0.1, 400),
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
            $percent < 40 ? Message::of('readings.water-in-hair.little') : Message::of('readings.water-in-hair.well'),
        )];
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, Message>
     */
    private function contradictions(array $raw): array
    {
        return $this->number($raw, 'wet_g') < $this->number($raw, 'dry_g')
            ? [
                'wet_g' => Message::of(
                    'tests.problems.wet-lighter-than-dry',
                    least: new Figure($this->number($raw, 'dry_g')),
                ),
            ]
            : [];
    }
}
