<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Closure;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Treatments\Step;

/** Follows a scalp into the days ahead, with the wash days that are planned. */
final class ScalpForecast
{
    /**
     * @param Closure(int, ScalpState): list<Step> $stepsOn what is done on a day, given the scalp that morning; [] for
     *     nothing
     * @param int $horizon last day
     *
     * @return non-empty-list<ScalpDay> one for each day from today
     */
    public static function through(
        ScalpEstimate $estimate,
        Closure $stepsOn,
        int $horizon,
        Humidity $air,
        ScalpParameters $scalp,
    ): array {
        $morning = $estimate->state;
        $days = [];
        for ($day = 0;; $day++) {
            $evening = $morning;
            foreach ($stepsOn($day, $morning) as $step) {
                $evening = ScalpDynamics::afterStep($evening, $step, $scalp);
            }
            $days[] = new ScalpDay($day, $morning, $evening);
            if ($day >= $horizon) {
                return $days;
            }
            $humidity = $air->percentOn($estimate->date->modify("+{$day} days"));
            $morning = ScalpDynamics::afterDays($evening, 1, $humidity, $scalp);
        }
    }
}
