<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * How long the whole head takes under warm water until it is wet through. Not the test of one zone: followed only,
 * beside this head's own usual.
 */
final readonly class WetThrough implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'wet-through';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::Home];
    }

    public function rawMeasures(): array
    {
        return [new RawMeasure(
            'minutes',
            Message::of('tests.wet-through.minutes'),
            'minutes',
            0.2,
            60,
            likely: [0.5, 15],
        )];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $minutes = $this->number($raw, 'minutes');

        return [new MeasuredSign(
            Sign::WetThrough,
            $minutes,
            Sign::WetThrough->sd($parameters->signs),
            $minutes >= 5 ? Message::of('readings.wet-through.slow') : Message::of('readings.wet-through.readily'),
        )];
    }
}
