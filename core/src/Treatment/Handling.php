<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatment;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameter\Model;

/** What wears hair or renews it: detangling, heat tools, chemical services, a trim. */
final readonly class Handling implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, DayContext $day): StratumEffect
    {
        return match ($step->kind) {
            StepKind::Detangle => new StratumEffect(wearAdded: Model::DETANGLING_WEAR_A_MINUTE * ($step->minutes ?? 0.0)
                * Model::TOOL_WEAR[$step->tool ?? 'comb'] * $this->stateWear($step->how ?? 'wet-with-slip', $day)),
            StepKind::Wetting => new StratumEffect(wearAdded: Model::WETTING_WEAR),
            StepKind::HeatTool => new StratumEffect(wearAdded: Model::HEAT_TOOL_WEAR[$step->how ?? 'medium']),
            StepKind::ChemicalService => new StratumEffect(wearAdded: Model::CHEMICAL_SERVICE_WEAR),
            StepKind::Trim => new StratumEffect(wearKept: max(0.0, 1 - ($step->millimetres ?? 0.0) / $day->head->length())),
            // A pre-wash protects, a seal slows fading and a tight style wears by the day: they change what comes after.
            default => new StratumEffect(),
        };
    }

    /** Schools disagree on which is worse for hair, wet or dry; the house says which it holds with. */
    private function stateWear(string $how, DayContext $day): float
    {
        return $day->head->method->says(MethodQuestion::WetHair, 'wet-breaks')
            ? Model::DETANGLING_STATE_WEAR_WHEN_WET_BREAKS[$how]
            : Model::DETANGLING_STATE_WEAR[$how];
    }
}
