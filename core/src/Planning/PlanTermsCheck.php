<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use InvalidArgumentException;
use Nagomi\Core\Head\Head;

/** What no terms of a plan may say. */
final class PlanTermsCheck
{
    /**
     * @throws InvalidArgumentException for an unknown treatment, a number below 0, an absence that ends before it
     *     begins, or a day set twice
     */
    public static function that(PlanTerms $terms): void
    {
        foreach (
            [
                ...$terms->notAtHome,
                ...array_keys($terms->stock),
                ...array_keys($terms->prices),
                ...array_keys($terms->barredUntil),
                ...array_column($terms->promised, 1),
            ] as $treatment
        ) {
            if (! in_array($treatment, PlanTerms::TREATMENTS, true)) {
                throw new InvalidArgumentException(
                    "{$treatment}: choose one of " . implode(', ', PlanTerms::TREATMENTS) . '.',
                );
            }
        }
        foreach ([...$terms->stock, ...$terms->prices] as $number) {
            if (is_nan((float) $number) || $number < 0) {
                throw new InvalidArgumentException('Stock and prices: give 0 or more.');
            }
        }
        $atHome = $terms->homeMinutesLimit ?? Head::LEAST_MINUTES_LIMIT;
        if ($atHome < Head::LEAST_MINUTES_LIMIT || $atHome > WeekTime::MOST_MINUTES) {
            throw new InvalidArgumentException('Longest wash day at home: give 10 to 480 minutes.');
        }
        foreach ($terms->away as [$first, $last]) {
            if ($last < $first) {
                throw new InvalidArgumentException('Days away: the last day comes before the first.');
            }
        }
        $days = array_map(static fn (FixedWashDay $set): string => $set->date->format('Y-m-d'), $terms->byHand);
        if (count(array_unique($days)) < count($days)) {
            throw new InvalidArgumentException('Set by hand: a day is set twice; set it once.');
        }
    }
}
