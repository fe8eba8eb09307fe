<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/** How the detangling went, as felt. */
final readonly class DetanglingEase implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'detangling-ease';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterStyling];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('points', 'Ease of detangling', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        $sd = Sign::DetanglingEase->sd($parameters->signs);

        return [new MeasuredSign(Sign::DetanglingEase, $points, $sd, match (true) {
            $points <= 3 => 'hard to detangle: dry, worn or built up',
            $points <= 6 => 'detangled with some work',
            default => 'detangled with ease',
        })];
    }
}
