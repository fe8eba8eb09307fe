<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;

/** What a choice does to the reserves and the build-up of one head, with what its bottles leave open. */
final readonly class PathEffects
{
    /** @param list<list<StratumEffect>> $steps by step, then stratum */
    private function __construct(public array $steps, public bool $seals)
    {
    }

    public static function of(WashOption $choice, Head $head, BottlesInUse $bottles): self
    {
        $steps = $bottles->with($choice->steps($head));
        $context = TreatmentContext::on($head, $steps);
        $effects = array_map(static fn (Step $step): array => Forecast::effects($head, $step, $context), $steps);

        return new self(
            array_values(array_filter(
                $effects,
                static fn (array $strata): bool => array_filter($strata, self::moves(...)) !== [],
            )),
            TreatmentContext::seals($head, ...$steps),
        );
    }

    private static function moves(StratumEffect $effect): bool
    {
        return $effect->washableKept !== 1.0 || $effect->stubbornKept !== 1.0
            || $effect->moistureLost + $effect->proteinLost + $effect->moistureGain + $effect->proteinGain
                + $effect->washableAdded + $effect->stubbornAdded > 0.0;
    }
}
