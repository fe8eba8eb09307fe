<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\Treatment\StepKind;

/** Minutes that a forgotten or hurried tap makes rather than hands: they are asked about before anybody's pace is learned from them. */
final class DoubtfulMinutes
{
    /**
     * @param float $minutes what was measured or typed
     * @param float $usual   what was planned, or is usual on this head
     */
    public static function are(float $minutes, float $usual): bool
    {
        return $usual > 0 && ($minutes < $usual / BasinModel::DOUBTFUL_TIMES || $minutes > $usual * BasinModel::DOUBTFUL_TIMES);
    }

    /** What is usual of a step that nobody planned, in minutes; null where any time can be. */
    public static function usual(StepKind $kind, int $sections): ?float
    {
        return match ($kind) {
            StepKind::Detangle => $sections * BasinModel::DETANGLE_A_SECTION_MINUTES,
            StepKind::Mask => BasinModel::USUAL_MASK_MINUTES,
            StepKind::MildProtein, StepKind::StrongProtein => BasinModel::USUAL_PROTEIN_MINUTES,
            StepKind::Conditioner => BasinModel::USUAL_CONDITIONER_MINUTES,
            default => null,
        };
    }
}
