<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('points', Message::of('tests.squish.points'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(
            Sign::Squish,
            $points,
            Sign::Squish->sd($parameters->signs),
            $points < 5 ? Message::of('readings.squish.more-water') : Message::of('readings.squish.enough'),
        )];
    }
}
