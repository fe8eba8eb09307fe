<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** What both tests of the scalp share: how tight and dry it feels, where that was asked. */
trait ReadsScalpDryness
{
    /**
     * @param array<mixed> $raw
     *
     * @return list<MeasuredSign> none where nobody said
     */
    private function dryness(array $raw, Parameters $parameters): array
    {
        if (! $this->given($raw, 'dryness')) {
            return [];
        }
        $dryness = $this->number($raw, 'dryness');

        return [new MeasuredSign(
            Sign::ScalpDryness,
            $dryness,
            Sign::ScalpDryness->sd($parameters->signs),
            match (true) {
                $dryness >= $parameters->scalp->limit['dryness'] => Message::of('readings.scalp.tight'),
                $dryness > 2 => Message::of('readings.scalp.a-little-tight'),
                default => Message::of('readings.scalp.not-tight'),
            },
        )];
    }
}
