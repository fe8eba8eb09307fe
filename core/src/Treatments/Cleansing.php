<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use LogicException;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\ModelParameters;

/** Takes build-up, and with it some moisture and a little protein; the rinse water leaves its hardness behind. */
final readonly class Cleansing implements Treatment
{
    /** @throws LogicException for a step that does not say what it cleanses with */
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $kind = $step->cleanse ?? throw new LogicException('A cleansing step says what it cleanses with.');
        $strength = $kind->strength();
        $stubbornKept = ModelParameters::STUBBORN_KEPT[$kind->value];
        $washable = $stubborn = 1.0;
        $passes = 0.0;
        for ($pass = 1; $pass <= $step->passes; $pass++) {
            $counts = $pass === 1 ? 1.0 : ModelParameters::SECOND_PASS_FACTOR;
            $washable *= 1 - $counts * $strength;
            $stubborn *= 1 - $counts * (1 - $stubbornKept);
            $passes += $counts;
        }
        $protected = $day->preWashed ? ModelParameters::PRE_WASH_LOSS_FACTOR : 1.0;
        $loss = $passes * $strength * ModelParameters::CLEANSE_LOSS_BY_POROSITY[$stratum->porosity->value] * $protected;

        return new StratumEffect(
            washableKept: $washable,
            stubbornKept: $stubborn,
            stubbornAdded: ModelParameters::HARDNESS_BUILD_UP * $day->head->hardness() / 100,
            moistureLost: ModelParameters::CLEANSE_MOISTURE_LOSS * $loss,
            proteinLost: ModelParameters::CLEANSE_PROTEIN_LOSS * $loss,
            wearAdded: ModelParameters::CLEANSING_WEAR_A_PASS * $step->passes * $protected,
        );
    }
}
