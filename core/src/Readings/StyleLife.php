<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/** How many days the last style was good. */
final readonly class StyleLife implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'style-life';
    }

    public function moments(): array
    {
        return [Moment::Home, Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('days', 'Days the style was good', 'days', 0, 60),
            new RawMeasure('refreshes', 'Refreshes it needed', 'times', 0, 60, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $days = $this->number($raw, 'days');

        return [new MeasuredSign(Sign::StyleLife, $days, Sign::StyleLife->sd($parameters->signs), match (true) {
            $days >= 5 => 'held as a good wash-and-go does, five days or more',
            $days >= 3 => 'held a few days',
            default => 'fell within days: too moist, short of protein, or dry',
        })];
    }
}
