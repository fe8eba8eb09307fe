<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/** Which treatment each kind of step is. */
final class TreatmentCatalogue
{
    public static function of(StepKind $kind): Treatment
    {
        return match ($kind) {
            StepKind::Cleanse => new Cleansing(),
            StepKind::MildProtein, StepKind::StrongProtein, StepKind::Conditioner, StepKind::Mask,
            StepKind::LeaveIn => new Deposit(),
            StepKind::PreWash, StepKind::Seal, StepKind::Detangle, StepKind::HeatTool, StepKind::ChemicalService,
            StepKind::Trim,
            StepKind::Wetting, StepKind::UpStyle, StepKind::ScalpOil => new Handling(),
            StepKind::Swim => new Swimming(),
        };
    }
}
