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
    private const REFER = 'heavy flaking with redness, or soreness: refer before treating';

    /** By sign: up to where there is none to speak of, what is said then, of some, and past its limit. */
    private const SAYS = [
        'scalp-flakes' => [4.0, 'hardly a flake', 'some flakes', 'flaky: cleanse the scalp sooner'],
        'scalp-itch' => [2.0, 'hardly itches', 'itches a little', 'itches: ask since when, and after what'],
        'scalp-oil' => [2.0, 'not oily', 'a little oily', 'oily: cleanse sooner'],
        'scalp-redness' => [0.0, 'not red', 'a little red', 'red: no heat, no strong cleanse'],
        'scalp-soreness' => [0.0, 'not sore', 'a little sore', self::REFER],
    ];

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
        $values = [
            Sign::ScalpFlakes->value => array_sum(array_map(
                fn (Zone $zone): float => $this->number($raw, "flakes_{$zone->value}"),
                Zone::cases(),
            )),
            Sign::ScalpItch->value => $this->number($raw, 'itch'),
            Sign::ScalpOil->value => $this->number($raw, 'oil'),
            Sign::ScalpRedness->value => $this->number($raw, 'redness'),
            Sign::ScalpSoreness->value => $this->number($raw, 'soreness'),
        ];
        $limit = $parameters->scalp->limit;
        $isForAClinician = $values[Sign::ScalpFlakes->value] >= $parameters->scalp->referFlakes
            && $values[Sign::ScalpRedness->value] >= $limit['redness'];
        $measured = [];
        foreach ($values as $name => $value) {
            [$none, $not, $some, $past] = self::SAYS[$name];
            $sign = Sign::from($name);
            $measured[] = new MeasuredSign($sign, $value, $sign->sd($parameters->signs), match (true) {
                $sign === Sign::ScalpFlakes && $isForAClinician => self::REFER,
                $value >= $limit[str_replace('scalp-', '', $name)] => $past,
                $value > $none => $some,
                default => $not,
            });
        }

        return [...$measured, ...$this->dryness($raw, $parameters)];
    }
}
