<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
            new RawMeasure('definition', 'Definition', 'of 10', 0, 10),
            new RawMeasure('frizz', 'Frizz', 'of 10', 0, 10),
            new RawMeasure('clumping', 'Clumping', 'of 10', 0, 10),
            new RawMeasure('softness', 'Softness', 'of 10', 0, 10),
            new RawMeasure('shine', 'Shine', 'of 10', 0, 10),
            new RawMeasure('volume', 'Volume', 'of 10', 0, 10),
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
                    $good => 'as it should be',
                    $sign === Sign::Frizz => 'more than hair in balance has',
                    default => 'less than hair in balance gives',
                },
            );
        }

        return $measured;
    }
}
