<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\WashDay\WashDayPlan;

/** A wash day as the hands see it: steps that follow on one another are one stretch, and every gap is a wait. */
final class WorkSegments
{
    /** @return non-empty-list<WorkSegment> */
    public static function of(WashDayPlan $plan, Parameters $parameters): array
    {
        /** @var list<HandsPiece> $pieces */
        $pieces = [];
        foreach ($plan->steps as $step) {
            $start = $plan->startMinutes($step);
            if ($start === null || $step->handsOnMinutes <= 0) {
                continue;
            }
            $last = count($pieces) - 1;
            if ($last >= 0 && $start - $pieces[$last]->end < $parameters->scheduling->shortestWaitMinutes) {
                $pieces[$last] = $pieces[$last]->followedBy($step, $start);
            } else {
                $pieces[] = HandsPiece::of($step, $start);
            }
        }
        $stretches = array_map(
            static fn (HandsPiece $piece, int $i): WorkSegment => $piece->segment(
                isset($pieces[$i + 1]) ? $pieces[$i + 1]->start : $plan->network->finishMinutes,
            ),
            $pieces,
            array_keys($pieces),
        );

        return $stretches === [] ? [new WorkSegment($parameters->washDay->handsMinutes['ready'])] : $stretches;
    }
}
