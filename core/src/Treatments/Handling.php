<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Stratum;

/** What wears hair or renews it: detangling, heat tools, chemical services, a trim. */
final readonly class Handling implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $day->head->parameters->treatments;
        return match ($step->kind) {
            StepKind::Detangle => new StratumEffect(
                wearAdded: $treatments->detanglingWearAMinute * ($step->minutes ?? 0.0)
                    * $treatments->toolWear[$step->tool ?? 'comb']
                    * $this->stateWear($step->how ?? 'wet-with-slip', $day),
            ),
            StepKind::Wetting => new StratumEffect(wearAdded: $treatments->wettingWear),
            StepKind::HeatTool => new StratumEffect(wearAdded: $treatments->heatToolWear[$step->how ?? 'medium']),
            StepKind::ChemicalService => new StratumEffect(wearAdded: $treatments->chemicalServiceWear),
            StepKind::Trim => new StratumEffect(wearKept: max(
                0.0,
                1 - ($step->millimetres ?? 0.0) / $day->head->length(),
            )),
            StepKind::Seal => new StratumEffect(
                stubbornAdded: FilmLeft::by($step, $stratum->parameters)[1],
                washableAdded: FilmLeft::by($step, $stratum->parameters)[0],
            ),
            // A pre-wash protects, a seal slows fading and a tight style wears by the day: they change what comes
            // after.
            default => new StratumEffect(),
        };
    }

    /** Schools disagree on which is worse for hair, wet or dry; the house says which it holds with. */
    private function stateWear(string $how, TreatmentContext $day): float
    {
        $treatments = $day->head->parameters->treatments;
        return $day->head->method->says(MethodQuestion::WetHair, 'wet-breaks')
            ? $treatments->detanglingStateWearWhenWetBreaks[$how]
            : $treatments->detanglingStateWear[$how];
    }
}
