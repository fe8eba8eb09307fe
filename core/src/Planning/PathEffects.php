<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\MeantSteps;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\StratumEffect;

/** What a choice does to the reserves and the build-up of one head, with what its bottles leave open. */
final readonly class PathEffects
{
    /** @param list<non-empty-list<array{float, list<StratumEffect>}>> $steps what may come of each: probability, and effects by stratum */
    private function __construct(public array $steps, public bool $seals)
    {
    }

    /** @param HomeHabits|null $habits of whoever does it at home; null: it is done in the salon */
    public static function of(WashOption $choice, Head $head, BottlesInUse $bottles, ?HomeHabits $habits): self
    {
        $meant = MeantSteps::of($head, $bottles->with($choice->steps($head)), $habits);

        return new self(
            array_values(array_filter(
                $meant->steps,
                static fn (array $chances): bool => array_filter($chances[0][1], self::moves(...)) !== [],
            )),
            $meant->seals,
        );
    }

    public static function moves(StratumEffect $effect): bool
    {
        return self::givesOrTakes($effect) || $effect->washableKept !== 1.0 || $effect->stubbornKept !== 1.0
            || $effect->washableAdded + $effect->stubbornAdded > 0.0;
    }

    /** Whether moisture or protein is another after it. */
    public static function givesOrTakes(StratumEffect $effect): bool
    {
        return $effect->moistureLost + $effect->proteinLost + $effect->moistureGain + $effect->proteinGain > 0.0;
    }
}
