<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\HomeStep;

/** What comes of plans at home, step by step, as it is kept for the pages. */
final readonly class DoneAtHome
{
    /** @return list<StoredDoneAtHome> steps that were planned at home at least once, in the order of a wash day */
    public static function of(?HomeHabits $habits): array
    {
        if ($habits === null) {
            return [];
        }
        [$adherence, $done] = [$habits->adherence, []];
        foreach (HomeStep::cases() as $step) {
            $times = (int) round($adherence->times($step));
            if ($times > 0) {
                [$least, $most] = $adherence->interval($step);
                $done[] = [
                    'step' => $step->value,
                    'times' => $times,
                    'told' => (int) round($adherence->told($step)),
                    'share' => round($adherence->share($step), 4),
                    'least' => round($least, 4),
                    'most' => round($most, 4),
                ];
            }
        }

        return $done;
    }
}
