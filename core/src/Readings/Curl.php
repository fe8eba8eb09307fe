<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

/** The diameter of one clump ring, and how far the hair shrinks: 1 − curled/stretched length. */
final readonly class Curl implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'curl';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterStyling, Moment::Home];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('ring_mm', Message::of('tests.curl.ring-mm'), 'mm', 1, 120, optional: true, likely: [3, 60]),
            new RawMeasure('curled_mm', Message::of('tests.curl.curled-mm'), 'mm', 5, 2000),
            new RawMeasure('stretched_mm', Message::of('tests.curl.stretched-mm'), 'mm', 10, 2000),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $ring = $this->given($raw, 'ring_mm') ? $this->number($raw, 'ring_mm') : null;
        $stretched = $this->number($raw, 'stretched_mm');
        $shrinkage = $stretched > 0 ? max(0.0, 100 * (1 - $this->number($raw, 'curled_mm') / $stretched)) : 0.0;
        $measured = [new MeasuredSign(
            Sign::Shrinkage,
            $shrinkage,
            Sign::Shrinkage->sd($parameters->signs),
            Message::of('readings.curl.shows', percent: (int) round(100 - $shrinkage)),
        )];

        return $ring === null
            ? $measured
            : [
                ...$measured,
                new MeasuredSign(
                    Sign::RingDiameter,
                    $ring,
                    Sign::RingDiameter->sd($parameters->signs),
                    Message::of('readings.curl.pattern', pattern: CurlPattern::fromRingMm($ring)->value),
                ),
            ];
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, Message>
     */
    private function contradictions(array $raw): array
    {
        return $this->number($raw, 'curled_mm') > $this->number($raw, 'stretched_mm')
            ? [
                'curled_mm' => Message::of(
                    'tests.problems.curled-longer',
                    most: new Figure($this->number($raw, 'stretched_mm')),
                ),
            ]
            : [];
    }
}
