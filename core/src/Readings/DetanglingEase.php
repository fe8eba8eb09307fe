<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('points', Message::of('tests.detangling-ease.points'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        $sd = Sign::DetanglingEase->sd($parameters->signs);

        return [new MeasuredSign(Sign::DetanglingEase, $points, $sd, match (true) {
            $points <= 3 => Message::of('readings.detangling-ease.hard'),
            $points <= 6 => Message::of('readings.detangling-ease.some-work'),
            default => Message::of('readings.detangling-ease.easy'),
        })];
    }
}
