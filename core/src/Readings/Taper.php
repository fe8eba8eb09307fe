<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** Circumference of a braid or tail at root and tip: thickness retention = (tip/root)², in %. */
final readonly class Taper implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'taper';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('root_mm', Message::of('tests.taper.root-mm'), 'mm', 5, 400),
            new RawMeasure('tip_mm', Message::of('tests.taper.tip-mm'), 'mm', 1, 400),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $root = $this->number($raw, 'root_mm');
        $kept = $root > 0 ? min(100.0, 100 * ($this->number($raw, 'tip_mm') / $root) ** 2) : 0.0;

        return [new MeasuredSign(
            Sign::Taper,
            $kept,
            Sign::Taper->sd($parameters->signs),
            match (true) {
                $kept < $parameters->trim->thinBelowPercent => Message::of('readings.taper.thin', percent: (int) floor($kept)),
                $kept < 60 => Message::of('readings.taper.half'),
                default => Message::of('readings.taper.most'),
            },
        )];
    }
}
