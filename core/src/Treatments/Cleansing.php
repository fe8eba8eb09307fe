<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use LogicException;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\ContentParameters;

/** Takes build-up, and with it some moisture and a little protein; the rinse water leaves its hardness behind. */
final readonly class Cleansing implements Treatment
{
    /** @throws LogicException for a step that does not say what it cleanses with */
    public function effectOn(Stratum $stratum, Step $step, TreatmentContext $day): StratumEffect
    {
        $treatments = $stratum->parameters->treatments;
        $kind = $step->cleanse ?? throw new LogicException('A cleansing step says what it cleanses with.');
        $bottle = $this->bottle($kind, $step, $stratum->parameters->contents);
        $strength = 1 - (1 - $kind->strength($treatments)) ** $bottle->times;
        $stubbornKept = $this->stubbornKept($kind, $step, $stratum) ** $bottle->times;
        $washable = $stubborn = 1.0;
        $passes = 0.0;
        for ($pass = 1; $pass <= $step->passes; $pass++) {
            $counts = $pass === 1 ? 1.0 : $treatments->secondPassFactor;
            $washable *= 1 - $counts * $strength;
            $stubborn *= 1 - $counts * (1 - $stubbornKept);
            $passes += $counts;
        }
        $protected = $day->lossFactor();
        $loss = $passes * $strength * $treatments->cleanseLossByPorosity[$stratum->porosity->value] * $protected;

        return new StratumEffect(
            washableKept: $washable,
            stubbornKept: $stubborn,
            stubbornAdded: $treatments->hardnessBuildUp * $day->head->hardness() / 100,
            moistureLost: $treatments->cleanseMoistureLoss * $loss,
            proteinLost: $treatments->cleanseProteinLoss * $loss,
            wearAdded: $treatments->cleansingWearAPass * $step->passes * $protected,
            cleanseSd: $bottle->sd,
        );
    }

    /** How strongly a bottle cleanses beside one of its kind. */
    private function bottle(CleanseKind $kind, Step $step, ContentParameters $contents): ContentFactor
    {
        return ContentFactor::of(
            $step->contents?->of(Content::Surfactant),
            $contents->usualPercent[$kind->value][Content::Surfactant->value] ?? null,
            $contents,
        );
    }

    /** What is called chelating and holds nothing that chelates clarifies, and no more. */
    private function stubbornKept(CleanseKind $kind, Step $step, Stratum $stratum): float
    {
        $chelates = $step->contents === null
            || $step->contents->of(Content::Chelator)->typicalPercent
                >= $stratum->parameters->contents->chelatesFromPercent;
        $does = $kind === CleanseKind::Chelating && ! $chelates ? CleanseKind::Clarifying : $kind;

        return $stratum->parameters->treatments->stubbornKept[$does->value];
    }
}
