<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** How long a zone stays wet in still air. */
final readonly class DryingTime implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'drying';
    }

    public function moments(): array
    {
        return [Moment::Home, Moment::AfterCleansing, Moment::AfterStyling];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('minutes', Message::of('tests.drying.minutes'), 'minutes', 5, 2880, likely: [20, 900]),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $minutes = $this->number($raw, 'minutes');
        $usual = $parameters->readings->porosityDryingMinutes;

        return [new MeasuredSign(
            Sign::DryingTime,
            $minutes,
            Sign::DryingTime->sd($parameters->signs),
            match (true) {
                $minutes > sqrt($usual['low'] * $usual['medium'])
                    => Message::of('readings.drying.slow'),
                $minutes < sqrt($usual['medium'] * $usual['high']) => Message::of('readings.drying.fast'),
                default => Message::of('readings.drying.medium'),
            },
        )];
    }
}
