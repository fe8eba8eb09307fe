<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;

/**
 * How many days there are between two cleanses as the scalp asks for it: sooner where oil, flakes or itch would be past
 * their limits before the client's own rhythm is round, later where it is tight and dry and nothing else speaks against
 * that.
 */
final readonly class ScalpRhythm
{
    /** The last of the days a rhythm is tried over count; by then it has settled. */
    private const SETTLED_FROM = 0.5;

    /**
     * @param int       $days between two cleanses
     * @param Sign|null $because what it is other than the client's own rhythm for; null where it is that
     */
    private function __construct(public int $days, public ?Sign $because)
    {
    }

    /** @param int $soonest days that any two wash days are apart at least */
    public static function of(ScalpEstimate $estimate, Head $head, Humidity $air, int $soonest): self
    {
        $scalp = $head->parameters->scalp;
        $own = $head->washEveryDays;
        $past = self::past($estimate, $head, $air, $own);
        if (! isset($past[Sign::ScalpOil->value]) && ! isset($past[Sign::ScalpFlakes->value])
            && ! isset($past[Sign::ScalpItch->value])) {
            return isset($past[Sign::ScalpDryness->value])
                ? self::later($estimate, $head, $air, (int) floor($own * $scalp->laterTo))
                : new self($own, null);
        }
        unset($past[Sign::ScalpDryness->value]);
        arsort($past);
        $because = Sign::from((string) array_key_first($past));
        $least = min($own, max($soonest, (int) ceil($own * $scalp->soonerTo)));
        for ($days = $own - 1; $days > $least; $days--) {
            $left = self::past($estimate, $head, $air, $days);
            unset($left[Sign::ScalpDryness->value]);
            if ($left === []) {
                return new self($days, $because);
            }
        }

        return $least < $own ? new self($least, $because) : new self($own, null);
    }

    private static function later(ScalpEstimate $estimate, Head $head, Humidity $air, int $latest): self
    {
        $best = $head->washEveryDays;
        for ($days = $best + 1; $days <= $latest; $days++) {
            $past = self::past($estimate, $head, $air, $days);
            if (array_diff_key($past, [Sign::ScalpDryness->value => true]) !== []) {
                break;
            }
            $best = $days;
            if ($past === []) {
                break;
            }
        }

        return new self($best, $best === $head->washEveryDays ? null : Sign::ScalpDryness);
    }

    /**
     * @return array<string, float> signs that are past their limits on settled mornings of wash days, in limits, by
     *     sign
     */
    private static function past(ScalpEstimate $estimate, Head $head, Humidity $air, int $every): array
    {
        $needs = new ScalpNeeds($head);
        $scalp = $head->parameters->scalp;
        $mornings = [];
        $over = $scalp->rhythmOverDays;
        ScalpForecast::through(
            $estimate,
            static function (int $day, ScalpState $morning) use ($needs, $every, $head, $over, &$mornings): array {
                if ($day % $every !== 0) {
                    return [];
                }
                if ($day >= self::SETTLED_FROM * $over) {
                    $mornings[] = $morning;
                }

                return self::washed($needs->careFor($morning) !== null, $head);
            },
            $over,
            $air,
            $scalp,
        );
        $past = [];
        foreach ([Sign::ScalpOil, Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpDryness] as $sign) {
            $limits = 0.0;
            foreach ($mornings as $morning) {
                $limits += ($morning->expected($sign, $scalp) ?? 0.0) / $needs->limitOf($sign) / count($mornings);
            }
            if ($limits >= 1.0) {
                $past[$sign->value] = $limits;
            }
        }

        return $past;
    }

    /** @return list<Step> what is done to the scalp on an ordinary wash day */
    private static function washed(bool $cares, Head $head): array
    {
        $spared = $head->soreScalp || $head->redSign;

        return [match (true) {
            $cares => Step::cleanse(CleanseKind::ScalpCare, 1, $head->parameters->scalp->contactMinutes),
            $spared => Step::cleanse(CleanseKind::Gentle),
            default => Step::cleanse(CleanseKind::Shampoo),
        }];
    }
}
