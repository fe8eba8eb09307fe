<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Climate\MoistureRegain;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure(
                'percent',
                Message::of('tests.moisture-meter.percent'),
                '% of dry weight',
                0,
                40,
                likely: [4, 25],
            ),
            new RawMeasure(
                'humidity_percent',
                Message::of('tests.moisture-meter.humidity-percent'),
                '%',
                1,
                100,
                optional: true,
            ),
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
    private function meaning(array $raw, float $percent, SignParameters $parameters): Message
    {
        if (! $this->given($raw, 'humidity_percent')) {
            return Message::of('readings.moisture-meter.no-humidity');
        }
        $usual = MoistureRegain::percentAt($this->number($raw, 'humidity_percent'));
        $beside = match (true) {
            abs($percent - $usual) <= Sign::MeteredWater->sd($parameters) => 'as-much',
            $percent < $usual => 'less',
            default => 'more',
        };

        return Message::of("readings.moisture-meter.{$beside}", usual: new Figure($usual, 1));
    }
}
