<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;

/**
 * The scalp by its eight zones: adherent flakes 0 to 10 each, summed to 80 (adapted from the adherent scalp flaking
 * score of Bacon et al., J Dermatolog Treat 2014, whose octants are not our zones; from memory); itch, oil, redness and
 * soreness 0 to 10, and, where it was asked, how tight and dry it feels.
 */
final readonly class ScalpMap implements Test
{
    use AsksForNumbers;
    use ReadsScalpDryness;

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
            new RawMeasure('dryness', 'Tight or dry', 'of 10', 0, 10, optional: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $flakes = 0.0;
        foreach (Zone::cases() as $zone) {
            $flakes += $this->number($raw, "flakes_{$zone->value}");
        }
        $limit = $parameters->scalp->limit;
        $redness = $this->number($raw, 'redness');
        $isForAClinician = $flakes >= $parameters->scalp->referFlakes && $redness >= $limit['redness'];
        $refer = 'heavy flaking with redness, or soreness: refer before treating';
        $of = fn (Sign $sign, float $value, float $none, string ...$says): MeasuredSign => new MeasuredSign(
            $sign,
            $value,
            $sign->sd($parameters->signs),
            match (true) {
                $value >= $limit[str_replace('scalp-', '', $sign->value)] => $says[0],
                $value > $none => $says[1],
                default => $says[2],
            },
        );

        return [
            $of(
                Sign::ScalpFlakes,
                $flakes,
                4.0,
                $isForAClinician ? $refer : 'flaky: cleanse the scalp sooner',
                'some flakes',
                'hardly a flake',
            ),
            $of(
                Sign::ScalpItch,
                $this->number($raw, 'itch'),
                2.0,
                'itches: ask since when, and after what',
                'itches a little',
                'hardly itches',
            ),
            $of(
                Sign::ScalpOil,
                $this->number($raw, 'oil'),
                2.0,
                'oily: cleanse sooner',
                'a little oily',
                'not oily',
            ),
            $of(Sign::ScalpRedness, $redness, 0.0, 'red: no heat, no strong cleanse', 'a little red', 'not red'),
            $of(Sign::ScalpSoreness, $this->number($raw, 'soreness'), 0.0, $refer, 'a little sore', 'not sore'),
            ...$this->dryness($raw, $parameters),
        ];
    }
}
