<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\TreatmentParameters;

/**
 * Leaves moisture or protein in the hair: conditioner, mask, leave-in, mild and strong protein. What its bottle holds
 * makes it half to twice as much as usual; protein in what is no protein treatment works like as much of a mild one.
 */
final readonly class Deposit implements Treatment
{
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $stratum->parameters->treatments;
        $kind = $step->kind->value;
        $taken = $this->shareTaken($stratum, $step) * $treatments->uptakeByPorosity[$stratum->porosity->value];
        $moisture = $this->factor(Content::Moisture, $stratum, $step);
        $protein = $step->kind->isProtein()
            ? $this->factor(Content::Protein, $stratum, $step)
            : $this->proteinBeside($stratum, $step);
        $proteinOf = $treatments->proteinOf[$step->kind->isProtein() ? $kind : StepKind::MildProtein->value];
        [$washable, $stubborn] = FilmLeft::by($step, $stratum->parameters);

        return new StratumEffect(
            stubbornAdded: $stubborn,
            moistureLost: $this->lostBySitting($step, $treatments) + (
                $step->kind === StepKind::StrongProtein ? $treatments->strongProteinMoistureCost : 0.0
            ),
            moistureGain: ($treatments->moistureOf[$kind] ?? 0.0) * $taken * $moisture->times,
            proteinGain: $proteinOf * $taken * $protein->times,
            washableAdded: $washable,
            moistureGainSd: $moisture->sd,
            proteinGainSd: $protein->sd,
        );
    }

    private function factor(Content $content, Stratum $stratum, Step $step): ContentFactor
    {
        $contents = $stratum->parameters->contents;

        return ContentFactor::of(
            $step->contents?->of($content),
            $contents->usualPercent[$step->kind->value][$content->value] ?? null,
            $contents,
        );
    }

    /** A keratin mask is a mask and some protein. */
    private function proteinBeside(Stratum $stratum, Step $step): ContentFactor
    {
        $usual = $stratum->parameters->contents->usualPercent[StepKind::MildProtein->value][Content::Protein->value];

        return ContentFactor::beside($step->contents?->of(Content::Protein), $usual);
    }

    /** Share of the full uptake that the contact time gives, 0 to 1; a leave-in stays and gives all of it. */
    private function shareTaken(Stratum $stratum, Step $step): float
    {
        $treatments = $stratum->parameters->treatments;
        if ($step->minutes === null || $step->kind === StepKind::LeaveIn) {
            return 1.0;
        }
        $porosity = $stratum->porosity->value;
        $time = $step->heat
            ? $treatments->uptakeTimeUnderHeatMinutes[$porosity]
            : $treatments->uptakeTimeMinutes[$porosity];

        return 1 - exp(-min($step->minutes, self::overLongAfterMinutes($step, $treatments)) / $time);
    }

    /** Protein stiffens on; hair is detangled under conditioner or mask as long as that takes, and not dried by it. */
    private function lostBySitting(Step $step, TreatmentParameters $parameters): float
    {
        if ($step->minutes === null || ! $step->kind->isProtein()) {
            return 0.0;
        }
        $over = $step->minutes - self::overLongAfterMinutes($step, $parameters);

        return $parameters->overLongMoistureCost * max(0.0, $over) / self::labelMinutes($step, $parameters);
    }

    /** Minutes after which nothing more is gained, and by protein moisture is lost. */
    public static function overLongAfterMinutes(Step $step, TreatmentParameters $parameters): float
    {
        return $parameters->overLongLabelTimes * self::labelMinutes($step, $parameters);
    }

    /** What the label of its own bottle says, or one of its kind usually. */
    private static function labelMinutes(Step $step, TreatmentParameters $parameters): float
    {
        return $step->contents->labelMinutes ?? $parameters->labelMinutes[$step->kind->value] ?? INF;
    }
}
