<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * Sixty seconds of combing from crown to front, hairs counted. About ten in healthy men under a fixed shampoo protocol
 * (Wasko et al., Arch Dermatol 2008;144:759–762; from memory); with curls only this head’s own usual says something.
 */
final readonly class CombCount implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'comb-count';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('hairs', Message::of('tests.comb-count.hairs'), 'hairs', 0, 500, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        return [new MeasuredSign(
            Sign::CombCount,
            $this->number($raw, 'hairs'),
            Sign::CombCount->sd($parameters->signs),
            Message::of('readings.comb-count.own-usual'),
        )];
    }
}
