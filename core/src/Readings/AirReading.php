<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Parameters\Parameters;

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
            new RawMeasure('celsius', 'Temperature', '°C', -40, 60, likely: [-10, 40]),
            new RawMeasure('humidity_percent', 'Relative humidity', '%', 1, 100),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $dewPoint = DewPoint::celsius($this->number($raw, 'celsius'), $this->number($raw, 'humidity_percent'));

        return [new MeasuredSign(Sign::DewPoint, $dewPoint, Sign::DewPoint->sd($parameters->signs), match (true) {
            $dewPoint < 2 => 'dry air: it draws moisture, more emollient',
            $dewPoint > 16 => 'sticky air: lighter leave-in, firmer hold',
            default => 'easy air for curls',
        })];
    }
}
