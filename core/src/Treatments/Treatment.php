<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;

/** What one kind of step does to the hair of a stratum. */
interface Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect;
}
