<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\ModelParameters;

/** What wears hair or renews it: detangling, heat tools, chemical services, a trim. */
final readonly class Handling implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        return match ($step->kind) {
            StepKind::Detangle => new StratumEffect(
                wearAdded: ModelParameters::DETANGLING_WEAR_A_MINUTE * ($step->minutes ?? 0.0)
                    * ModelParameters::TOOL_WEAR[$step->tool ?? 'comb']
                    * $this->stateWear($step->how ?? 'wet-with-slip', $day),
            ),
            StepKind::Wetting => new StratumEffect(wearAdded: ModelParameters::WETTING_WEAR),
            StepKind::HeatTool => new StratumEffect(wearAdded: ModelParameters::HEAT_TOOL_WEAR[$step->how ?? 'medium']),
            StepKind::ChemicalService => new StratumEffect(wearAdded: ModelParameters::CHEMICAL_SERVICE_WEAR),
            StepKind::Trim => new StratumEffect(wearKept: max(
                0.0,
                1 - ($step->millimetres ?? 0.0) / $day->head->length(),
            )),
            // A pre-wash protects, a seal slows fading and a tight style wears by the day: they change what comes
            // after.
            default => new StratumEffect(),
        };
    }

    /** Schools disagree on which is worse for hair, wet or dry; the house says which it holds with. */
    private function stateWear(string $how, TreatmentContext $day): float
    {
        return $day->head->method->says(MethodQuestion::WetHair, 'wet-breaks')
            ? ModelParameters::DETANGLING_STATE_WEAR_WHEN_WET_BREAKS[$how]
            : ModelParameters::DETANGLING_STATE_WEAR[$how];
    }
}
