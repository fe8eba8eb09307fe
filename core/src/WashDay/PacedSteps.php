<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** The steps of a planned wash day in the minutes they take on this head: detangling goes at its own pace. */
final class PacedSteps
{
    /**
     * @param list<Step> $steps
     *
     * @return list<Step> minutes to one decimal
     */
    public static function of(array $steps, Head $head, Pace $pace): array
    {
        $pace = $pace->doing($steps);

        return array_map(static fn (Step $step): Step => $step->kind === StepKind::Detangle
            ? $step->lasting(max(
                Step::LEAST_MINUTES,
                min(Step::MOST_MINUTES, round($pace->detanglingMinutes($head, $step), 1)),
            ))
            : $step, $steps);
    }
}
