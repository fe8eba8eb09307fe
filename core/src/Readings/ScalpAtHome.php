<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * The scalp as its owner feels it: itch, oil and soreness 0 to 10. She sees neither flakes by zone nor redness; those
 * are for the chair.
 */
final readonly class ScalpAtHome implements Test
{
    use AsksForNumbers;
    use ReadsScalpDryness;

    public function name(): string
    {
        return 'scalp-at-home';
    }

    public function moments(): array
    {
        return [Moment::Home];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('itch', 'Itch', 'of 10', 0, 10),
            new RawMeasure('oil', 'Oil', 'of 10', 0, 10),
            new RawMeasure('soreness', 'Soreness', 'of 10', 0, 10),
            new RawMeasure('dryness', 'Tight or dry', 'of 10', 0, 10, optional: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $itch = $this->number($raw, 'itch');
        $oil = $this->number($raw, 'oil');
        $soreness = $this->number($raw, 'soreness');
        $limit = $parameters->scalp->limit;

        return [
            new MeasuredSign(
                Sign::ScalpItch,
                $itch,
                Sign::ScalpItch->sd($parameters->signs),
                match (true) {
                    $itch >= $limit['itch'] => 'itches: ask since when, and after what',
                    $itch > 2 => 'itches a little',
                    default => 'hardly itches',
                },
            ),
            new MeasuredSign(
                Sign::ScalpOil,
                $oil,
                Sign::ScalpOil->sd($parameters->signs),
                match (true) {
                    $oil >= $limit['oil'] => 'oily: cleanse sooner',
                    $oil > 2 => 'a little oily',
                    default => 'not oily',
                },
            ),
            new MeasuredSign(
                Sign::ScalpSoreness,
                $soreness,
                Sign::ScalpSoreness->sd($parameters->signs),
                match (true) {
                    $soreness >= $limit['soreness']
                        => 'sore: look at it in the chair, and refer before treating where it does not ease',
                    $soreness > 0 => 'a little sore',
                    default => 'not sore',
                },
            ),
            ...$this->dryness($raw, $parameters),
        ];
    }
}
