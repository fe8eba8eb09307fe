<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** Temperature and humidity around the head, and the dew point they make. */
final readonly class AirReading implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'air';
    }

    public function moments(): array
    {
        return [Moment::Home, Moment::BeforeCleansing, Moment::AfterStyling];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('celsius', Message::of('tests.air.celsius'), '°C', -40, 60, likely: [-10, 40]),
            new RawMeasure('humidity_percent', Message::of('tests.air.humidity-percent'), '%', 1, 100),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $dewPoint = DewPoint::celsius($this->number($raw, 'celsius'), $this->number($raw, 'humidity_percent'));

        return [new MeasuredSign(Sign::DewPoint, $dewPoint, Sign::DewPoint->sd($parameters->signs), match (true) {
            $dewPoint < 2 => Message::of('readings.air.dry'),
            $dewPoint > 16 => Message::of('readings.air.sticky'),
            default => Message::of('readings.air.easy'),
        })];
    }
}
