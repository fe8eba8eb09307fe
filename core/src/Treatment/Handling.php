<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatment;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameter\Model;

/** What wears hair or renews it: detangling, heat tools, chemical services, a trim. */
final readonly class Handling implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, DayContext $day): StratumEffect
    {
        return match ($step->kind) {
            StepKind::Detangle => new StratumEffect(wearAdded: Model::DETANGLING_WEAR_A_MINUTE * ($step->minutes ?? 0.0)
                * Model::TOOL_WEAR[$step->tool ?? 'comb'] * Model::DETANGLING_STATE_WEAR[$step->how ?? 'wet-with-slip']),
            StepKind::HeatTool => new StratumEffect(wearAdded: Model::HEAT_TOOL_WEAR[$step->how ?? 'medium']),
            StepKind::ChemicalService => new StratumEffect(wearAdded: Model::CHEMICAL_SERVICE_WEAR),
            StepKind::Trim => new StratumEffect(wearKept: max(0.0, 1 - ($step->millimetres ?? 0.0) / $day->head->lengthMm)),
            // A pre-wash protects and a seal slows fading; both change other steps, not the hair itself.
            default => new StratumEffect(),
        };
    }
}
