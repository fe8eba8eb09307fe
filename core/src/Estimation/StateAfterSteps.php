<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\TreatmentContext;

/** What a head holds after the steps of a wash day, over its strata by share of hair. */
final readonly class StateAfterSteps
{
    /**
     * @param float $moisture reserve, 0 to 100
     * @param float $protein  reserve, 0 to 100
     * @param float $buildUp  0 to 100
     */
    private function __construct(
        public float $moisture,
        public float $protein,
        public float $buildUp,
    ) {
    }

    /** @param list<Step> $steps */
    public static function of(State $state, array $steps): self
    {
        $head = $state->layout->head;
        $context = TreatmentContext::on($head, $steps);
        foreach ($steps as $step) {
            $state = Dynamics::afterStep(
                $state,
                Forecast::effects($head, $step, $context),
                $state->layout->parameters->treatments->effectSd,
            )->state;
        }
        $mean = [0.0, 0.0, 0.0];
        foreach ($head->strata as $s => $stratum) {
            $mean[0] += $stratum->share * $state->value($s, StateLayout::MOISTURE);
            $mean[1] += $stratum->share * $state->value($s, StateLayout::PROTEIN);
            $mean[2] += $stratum->share * (
                $state->value($s, StateLayout::WASHABLE) + $state->value($s, StateLayout::STUBBORN)
            );
        }

        return new self(...$mean);
    }
}
