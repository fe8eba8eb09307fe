<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/** A wet section with product: the sound of enough water and product. */
final readonly class Squish implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'squish';
    }

    public function moments(): array
    {
        return [Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('points', 'Squelch', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(
            Sign::Squish,
            $points,
            Sign::Squish->sd($parameters->signs),
            $points < 5 ? 'more water before more product' : 'enough water and product',
        )];
    }
}
