<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** How the first shampoo foams: where build-up sits it hardly does, and the second does. */
final readonly class Lather implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'lather';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('points', Message::of('tests.lather.points'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Lather, $points, Sign::Lather->sd($parameters->signs), match (true) {
            $points <= 4 => Message::of('readings.lather.hardly'),
            $points <= 6 => Message::of('readings.lather.a-little'),
            default => Message::of('readings.lather.clean'),
        })];
    }
}
