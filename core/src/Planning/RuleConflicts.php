<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Planning\Rules\RulesInForce;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Planning\Rules\WithinMinutes;
use Nagomi\Core\Wording\Message;

/** Finds which rules clash on a day without a way open, and which of them, alone, would free it. */
final class RuleConflicts
{
    /** @param non-empty-list<WashOption> $choices */
    public static function on(
        DateTimeImmutable $date,
        array $choices,
        RuleContext $standing,
        RulesInForce $inForce,
    ): RuleConflict {
        $rules = $frees = [];
        $minutes = INF;
        foreach ($choices as $choice) {
            // Rules on treatments that another way does without do not clash with anything.
            $isAlone = $inForce->breaks($choice, $standing, 1) === 1;
            foreach ($isAlone ? $inForce->barring($choice, $standing) : [] as $rule) {
                $rules[$rule->key()] = RuleWords::sentence($rule, $standing->limits());
                $frees[$rule->key()] = RuleWords::frees($rule);
                $minutes = $rule instanceof WithinMinutes
                    ? min($minutes, $standing->exactMinutes($choice))
                    : $minutes;
            }
        }
        if ($rules === []) {
            foreach ($choices as $choice) {
                foreach ($inForce->barring($choice, $standing) as $rule) {
                    $rules[$rule->key()] = RuleWords::sentence($rule, $standing->limits());
                    $frees['both'] = Message::of('planning.frees.more-than-one');
                }
            }
        }
        if ($minutes < INF) {
            $frees['within-minutes'] = Message::of('planning.frees.minutes', minutes: (int) ceil($minutes));
        }

        return new RuleConflict($date, array_values($rules), array_values($frees));
    }
}
