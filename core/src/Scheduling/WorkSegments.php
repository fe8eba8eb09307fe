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
        $pieces = $holds = [];
        foreach ($plan->steps as $step) {
            $start = $plan->startMinutes($step);
            if ($start === null || $step->handsOnMinutes <= 0) {
                continue;
            }
            $last = count($pieces) - 1;
            if ($last >= 0 && $start - $pieces[$last]['end'] < $parameters->scheduling->shortestWaitMinutes) {
                $pieces[$last]['end'] = $start + $step->handsOnMinutes;
            } else {
                $pieces[] = [
                    'start' => $start,
                    'end' => $start + $step->handsOnMinutes,
                    'variance' => 0.0,
                    'spread' => $step->waitSpread,
                ];
                $last++;
            }
            $holds[$last] = ContactLimit::shorter(
                $holds[$last] ?? null,
                ContactLimit::holdMinutes($step->kind, $step->waitingMinutes, $step->mostMinutes),
            );
            $pieces[$last]['variance'] += ($step->spread * $step->handsOnMinutes) ** 2;
            $pieces[$last]['spread'] = $step->waitingMinutes > 0 ? $step->waitSpread : $pieces[$last]['spread'];
        }
        $stretches = [];
        foreach ($pieces as $i => $piece) {
            $minutes = $piece['end'] - $piece['start'];
            $until = $pieces[$i + 1]['start'] ?? $plan->network->finishMinutes;
            $stretches[] = new WorkSegment(
                $minutes,
                max(0.0, $until - $piece['end']),
                sqrt($piece['variance']) / $minutes,
                $piece['spread'],
                $holds[$i] ?? null,
            );
        }

        return $stretches === [] ? [new WorkSegment($parameters->washDay->handsMinutes['ready'])] : $stretches;
    }
}
