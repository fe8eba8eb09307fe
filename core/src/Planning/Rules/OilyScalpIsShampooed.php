<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;

final readonly class OilyScalpIsShampooed implements Rule
{
    public function key(): string
    {
        return 'oily-scalp-is-shampooed';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return ! in_array($choice->cleanse, [CleanseKind::CoWash, CleanseKind::LowLather, CleanseKind::Gentle], true)
            || ! ($standing->terms->scalpPlan?->on($standing->date())->isOily ?? false)
            || $standing->terms->keepsTo(ProgrammeKind::GentleCleansing, $standing->date());
    }
}
