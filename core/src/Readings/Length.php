<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * Stretched length from root to tip, of one zone or of the head. It says nothing of the balance; over months it says
 * what was retained.
 */
final readonly class Length implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'length';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [new RawMeasure('length_mm', Message::of('tests.length.length-mm'), 'mm', 10, 2000)];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        return [new MeasuredSign(
            Sign::Length,
            $this->number($raw, 'length_mm'),
            Sign::Length->sd($parameters->signs),
            Message::of('readings.length.kept'),
        )];
    }
}
