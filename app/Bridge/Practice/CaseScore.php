<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeScore;

/** What a practice case came to, as it is kept. */
final class CaseScore
{
    /** @return StoredCaseScore */
    public static function of(PracticeLife $life): array
    {
        return [
            'lost' => round(PracticeScore::lost($life), 1),
            'days_out' => round($life->tally->daysOut, 1),
            'scalp_days' => $life->tally->scalpDays,
            'hairs' => (int) round($life->tally->brokenHairs),
            'rules' => $life->rulesBroken(),
            'minutes' => (int) round($life->tally->minutes),
            'money' => round($life->tally->money, 2),
            'brier' => round($life->tally->brier() ?? 0.0, 3),
            'said' => SaidAndWas::of($life->tally->beliefs),
        ];
    }
}
