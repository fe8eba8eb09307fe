<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

/** Protein by signs: a reading that is not old, none that is stiff, and a shortage to come if it is left out. */
final readonly class ProteinByEvidence implements KnowsWhy
{
    public function key(): string
    {
        return 'protein-by-evidence';
    }

    public function places(PlanningParameters $limits): array
    {
        return [
            'days' => $limits->evidenceDays,
            'ahead' => $limits->proteinLookAheadDays,
            'mild' => (int) round(100 * $limits->mildProteinFrom),
            'strong' => (int) round(100 * $limits->strongProteinFrom),
        ];
    }

    public function why(RuleContext $standing): string
    {
        $evidence = $standing->terms->evidence;

        return match (true) {
            ! $evidence->isRecent => 'not-tested',
            $evidence->isStiff => 'stiff',
            default => 'not-due',
        };
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if ($choice->protein === null || ! $standing->head->method->says(MethodQuestion::Protein, 'by-signs')) {
            return true;
        }
        [$evidence, $limits] = [$standing->terms->evidence, $standing->limits()];
        // Hair that was overloaded once gets mild protein where others get strong, and strong by hand only.
        $from = match (true) {
            $choice->protein === StepKind::MildProtein && ! $evidence->wasOverloaded => $limits->mildProteinFrom,
            $choice->protein === StepKind::MildProtein || ! $evidence->wasOverloaded => $limits->strongProteinFrom,
            default => INF,
        };

        return $evidence->isRecent && ! $evidence->isStiff && $standing->hair->proteinLow >= $from;
    }
}
