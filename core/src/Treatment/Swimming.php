<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatment;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameter\Model;

/** A swim: a pool leaves what only chelating takes, the sea mostly what washes out; both take moisture, and are a wetting. */
final readonly class Swimming implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, DayContext $day): StratumEffect
    {
        $water = Model::SWIM[$step->how ?? 'pool'];

        return new StratumEffect(
            stubbornAdded: $water['stubborn'],
            moistureLost: $water['moisture'] * Model::CLEANSE_LOSS_BY_POROSITY[$stratum->porosity->value] * ($day->preWashed ? Model::PRE_WASH_LOSS_FACTOR : 1.0),
            wearAdded: Model::WETTING_WEAR,
            washableAdded: $water['washable'],
        );
    }
}
