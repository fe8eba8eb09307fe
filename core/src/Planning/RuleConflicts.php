<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\WithinMinutes;

/** Finds which rules clash on a day without a way open, and which of them, alone, would free it. */
final class RuleConflicts
{
    /** @param non-empty-list<WashOption> $choices */
    public static function on(DateTimeImmutable $date, array $choices, RuleContext $standing): RuleConflict
    {
        $rules = $frees = [];
        $minutes = INF;
        foreach ($choices as $choice) {
            $barring = RuleCatalogue::barring($choice, $standing);
            foreach ($barring as $rule) {
                // Rules on treatments that another way does without do not clash with anything.
                if (count($barring) === 1) {
                    $rules[$rule->key()] = $rule->sentence($standing->limits());
                    $frees[$rule->key()] = $rule->frees();
                    $minutes = $rule instanceof WithinMinutes
                        ? min($minutes, $standing->minutes($choice))
                        : $minutes;
                }
            }
        }
        if ($rules === []) {
            foreach ($choices as $choice) {
                foreach (RuleCatalogue::barring($choice, $standing) as $rule) {
                    $rules[$rule->key()] = $rule->sentence($standing->limits());
                    $frees['both'] = 'change more than one of these: none alone frees the day';
                }
            }
        }
        if ($minutes < INF) {
            $frees['within-minutes'] = sprintf('allow the day at least %d minutes', (int) ceil($minutes));
        }

        return new RuleConflict($date, array_values($rules), array_values($frees));
    }
}
