<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Readings\Sign;

/**
 * What a practice client complains of: what is felt, not what it comes from. Hair that holds too much protein feels dry
 * as well (common practice, no source), which is the commonest way to be led astray.
 */
enum PracticeComplaint: string
{
    case Dry = 'dry';
    case Limp = 'limp';
    case Snaps = 'snaps';
    case Knots = 'knots';
    case Dull = 'dull';
    case Flakes = 'flakes';
    case Itch = 'itch';
    case Oily = 'oily';
    case TightScalp = 'tight-scalp';

    private const MOST = 3;

    /** How likely what is there is said at all. */
    private const SAID = 0.85;

    /** How likely hair with too much of one thing is taken for hair that lacks another. */
    private const MISTAKEN = 0.6;

    /** Hairs a day beyond the usual that anybody notices. */
    private const BREAKS = 5.0;

    /** Points of 100. */
    private const COATED = 35.0;
    private const WORN = 55.0;

    /** @return list<self> what most is felt first */
    public static function of(PracticeHair $hair, PracticeScalp $scalp, int $day, PracticeLuck $luck): array
    {
        [$moisture, $protein, $buildUp, $wear] = $hair->mostly();
        $band = $hair->head()->parameters->model->bandHalfWidth;
        $past = $scalp->past($hair->head()->parameters->scalp);
        $likely = [
            self::Snaps->value => $hair->breaksADay() > self::BREAKS ? self::SAID : 0.0,
            self::Dry->value => match (true) {
                $moisture < -$band => self::SAID,
                $protein > $band => self::MISTAKEN,
                default => 0.0,
            },
            self::Limp->value => match (true) {
                $moisture > $band => self::SAID,
                $protein < -$band => self::MISTAKEN,
                default => 0.0,
            },
            self::Knots->value => $wear > self::WORN ? self::SAID : 0.0,
            self::Dull->value => $buildUp > self::COATED ? self::SAID : 0.0,
        ];
        foreach (self::ofScalp() as $sign => $complaint) {
            $likely[$complaint->value] = in_array(Sign::from($sign), $past, true) ? self::SAID : 0.0;
        }
        $said = array_filter(
            array_keys($likely),
            static fn (string $what): bool => $luck->of("complains {$what}", $day)->happens($likely[$what] ?? 0.0),
        );

        return array_map(self::from(...), array_slice(array_values($said), 0, self::MOST));
    }

    /** @return array<string, self> by sign */
    private static function ofScalp(): array
    {
        return [
            Sign::ScalpFlakes->value => self::Flakes, Sign::ScalpItch->value => self::Itch,
            Sign::ScalpOil->value => self::Oily, Sign::ScalpDryness->value => self::TightScalp,
        ];
    }
}
