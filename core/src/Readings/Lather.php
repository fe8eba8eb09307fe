<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
            new RawMeasure('points', 'Lather of the first shampoo', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Lather, $points, Sign::Lather->sd($parameters->signs), match (true) {
            $points <= 4 => 'hardly foams: build-up, too little water or too little shampoo',
            $points <= 6 => 'foams a little',
            default => 'foams as clean hair does',
        })];
    }
}
