<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\ModelParameters;

/** Leaves moisture or protein in the hair: conditioner, mask, leave-in, mild and strong protein. */
final readonly class Deposit implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $model = $stratum->parameters->model;
        $kind = $step->kind->value;
        $taken = $this->shareTaken($stratum, $step) * $model->uptakeByPorosity[$stratum->porosity->value];
        $overLong = $this->labelTimesOverLong($step, $model) * $model->overLongMoistureCost;

        return new StratumEffect(
            moistureLost: $overLong + (
                $step->kind === StepKind::StrongProtein ? $model->strongProteinMoistureCost : 0.0
            ),
            moistureGain: ($model->moistureOf[$kind] ?? 0.0) * $taken,
            proteinGain: ($model->proteinOf[$kind] ?? 0.0) * $taken,
        );
    }

    /** Share of the full uptake that the contact time gives, 0 to 1; a leave-in stays and gives all of it. */
    private function shareTaken(Stratum $stratum, Step $step): float
    {
        $model = $stratum->parameters->model;
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 1.0;
        }
        $porosity = $stratum->porosity->value;
        $time = $step->heat
            ? $model->uptakeTimeUnderHeatMinutes[$porosity]
            : $model->uptakeTimeMinutes[$porosity];

        return 1 - exp(-min($step->minutes, self::overLongAfterMinutes($step->kind, $model)) / $time);
    }

    private function labelTimesOverLong(Step $step, ModelParameters $parameters): float
    {
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 0.0;
        }

        $over = $step->minutes - self::overLongAfterMinutes($step->kind, $parameters);

        return max(0.0, $over) / self::labelMinutes($step->kind, $parameters);
    }

    /** Minutes after which nothing more is gained and moisture is lost again. */
    public static function overLongAfterMinutes(StepKind $kind, ModelParameters $parameters): float
    {
        return $parameters->overLongLabelTimes * self::labelMinutes($kind, $parameters);
    }

    private static function labelMinutes(StepKind $kind, ModelParameters $parameters): float
    {
        return $parameters->labelMinutes[$kind->value] ?? INF;
    }
}
