<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** What a wash day shows as on the hair balance. */
final class WashKinds
{
    /**
     * @param list<Step> $steps
     *
     * @return list<string> of wash, clarify, mask, protein, service, trim and swim
     */
    public static function of(array $steps): array
    {
        $kinds = [];
        foreach ($steps as $step) {
            $kinds[] = match (true) {
                $step->cleanse?->clarifies() === true => 'clarify',
                $step->kind === StepKind::Cleanse => 'wash',
                $step->kind === StepKind::Mask => 'mask',
                $step->kind->isProtein() => 'protein',
                $step->kind === StepKind::ChemicalService => 'service',
                $step->kind === StepKind::Trim => 'trim',
                $step->kind === StepKind::Swim => 'swim',
                default => null,
            };
        }

        return array_values(array_unique(array_filter($kinds)));
    }
}
