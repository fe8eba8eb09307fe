<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;

/**
 * The scalp by its eight zones: adherent flakes 0 to 10 each, summed to 80 (adapted from the adherent scalp flaking
 * score of Bacon et al., J Dermatolog Treat 2014, whose octants are not our zones; from memory); itch, oil, redness and
 * soreness 0 to 10.
 */
final readonly class ScalpMap implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'scalp';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('flakes_edges', 'Flakes, edges', 'of 10', 0, 10),
            new RawMeasure('flakes_front', 'Flakes, front', 'of 10', 0, 10),
            new RawMeasure('flakes_left', 'Flakes, left', 'of 10', 0, 10),
            new RawMeasure('flakes_right', 'Flakes, right', 'of 10', 0, 10),
            new RawMeasure('flakes_crown', 'Flakes, crown', 'of 10', 0, 10),
            new RawMeasure('flakes_centre', 'Flakes, centre', 'of 10', 0, 10),
            new RawMeasure('flakes_back', 'Flakes, back', 'of 10', 0, 10),
            new RawMeasure('flakes_nape', 'Flakes, nape', 'of 10', 0, 10),
            new RawMeasure('itch', 'Itch', 'of 10', 0, 10),
            new RawMeasure('oil', 'Oil', 'of 10', 0, 10),
            new RawMeasure('redness', 'Redness', 'of 10', 0, 10),
            new RawMeasure('soreness', 'Soreness', 'of 10', 0, 10),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $sum = 0.0;
        foreach (Zone::cases() as $zone) {
            $sum += $this->number($raw, "flakes_{$zone->value}");
        }
        $redness = $this->number($raw, 'redness');
        $refer = 'heavy flaking with redness, or soreness: refer before treating';

        return [
            new MeasuredSign(
                Sign::ScalpFlakes,
                $sum,
                Sign::ScalpFlakes->sd($parameters->signs),
                $sum >= 40 && $redness >= 5 ? $refer : ($sum >= 16 ? 'flaky: cleanse the scalp sooner' : 'few flakes'),
            ),
            new MeasuredSign(
                Sign::ScalpItch,
                $this->number($raw, 'itch'),
                Sign::ScalpItch->sd($parameters->signs),
                $this->number($raw, 'itch') >= 5 ? 'itches: ask since when, and after what' : 'hardly itches',
            ),
            new MeasuredSign(
                Sign::ScalpOil,
                $this->number($raw, 'oil'),
                Sign::ScalpOil->sd($parameters->signs),
                $this->number($raw, 'oil') >= 6 ? 'oily: cleanse sooner' : 'not oily',
            ),
            new MeasuredSign(
                Sign::ScalpRedness,
                $redness,
                Sign::ScalpRedness->sd($parameters->signs),
                $redness >= 5 ? 'red: no heat, no strong cleanse' : 'not red',
            ),
            new MeasuredSign(
                Sign::ScalpSoreness,
                $this->number($raw, 'soreness'),
                Sign::ScalpSoreness->sd($parameters->signs),
                $this->number($raw, 'soreness') >= 4 ? $refer : 'not sore',
            ),
        ];
    }
}
