<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** Whether a ring springs back, clumps and holds as it used to: limp, loose rings ask for protein. */
final readonly class CurlMemory implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'curl-memory';
    }

    public function moments(): array
    {
        return [Moment::Home, Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('points', Message::of('tests.curl-memory.points'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::CurlMemory, $points, Sign::CurlMemory->sd($parameters->signs), match (true) {
            $points <= 4 => Message::of('readings.curl-memory.limp'),
            $points >= 8 => Message::of('readings.curl-memory.springs-back'),
            default => Message::of('readings.curl-memory.usual'),
        })];
    }
}
