<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
        return [new RawMeasure('points', 'Dryness', 'of 10', 0, 10)];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Dryness, $points, Sign::Dryness->sd($parameters->signs), match (true) {
            $points >= 5 => 'dry: moisture is low',
            $points <= 1 => 'full of moisture, maybe more than it needs',
            default => 'as moist as hair in balance usually is',
        })];
    }
}
