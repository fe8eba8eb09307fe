<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
            new RawMeasure('points', 'Spring-back', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::CurlMemory, $points, Sign::CurlMemory->sd($parameters->signs), match (true) {
            $points <= 4 => 'limp, loose rings: protein may be due',
            $points >= 8 => 'springs back and holds',
            default => 'holds its rings about as hair in balance does',
        })];
    }
}
