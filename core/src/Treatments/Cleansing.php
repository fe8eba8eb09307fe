<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use LogicException;
use Nagomi\Core\Head\Stratum;

/** Takes build-up, and with it some moisture and a little protein; the rinse water leaves its hardness behind. */
final readonly class Cleansing implements Treatment
{
    /** @throws LogicException for a step that does not say what it cleanses with */
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $stratum->parameters->treatments;
        $kind = $step->cleanse ?? throw new LogicException('A cleansing step says what it cleanses with.');
        $strength = $kind->strength($treatments);
        $stubbornKept = $treatments->stubbornKept[$kind->value];
        $washable = $stubborn = 1.0;
        $passes = 0.0;
        for ($pass = 1; $pass <= $step->passes; $pass++) {
            $counts = $pass === 1 ? 1.0 : $treatments->secondPassFactor;
            $washable *= 1 - $counts * $strength;
            $stubborn *= 1 - $counts * (1 - $stubbornKept);
            $passes += $counts;
        }
        $protected = $day->preWashed ? $treatments->preWashLossFactor : 1.0;
        $loss = $passes * $strength * $treatments->cleanseLossByPorosity[$stratum->porosity->value] * $protected;

        return new StratumEffect(
            washableKept: $washable,
            stubbornKept: $stubborn,
            stubbornAdded: $treatments->hardnessBuildUp * $day->head->hardness() / 100,
            moistureLost: $treatments->cleanseMoistureLoss * $loss,
            proteinLost: $treatments->cleanseProteinLoss * $loss,
            wearAdded: $treatments->cleansingWearAPass * $step->passes * $protected,
        );
    }
}
