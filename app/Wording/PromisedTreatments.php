<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\PlanItem;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What of a planned wash day can be promised. */
final class PromisedTreatments
{
    /** @return list<string> of {@see PlanTerms::TREATMENTS} */
    public static function of(PlanItem $item): array
    {
        $treatments = [];
        foreach ($item->steps as $step) {
            $cleanse = CleanseKind::tryFrom(is_string($step['cleanse'] ?? null) ? $step['cleanse'] : '');
            $kind = is_string($step['kind'] ?? null) ? $step['kind'] : '';
            $treatments[] = match (true) {
                $cleanse?->clarifies() === true => 'clarifying',
                in_array($kind, [
                    StepKind::Mask->value, StepKind::MildProtein->value, StepKind::StrongProtein->value,
                ], true) => $kind,
                default => null,
            };
        }

        return array_values(array_filter($treatments));
    }
}
