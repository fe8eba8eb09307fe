<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('days', Message::of('tests.style-life.days'), 'days', 0, 60),
            new RawMeasure('refreshes', Message::of('tests.style-life.refreshes'), 'times', 0, 60, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $days = $this->number($raw, 'days');

        return [new MeasuredSign(Sign::StyleLife, $days, Sign::StyleLife->sd($parameters->signs), match (true) {
            $days >= 5 => Message::of('readings.style-life.long'),
            $days >= 3 => Message::of('readings.style-life.few-days'),
            default => Message::of('readings.style-life.short'),
        })];
    }
}
