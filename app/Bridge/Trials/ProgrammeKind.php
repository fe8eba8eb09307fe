<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Models\WashDay;
use App\Models\WashStep;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What can be kept to for some weeks, and how a wash day shows whether it was. */
enum ProgrammeKind: string
{
    case WeeklyMask = 'weekly-mask';
    case NoProtein = 'no-protein';
    case GentleCleansing = 'gentle-cleansing';
    case PreWash = 'pre-wash';
    case NoHeat = 'no-heat';

    /**
     * A first month of weekly masks builds a base; the others are as long as a change takes to show (common practice,
     * no source).
     */
    public function weeks(): int
    {
        return match ($this) {
            self::WeeklyMask, self::GentleCleansing, self::PreWash => 4,
            self::NoProtein, self::NoHeat => 6,
        };
    }

    /** Asked for once a week; the others on each wash day. */
    public function isWeekly(): bool
    {
        return $this === self::WeeklyMask;
    }

    public function isKeptOn(WashDay $day): bool
    {
        $has = fn (callable $is): bool => $day->steps->contains($is);

        return match ($this) {
            self::WeeklyMask => $has(fn (WashStep $step): bool => $step->kind === StepKind::Mask->value),
            self::NoProtein => ! $has(
                fn (WashStep $step): bool => StepKind::tryFrom($step->kind)?->isProtein() === true,
            ),
            self::GentleCleansing => ! $has(
                fn (WashStep $step): bool => in_array(
                    $step->cleanse,
                    [CleanseKind::Shampoo->value, CleanseKind::Clarifying->value, CleanseKind::Chelating->value],
                    true,
                ),
            ),
            self::PreWash => $has(fn (WashStep $step): bool => $step->kind === StepKind::PreWash->value),
            self::NoHeat => ! $has(fn (WashStep $step): bool => $step->kind === StepKind::HeatTool->value),
        };
    }
}
