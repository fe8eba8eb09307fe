<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** What the wash day achieved, looked at once styled. Volume is written down; it says nothing of the balance. */
final readonly class StyledResult implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'result';
    }

    public function moments(): array
    {
        return [Moment::AfterStyling];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('definition', Message::of('tests.result.definition'), 'of 10', 0, 10),
            new RawMeasure('frizz', Message::of('tests.result.frizz'), 'of 10', 0, 10),
            new RawMeasure('clumping', Message::of('tests.result.clumping'), 'of 10', 0, 10),
            new RawMeasure('softness', Message::of('tests.result.softness'), 'of 10', 0, 10),
            new RawMeasure('shine', Message::of('tests.result.shine'), 'of 10', 0, 10),
            new RawMeasure('volume', Message::of('tests.result.volume'), 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $measured = [];
        foreach ([Sign::Definition, Sign::Frizz, Sign::Clumping, Sign::Softness, Sign::Shine] as $sign) {
            $points = $this->number($raw, $sign->value);
            $good = $sign === Sign::Frizz ? $points <= 4 : $points >= 6;
            $measured[] = new MeasuredSign(
                $sign,
                $points,
                $sign->sd($parameters->signs),
                match (true) {
                    $good => Message::of('readings.result.good'),
                    $sign === Sign::Frizz => Message::of('readings.result.more'),
                    default => Message::of('readings.result.less'),
                },
            );
        }

        return $measured;
    }
}
