<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * How a scalp moves: oil and flakes come back the slower the more there are, dryness settles at what the air makes of
 * it, a cleanse takes its share, scalp care slows new flakes for a while, and oil feeds them.
 */
final class ScalpDynamics
{
    /**
     * @param int   $days     1 or more
     * @param float $humidity relative humidity of these days, %
     */
    public static function afterDays(ScalpState $state, int $days, float $humidity, ScalpParameters $scalp): ScalpState
    {
        [$oil, $flakes, $dryness, $itch, $oilRate, $flakesRate, $dryOwn] = $state->mean;
        $oiled = $scalp->oilADay * exp($oilRate) * $days / 10.0;
        // What care slows fades with its half-life: the days count for as much as it left of them.
        $fading = log(2.0) / $scalp->careHalfLifeDays;
        $slowed = $scalp->careSlowsFlakes * $state->care * (1.0 - exp(-$fading * $days)) / $fading;
        $flaked = $scalp->flakesADay * exp($flakesRate) * ($state->oiled ? $scalp->oilFeedsFlakes : 1.0)
            * ($days - $slowed) / 10.0;
        $rest = $scalp->drynessAtRest + $dryOwn
            + $scalp->drynessAPercentOfDryAir * max(0.0, $scalp->dryAirBelowPercent - $humidity);
        $settles = 2.0 ** (-$days / $scalp->drynessHalfLifeDays);
        [$oilKept, $flakesKept] = [exp(-$oiled), exp(-$flaked)];

        $jacobian = [
            ScalpState::OIL => [$oilKept, ScalpState::OIL_RATE, (10.0 - $oil) * $oilKept * $oiled],
            ScalpState::FLAKES => [$flakesKept, ScalpState::FLAKES_RATE, (10.0 - $flakes) * $flakesKept * $flaked],
            ScalpState::DRYNESS => [$settles, ScalpState::DRYNESS_OWN, 1.0 - $settles],
        ];
        $drift = $scalp->driftADay;
        $noise = [
            $drift['oil'] ** 2 * self::daysThatStay($oilKept, $days),
            $drift['flakes'] ** 2 * self::daysThatStay($flakesKept, $days),
            $drift['dryness'] ** 2 * self::daysThatStay($settles, $days),
            $drift['itch'] ** 2 * $days,
            $drift['rate'] ** 2 * $days,
            $drift['rate'] ** 2 * $days,
            $drift['rate'] ** 2 * $days,
        ];

        return new ScalpState(
            [
                self::within(10.0 - (10.0 - $oil) * $oilKept),
                self::within(10.0 - (10.0 - $flakes) * $flakesKept),
                self::within($rest + ($dryness - $rest) * $settles),
                $itch, $oilRate, $flakesRate, $dryOwn,
            ],
            self::moved($state->covariance, $jacobian, $noise),
            $state->zones,
            $state->care * exp(-$fading * $days),
            $state->oiled,
        );
    }

    public static function afterStep(ScalpState $state, Step $step, ScalpParameters $scalp): ScalpState
    {
        return match ($step->kind) {
            StepKind::Cleanse => self::cleansed($state, $step, $scalp),
            StepKind::ScalpOil => new ScalpState(
                [
                    self::within($state->mean[ScalpState::OIL] + $scalp->oilAddedByOiling),
                    $state->mean[ScalpState::FLAKES],
                    self::within($state->mean[ScalpState::DRYNESS] - $scalp->drynessTakenByOiling),
                    ...array_slice($state->mean, ScalpState::ITCH),
                ],
                $state->covariance,
                $state->zones,
                $state->care,
                true,
            ),
            default => $state,
        };
    }

    private static function cleansed(ScalpState $state, Step $step, ScalpParameters $scalp): ScalpState
    {
        $kind = $step->cleanse ?? CleanseKind::Shampoo;
        $oilKept = $scalp->oilKept[$kind->value] ** $step->passes;
        $flakesKept = $scalp->flakesKept[$kind->value] ** $step->passes;
        $isCare = $kind === CleanseKind::ScalpCare;
        if ($isCare) {
            $flakesKept *= $scalp->flakesKeptAContactMinute ** ($step->minutes ?? $scalp->contactMinutes);
        }
        [$oil, $flakes, $dryness] = $state->mean;
        $dried = $scalp->drynessAdded[$kind->value] * $step->passes;

        return new ScalpState(
            [
                $oil * $oilKept,
                $flakes * $flakesKept,
                self::within($dryness + $dried),
                ...array_slice($state->mean, ScalpState::ITCH),
            ],
            self::moved(
                $state->covariance,
                [ScalpState::OIL => [$oilKept, null, 0.0], ScalpState::FLAKES => [$flakesKept, null, 0.0]],
                [
                    ($scalp->effectSd * $oil * (1.0 - $oilKept)) ** 2,
                    ($scalp->effectSd * $flakes * (1.0 - $flakesKept)) ** 2,
                    ($scalp->effectSd * $dried) ** 2, 0.0, 0.0, 0.0, 0.0,
                ],
            ),
            $state->zones,
            $isCare ? 1.0 : $state->care,
            false,
        );
    }

    /**
     * @param list<list<float>>                          $covariance
     * @param array<int, array{float, int|null, float}>  $jacobian by quantity: what is kept of itself, and what else
     *     moves it by how much; what is not named stays as it is
     * @param list<float>                                $noise variance added to each
     *
     * @return list<list<float>>
     */
    private static function moved(array $covariance, array $jacobian, array $noise): array
    {
        $half = [];
        foreach ($covariance as $i => $row) {
            [$kept, $by, $times] = $jacobian[$i] ?? [1.0, null, 0.0];
            $half[] = array_map(
                static fn (float $own, float $others): float => $kept * $own + $times * $others,
                $row,
                $covariance[$by ?? $i],
            );
        }
        $moved = [];
        foreach ($half as $i => $row) {
            $new = [];
            foreach (array_keys($row) as $j) {
                [$kept, $by, $times] = $jacobian[$j] ?? [1.0, null, 0.0];
                $new[] = $kept * $row[$j] + $times * $row[$by ?? $j] + ($i === $j ? $noise[$i] : 0.0);
            }
            $moved[] = $new;
        }

        return $moved;
    }

    /** What drifts early fades with what it drifts on: days that a day's drift counts for. */
    private static function daysThatStay(float $kept, int $days): float
    {
        $fading = -log(max(1e-9, $kept));

        return $fading < 1e-9 ? (float) $days : $days * (1.0 - $kept ** 2) / (2.0 * $fading);
    }

    private static function within(float $points): float
    {
        return max(0.0, min(10.0, $points));
    }
}
