<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** The feel right after the cleanse: clean and supple, or squeaky and stripped. */
final readonly class Stripped implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'stripped';
    }

    public function moments(): array
    {
        return [Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('points', Message::of('tests.stripped.points'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Stripped, $points, Sign::Stripped->sd($parameters->signs), match (true) {
            $points >= 7 => Message::of('readings.stripped.stripped'),
            $points <= 2 => Message::of('readings.stripped.supple'),
            default => Message::of('readings.stripped.clean'),
        })];
    }
}
