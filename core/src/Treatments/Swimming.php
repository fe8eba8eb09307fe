<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\ModelParameters;

/**
 * A swim: a pool leaves what only chelating takes, the sea mostly what washes out; both take moisture, and are a
 * wetting.
 */
final readonly class Swimming implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $water = ModelParameters::SWIM[$step->how ?? 'pool'];

        return new StratumEffect(
            stubbornAdded: $water['stubborn'],
            moistureLost: $water['moisture'] * ModelParameters::CLEANSE_LOSS_BY_POROSITY[$stratum->porosity->value] * (
                $day->preWashed ? ModelParameters::PRE_WASH_LOSS_FACTOR : 1.0
            ),
            wearAdded: ModelParameters::WETTING_WEAR,
            washableAdded: $water['washable'],
        );
    }
}
