<?php

declare(strict_types=1);

namespace Nagomi\Core\HandsLine;

use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\WashDay\BasinPlan;

/** A wash day as the hands see it: steps that follow on one another are one stretch, and every gap is a wait. */
final class Stretches
{
    /** A gap shorter than this is no time to go to another head. */
    private const SHORTEST_WAIT_MINUTES = 5.0;

    /** @return non-empty-list<Stretch> */
    public static function of(BasinPlan $plan): array
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
                $pieces[] = ['start' => $start, 'end' => $start + $step->handsOnMinutes, 'variance' => 0.0, 'spread' => $step->waitSpread];
                $last++;
            }
            $pieces[$last]['variance'] += ($step->spread * $step->handsOnMinutes) ** 2;
            $pieces[$last]['spread'] = $step->waitingMinutes > 0 ? $step->waitSpread : $pieces[$last]['spread'];
        }
        $stretches = [];
        foreach ($pieces as $i => $piece) {
            $minutes = $piece['end'] - $piece['start'];
            $until = $pieces[$i + 1]['start'] ?? $plan->network->finishMinutes;
            $stretches[] = new Stretch($minutes, max(0.0, $until - $piece['end']), sqrt($piece['variance']) / $minutes, $piece['spread']);
        }

        return $stretches === [] ? [new Stretch(BasinModel::HANDS_MINUTES['ready'])] : $stretches;
    }
}
