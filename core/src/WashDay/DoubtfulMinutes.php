<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Treatments\StepKind;

/**
 * Minutes that a forgotten or hurried tap makes rather than hands: they are asked about before anybody's pace is
 * learned from them.
 */
final class DoubtfulMinutes
{
    /**
     * @param float $minutes what was measured or typed
     * @param float $usual   what was planned, or is usual on this head
     */
    public static function are(float $minutes, float $usual, WashDayParameters $parameters): bool
    {
        return $usual > 0
            && (
                $minutes < $usual / $parameters->doubtfulTimes
                    || $minutes > $usual * $parameters->doubtfulTimes
            );
    }

    /** What is usual of a step that nobody planned, in minutes; null where any time can be. */
    public static function usual(StepKind $kind, int $sections, WashDayParameters $parameters): ?float
    {
        return match ($kind) {
            StepKind::Detangle => $sections * $parameters->detangleASectionMinutes,
            StepKind::Mask => $parameters->usualMaskMinutes,
            StepKind::MildProtein, StepKind::StrongProtein => $parameters->usualProteinMinutes,
            StepKind::Conditioner => $parameters->usualConditionerMinutes,
            default => null,
        };
    }
}
