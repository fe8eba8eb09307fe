<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\MeantSteps;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\StratumEffect;

/**
 * What a choice does to one head, worked out once: the numbers the search works on move by it.
 */
final readonly class OptionEffects
{
    /** A step that moves nothing: all kept, nothing lost, gained or added. */
    private const NOTHING = [1.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

    /**
     * @param list<list<array{
     *     float, float, float, float, float, float, float, float,
     * }>> $steps by step, then stratum: washable kept, stubborn kept,
     * stubborn added, moisture lost, protein lost, moisture gain, protein gain,
     * washable added
     * @param float                                                              $cost  minutes, wear and price
     */
    private function __construct(
        private array $steps,
        public float $cost,
        public bool $seals,
        private float $buildUpBlocks,
    ) {
    }

    /**
     * @param float           $uptake the head's own factor on what treatments give
     * @param HomeHabits|null $habits of whoever does it at home; null: it is done in the salon
     */
    public static function of(
        WashOption $choice,
        Head $head,
        float $uptake,
        PlanTerms $terms,
        ?HomeHabits $habits = null,
    ): self {
        $planning = $head->parameters->planning;
        $meant = MeantSteps::besideAnybody($head, $terms->bottles->with($choice->steps($head)), $habits);
        $moving = [];
        $wear = 0.0;
        foreach ($meant->steps as $chances) {
            $strata = array_map(
                static fn (int $s): array => self::mixed($chances, $s, $uptake),
                array_keys($head->strata),
            );
            foreach ($strata as $row) {
                if ($row !== self::NOTHING) {
                    $moving[] = $strata;
                    break;
                }
            }
            // What is asked for costs what it costs, whether it will be done or not.
            foreach ($chances[0][1] as $s => $effect) {
                $wear += $head->strata[$s]->share * $effect->wearAdded;
            }
        }

        return new self(
            $moving,
            // Styled on the day after it takes as long.
            $planning->costOfAMinute * $terms->minutes($choice->styled(false), $head)
                + $planning->worthATreatment * $choice->countedTreatments()
                + $planning->costOfWear * $wear
                + $planning->costOfACurrencyUnit / $terms->priceLevel * $terms->price($choice, $planning),
            $meant->seals,
            $head->parameters->treatments->buildUpBlocksUptake,
        );
    }

    /**
     * @param array<int, float> $means four numbers for each stratum, before the wash
     *
     * @return array<int, float> the same after it
     */
    public function on(array $means): array
    {
        foreach ($this->steps as $strata) {
            foreach ($strata as $s => $effect) {
                [$washableKept, $stubbornKept, $stubbornAdded, $moistureLost, $proteinLost] = $effect;
                [, , , , , $moistureGain, $proteinGain, $washableAdded] = $effect;
                $at = 4 * $s;
                $buildUp = $means[$at + 2] + $means[$at + 3];
                $free = 1 - $this->buildUpBlocks * ($buildUp > 100 ? 1.0 : $buildUp / 100);
                $moisture = $means[$at] - $moistureLost + $moistureGain * $free * (1 - $means[$at] / 100);
                $protein = $means[$at + 1] - $proteinLost + $proteinGain * $free * (1 - $means[$at + 1] / 100);
                $stubborn = $means[$at + 3] * $stubbornKept + $stubbornAdded;
                $means[$at] = $moisture < 0 ? 0.0 : ($moisture > 100 ? 100.0 : $moisture);
                $means[$at + 1] = $protein < 0 ? 0.0 : ($protein > 100 ? 100.0 : $protein);
                $washable = $means[$at + 2] * $washableKept + $washableAdded;
                $means[$at + 2] = $washable < 0 ? 0.0 : ($washable > 100 ? 100.0 : $washable);
                $means[$at + 3] = $stubborn < 0 ? 0.0 : ($stubborn > 100 ? 100.0 : $stubborn);
            }
        }

        return $means;
    }

    /**
     * What is to be expected of a step of which nobody knows whether it will be done: the mean over both moves as one
     * step that does so much less.
     *
     * @param non-empty-list<array{float, list<StratumEffect>}> $chances
     *
     * @return array{float, float, float, float, float, float, float, float}
     */
    private static function mixed(array $chances, int $s, float $uptake): array
    {
        $row = self::NOTHING;
        foreach ($chances as [$chance, $effects]) {
            $effect = $effects[$s];
            $row[0] += $chance * ($effect->washableKept - 1.0);
            $row[1] += $chance * ($effect->stubbornKept - 1.0);
            $row[2] += $chance * $effect->stubbornAdded;
            $row[3] += $chance * $effect->moistureLost;
            $row[4] += $chance * $effect->proteinLost;
            $row[5] += $chance * $effect->moistureGain * $uptake;
            $row[6] += $chance * $effect->proteinGain * $uptake;
            $row[7] += $chance * $effect->washableAdded;
        }

        return $row;
    }
}
