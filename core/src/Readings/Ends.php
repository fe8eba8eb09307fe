<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** Split ends and knots of one section, counted. */
final readonly class Ends implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'ends';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('splits', Message::of('tests.ends.splits'), 'a section', 0, 500, whole: true),
            new RawMeasure('knots', Message::of('tests.ends.knots'), 'a section', 0, 200, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $count = $this->number($raw, 'splits') + $this->number($raw, 'knots');

        return [new MeasuredSign(
            Sign::Ends,
            $count,
            Sign::Ends->sd($parameters->signs),
            $count > $parameters->trim->wornFromTimes['worn'] * $parameters->signs->countAtTarget['ends']
                ? Message::of('readings.ends.worn')
                : Message::of('readings.ends.usual'),
        )];
    }
}
