<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\TreatmentContext;

/** What a choice does to one head, worked out once. */
final readonly class OptionEffects
{
    /**
     * @param list<list<array{
     *     float, float, float, float, float, float, float, float,
     * }>> $steps by step, then stratum: washable kept, stubborn kept,
     * stubborn added, moisture lost, protein lost, moisture gain, protein gain,
     * washable added
     * @param float                                                              $cost  minutes, wear and price
     */
    private function __construct(
        public array $steps,
        public float $cost,
        public bool $seals,
    ) {
    }

    /** @param float $uptake the head's own factor on what treatments give */
    public static function of(WashOption $choice, Head $head, float $uptake, PlanTerms $terms): self
    {
        $planning = $head->parameters->planning;
        $steps = $terms->bottles->with($choice->steps($head));
        $context = TreatmentContext::on($head, $steps);
        $moving = [];
        $wear = 0.0;
        foreach ($steps as $step) {
            $strata = [];
            $moves = false;
            foreach (Forecast::effects($head, $step, $context) as $s => $effect) {
                $row = [
                    $effect->washableKept, $effect->stubbornKept, $effect->stubbornAdded, $effect->moistureLost,
                    $effect->proteinLost,
                    $effect->moistureGain * $uptake, $effect->proteinGain * $uptake, $effect->washableAdded,
                ];
                $moves = $moves || $row !== [1.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
                $strata[] = $row;
                $wear += $head->strata[$s]->share * $effect->wearAdded;
            }
            if ($moves) {
                $moving[] = $strata;
            }
        }

        return new self(
            $moving,
            // Styled on the day after it takes as long.
            $planning->costOfAMinute * $terms->minutes($choice->styled(false), $head)
                + $planning->worthATreatment * $choice->countedTreatments()
                + $planning->costOfWear * $wear
                + $planning->costOfACurrencyUnit * $terms->price($choice, $planning),
            TreatmentContext::seals($head, ...$steps),
        );
    }
}
