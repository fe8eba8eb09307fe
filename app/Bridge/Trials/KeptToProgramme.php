<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Models\WashDay;
use App\Models\WashStep;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** How a wash day of the book shows whether a programme was kept to on it. */
final class KeptToProgramme
{
    /** @param WashDay|null $before the wash day before this one; null: none is in the book */
    public static function on(WashDay $day, Programme $programme, ?WashDay $before): bool
    {
        $has = fn (callable $is): bool => $day->steps->contains($is);
        $kind = fn (StepKind ...$kinds): callable => fn (WashStep $step): bool => in_array(
            StepKind::tryFrom($step->kind),
            $kinds,
            true,
        );
        $cleansed = fn (CleanseKind ...$with): callable => fn (WashStep $step): bool => in_array(
            $step->cleanse,
            array_column($with, 'value'),
            true,
        );

        return match ($programme->kind) {
            ProgrammeKind::WeeklyMask => $has($kind(StepKind::Mask)),
            ProgrammeKind::FirstMonth => self::masksInTime($day, $programme, $before, $has($kind(StepKind::Mask))),
            ProgrammeKind::NoProtein => ! $has($kind(StepKind::MildProtein, StepKind::StrongProtein)),
            ProgrammeKind::NoOils => ! $has(fn (WashStep $step): bool => $step->how === 'oil')
                && ! $has($kind(StepKind::Seal, StepKind::ScalpOil)),
            ProgrammeKind::GentleCleansing => ! $has($cleansed(
                CleanseKind::ScalpCare,
                CleanseKind::Shampoo,
                CleanseKind::Clarifying,
                CleanseKind::Chelating,
            )),
            ProgrammeKind::AlternateCoWash => $before === null
                || $has($cleansed(CleanseKind::CoWash)) !== $before->steps->contains($cleansed(CleanseKind::CoWash)),
            ProgrammeKind::PreWash => $has($kind(StepKind::PreWash)),
            ProgrammeKind::NoHeat => ! $has($kind(StepKind::HeatTool))
                && ! $has(fn (WashStep $step): bool => (bool) $step->heat),
        };
    }

    /** A mask on this day, or on the one before where the programme lets one wash day go without. */
    private static function masksInTime(WashDay $day, Programme $programme, ?WashDay $before, bool $masks): bool
    {
        $isWeekly = ($programme->maskWithinDays(Calendar::dayOf($day->date)) ?? 0) <= 7;

        return $masks || ! $isWeekly && $before?->steps->contains('kind', StepKind::Mask->value) === true;
    }
}
