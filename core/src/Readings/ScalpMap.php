<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/**
 * The scalp by its eight zones: adherent flakes 0 to 10 each, summed to 80 (adapted from the adherent scalp flaking
 * score of Bacon et al., J Dermatolog Treat 2014, whose octants are not our zones; from memory); itch, oil, redness and
 * soreness 0 to 10, and, where it was asked, how tight and dry it feels.
 */
final readonly class ScalpMap implements Test
{
    use AsksForNumbers;
    use ReadsScalpDryness;
    private const REFER = 'refer';

    /** By sign: up to where there is none to speak of, what is said then, of some, and past its limit, by its key. */
    private const SAYS = [
        'scalp-flakes' => [4.0, 'hardly-a-flake', 'some-flakes', 'flaky'],
        'scalp-itch' => [2.0, 'hardly-itches', 'itches-a-little', 'itches'],
        'scalp-oil' => [2.0, 'not-oily', 'a-little-oily', 'oily'],
        'scalp-redness' => [0.0, 'not-red', 'a-little-red', 'red'],
        'scalp-soreness' => [0.0, 'not-sore', 'a-little-sore', self::REFER],
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
            new RawMeasure('flakes_edges', Message::of('tests.scalp.flakes-edges'), 'of 10', 0, 10),
            new RawMeasure('flakes_front', Message::of('tests.scalp.flakes-front'), 'of 10', 0, 10),
            new RawMeasure('flakes_left', Message::of('tests.scalp.flakes-left'), 'of 10', 0, 10),
            new RawMeasure('flakes_right', Message::of('tests.scalp.flakes-right'), 'of 10', 0, 10),
            new RawMeasure('flakes_crown', Message::of('tests.scalp.flakes-crown'), 'of 10', 0, 10),
            new RawMeasure('flakes_centre', Message::of('tests.scalp.flakes-centre'), 'of 10', 0, 10),
            new RawMeasure('flakes_back', Message::of('tests.scalp.flakes-back'), 'of 10', 0, 10),
            new RawMeasure('flakes_nape', Message::of('tests.scalp.flakes-nape'), 'of 10', 0, 10),
            new RawMeasure('itch', Message::of('tests.scalp.itch'), 'of 10', 0, 10),
            new RawMeasure('oil', Message::of('tests.scalp.oil'), 'of 10', 0, 10),
            new RawMeasure('redness', Message::of('tests.scalp.redness'), 'of 10', 0, 10),
            new RawMeasure('soreness', Message::of('tests.scalp.soreness'), 'of 10', 0, 10),
            new RawMeasure('dryness', Message::of('tests.scalp.dryness'), 'of 10', 0, 10, optional: true),
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
            $says = match (true) {
                $sign === Sign::ScalpFlakes && $isForAClinician => self::REFER,
                $value >= $limit[str_replace('scalp-', '', $name)] => $past,
                $value > $none => $some,
                default => $not,
            };
            $measured[] = new MeasuredSign(
                $sign,
                $value,
                $sign->sd($parameters->signs),
                Message::of("readings.scalp.{$says}"),
            );
        }

        return [...$measured, ...$this->dryness($raw, $parameters)];
    }
}
