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
        $kind = $step->kind->value;
        $taken = $this->shareTaken($stratum, $step) * ModelParameters::UPTAKE_BY_POROSITY[$stratum->porosity->value];
        $overLong = $this->labelTimesOverLong($step) * ModelParameters::OVER_LONG_MOISTURE_COST;

        return new StratumEffect(
            moistureLost: $overLong + (
                $step->kind === StepKind::StrongProtein ? ModelParameters::STRONG_PROTEIN_MOISTURE_COST : 0.0
            ),
            moistureGain: (ModelParameters::MOISTURE_OF[$kind] ?? 0.0) * $taken,
            proteinGain: (ModelParameters::PROTEIN_OF[$kind] ?? 0.0) * $taken,
        );
    }

    /** Share of the full uptake that the contact time gives, 0 to 1; a leave-in stays and gives all of it. */
    private function shareTaken(Stratum $stratum, Step $step): float
    {
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 1.0;
        }
        $porosity = $stratum->porosity->value;
        $time = $step->heat
            ? ModelParameters::UPTAKE_TIME_UNDER_HEAT_MINUTES[$porosity]
            : ModelParameters::UPTAKE_TIME_MINUTES[$porosity];

        return 1 - exp(-min($step->minutes, self::overLongAfterMinutes($step->kind)) / $time);
    }

    private function labelTimesOverLong(Step $step): float
    {
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 0.0;
        }

        return max(0.0, $step->minutes - self::overLongAfterMinutes($step->kind)) / self::labelMinutes($step->kind);
    }

    /** Minutes after which nothing more is gained and moisture is lost again. */
    public static function overLongAfterMinutes(StepKind $kind): float
    {
        return ModelParameters::OVER_LONG_LABEL_TIMES * self::labelMinutes($kind);
    }

    private static function labelMinutes(StepKind $kind): float
    {
        return ModelParameters::LABEL_MINUTES[$kind->value] ?? INF;
    }
}
