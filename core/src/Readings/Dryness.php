<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** How dry the hair is to the hand and the eye. */
final readonly class Dryness implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'dryness';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [new RawMeasure('points', Message::of('tests.dryness.points'), 'of 10', 0, 10)];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Dryness, $points, Sign::Dryness->sd($parameters->signs), match (true) {
            $points >= 5 => Message::of('readings.dryness.dry'),
            $points <= 1 => Message::of('readings.dryness.full'),
            default => Message::of('readings.dryness.usual'),
        })];
    }
}
