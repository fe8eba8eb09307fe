<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Climate\MoistureRegain;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\SignParameters;

/**
 * Water in dry hair by a moisture meter, beside what hair holds in air of that humidity (Robbins; from memory).
 * Followed only: no source says what it means for the reserve.
 */
final readonly class MoistureMeter implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'moisture-meter';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterStyling];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('percent', 'Water in the hair', '% of dry weight', 0, 40, likely: [4, 25]),
            new RawMeasure('humidity_percent', 'Relative humidity in the room', '%', 1, 100, optional: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $percent = $this->number($raw, 'percent');

        return [new MeasuredSign(
            Sign::MeteredWater,
            $percent,
            Sign::MeteredWater->sd($parameters->signs),
            $this->meaning($raw, $percent, $parameters->signs),
        )];
    }

    /** @param array<mixed> $raw */
    private function meaning(array $raw, float $percent, SignParameters $parameters): string
    {
        if (! $this->given($raw, 'humidity_percent')) {
            return 'says little without the humidity of the room';
        }
        $usual = MoistureRegain::percentAt($this->number($raw, 'humidity_percent'));
        $beside = abs($percent - $usual) <= Sign::MeteredWater->sd($parameters)
            ? 'as much as hair holds in such air'
            : (
                $percent < $usual
                    ? 'less than hair holds in such air'
                    : 'more than hair holds in such air: not dry yet, or coated'
            );

        return sprintf('%s, %.1f %% (Robbins)', $beside, $usual);
    }
}
