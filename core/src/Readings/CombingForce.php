<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * The highest force a comb meets on one stroke through a section, by a force gauge. Only this head's own usual says
 * something.
 */
final readonly class CombingForce implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'combing-force';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [new RawMeasure('newton', Message::of('tests.combing-force.newton'), 'N', 0, 60, likely: [0.2, 25])];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        return [new MeasuredSign(
            Sign::CombingForce,
            $this->number($raw, 'newton'),
            Sign::CombingForce->sd($parameters->signs),
            Message::of('readings.combing-force.own-usual'),
        )];
    }
}
