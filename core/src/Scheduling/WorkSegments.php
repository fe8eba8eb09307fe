<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\WashDay\WashDayPlan;

/** A wash day as the hands see it: steps that follow on one another are one stretch, and every gap is a wait. */
final class WorkSegments
{
    /** A gap shorter than this is no time to go to another head. */
    private const SHORTEST_WAIT_MINUTES = 5.0;

    /** @return non-empty-list<WorkSegment> */
    public static function of(WashDayPlan $plan, WashDayParameters $parameters): array
    {
        $pieces = [];
        foreach ($plan->steps as $step) {
            $start = $plan->startMinutes($step);
            if ($start === null || $step->handsOnMinutes <= 0) {
                continue;
            }
            $last = count($pieces) - 1;
            if ($last >= 0 && $start - $pieces[$last]['end'] < self::SHORTEST_WAIT_MINUTES) {
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
            );
        }

        return $stretches === [] ? [new WorkSegment($parameters->handsMinutes['ready'])] : $stretches;
    }
}
