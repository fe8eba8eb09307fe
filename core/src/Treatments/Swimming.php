<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;

/**
 * A swim: a pool leaves what only chelating takes, the sea mostly what washes out; both take moisture, and are a
 * wetting.
 */
final readonly class Swimming implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $stratum->parameters->treatments;
        $water = $treatments->swim[$step->how ?? 'pool'];

        return new StratumEffect(
            stubbornAdded: $water['stubborn'],
            moistureLost: $water['moisture']
                * $treatments->cleanseLossByPorosity[$stratum->porosity->value]
                * $day->lossFactor(),
            wearAdded: $treatments->wettingWear,
            washableAdded: $water['washable'],
        );
    }
}
