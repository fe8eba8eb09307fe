<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** The diameter of one strand, by micrometer or against a comparison. */
final readonly class StrandDiameterTest implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'strand-diameter';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure(
                'micrometres',
                Message::of('tests.strand-diameter.micrometres'),
                'µm',
                15,
                180,
                likely: [30, 120],
            ),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $micrometres = $this->number($raw, 'micrometres');

        return [new MeasuredSign(
            Sign::StrandDiameter,
            $micrometres,
            Sign::StrandDiameter->sd($parameters->signs),
            Message::of('readings.strand-diameter.' . StrandDiameter::fromMicrometres($micrometres)->value),
        )];
    }
}
