<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/**
 * What a wash day at home leaves out that hardly anybody leaves out: hair that was cleansed was conditioned, hair that
 * was
 * masked was cleansed. Taking the record at its word would make every head that is told of badly look drier than it is.
 */
final class ImputedSteps
{
    /** Whether a cleanse is missing from what was told. */
    public static function cleanse(WashDay $washDay): ?Step
    {
        $missing = $washDay->place === Place::Home && ! $washDay->has(StepKind::Cleanse)
            && $washDay->has(StepKind::Mask, StepKind::Conditioner, StepKind::MildProtein, StepKind::StrongProtein);

        return $missing ? Step::cleanse(CleanseKind::Shampoo) : null;
    }

    public static function conditioning(WashDay $washDay): bool
    {
        return $washDay->place === Place::Home
            && $washDay->has(StepKind::Cleanse)
            && ! $washDay->has(StepKind::Conditioner, StepKind::Mask);
    }

    /**
     * Conditioner or mask, as likely one as the other: the mean of both.
     *
     * @return list<StratumEffect> one for each stratum
     */
    public static function conditioned(TreatmentContext $day): array
    {
        $mask = Forecast::effects($day->head, Step::mask($day->head->parameters->treatments->untoldMaskMinutes), $day);
        $minutes = $day->head->parameters->washDay->stepMinutes['conditioner'];
        $rinse = Forecast::effects($day->head, Step::conditioner($minutes), $day);

        return array_map(
            static fn (StratumEffect $a, StratumEffect $b): StratumEffect => new StratumEffect(
                moistureGain: ($a->moistureGain + $b->moistureGain) / 2,
            ),
            $mask,
            $rinse,
        );
    }
}
