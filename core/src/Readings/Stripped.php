<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
            new RawMeasure('points', 'Stripped', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Stripped, $points, Sign::Stripped->sd($parameters->signs), match (true) {
            $points >= 7 => 'stripped: the next cleanse should be gentler',
            $points <= 2 => 'clean and supple; a stronger cleanse would be borne',
            default => 'clean, not stripped',
        })];
    }
}
