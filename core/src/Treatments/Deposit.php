<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\TreatmentParameters;

/** Leaves moisture or protein in the hair: conditioner, mask, leave-in, mild and strong protein. */
final readonly class Deposit implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $stratum->parameters->treatments;
        $kind = $step->kind->value;
        $taken = $this->shareTaken($stratum, $step) * $treatments->uptakeByPorosity[$stratum->porosity->value];
        $overLong = $this->labelTimesOverLong($step, $treatments) * $treatments->overLongMoistureCost;

        return new StratumEffect(
            moistureLost: $overLong + (
                $step->kind === StepKind::StrongProtein ? $treatments->strongProteinMoistureCost : 0.0
            ),
            moistureGain: ($treatments->moistureOf[$kind] ?? 0.0) * $taken,
            proteinGain: ($treatments->proteinOf[$kind] ?? 0.0) * $taken,
        );
    }

    /** Share of the full uptake that the contact time gives, 0 to 1; a leave-in stays and gives all of it. */
    private function shareTaken(Stratum $stratum, Step $step): float
    {
        $treatments = $stratum->parameters->treatments;
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 1.0;
        }
        $porosity = $stratum->porosity->value;
        $time = $step->heat
            ? $treatments->uptakeTimeUnderHeatMinutes[$porosity]
            : $treatments->uptakeTimeMinutes[$porosity];

        return 1 - exp(-min($step->minutes, self::overLongAfterMinutes($step->kind, $treatments)) / $time);
    }

    private function labelTimesOverLong(Step $step, TreatmentParameters $parameters): float
    {
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 0.0;
        }

        $over = $step->minutes - self::overLongAfterMinutes($step->kind, $parameters);

        return max(0.0, $over) / self::labelMinutes($step->kind, $parameters);
    }

    /** Minutes after which nothing more is gained and moisture is lost again. */
    public static function overLongAfterMinutes(StepKind $kind, TreatmentParameters $parameters): float
    {
        return $parameters->overLongLabelTimes * self::labelMinutes($kind, $parameters);
    }

    private static function labelMinutes(StepKind $kind, TreatmentParameters $parameters): float
    {
        return $parameters->labelMinutes[$kind->value] ?? INF;
    }
}
