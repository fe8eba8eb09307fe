<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * The scalp as its owner feels it: itch, oil and soreness 0 to 10. Neither flakes by zone nor redness can be seen there;
 * those are for the chair.
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
            new RawMeasure('itch', Message::of('tests.scalp-at-home.itch'), 'of 10', 0, 10),
            new RawMeasure('oil', Message::of('tests.scalp-at-home.oil'), 'of 10', 0, 10),
            new RawMeasure('soreness', Message::of('tests.scalp-at-home.soreness'), 'of 10', 0, 10),
            new RawMeasure('dryness', Message::of('tests.scalp-at-home.dryness'), 'of 10', 0, 10, optional: true),
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
                    $itch >= $limit['itch'] => Message::of('readings.scalp.itches'),
                    $itch > 2 => Message::of('readings.scalp.itches-a-little'),
                    default => Message::of('readings.scalp.hardly-itches'),
                },
            ),
            new MeasuredSign(
                Sign::ScalpOil,
                $oil,
                Sign::ScalpOil->sd($parameters->signs),
                match (true) {
                    $oil >= $limit['oil'] => Message::of('readings.scalp.oily'),
                    $oil > 2 => Message::of('readings.scalp.a-little-oily'),
                    default => Message::of('readings.scalp.not-oily'),
                },
            ),
            new MeasuredSign(
                Sign::ScalpSoreness,
                $soreness,
                Sign::ScalpSoreness->sd($parameters->signs),
                match (true) {
                    $soreness >= $limit['soreness']
                        => Message::of('readings.scalp.sore-at-home'),
                    $soreness > 0 => Message::of('readings.scalp.a-little-sore'),
                    default => Message::of('readings.scalp.not-sore'),
                },
            ),
            ...$this->dryness($raw, $parameters),
        ];
    }
}
