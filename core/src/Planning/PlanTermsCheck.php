<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** What no terms of a plan may say. */
final class PlanTermsCheck
{
    /**
     * @throws RefusedInput for an unknown treatment, a number below 0, an absence that ends before it
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
                throw new RefusedInput(Message::of(
                    'refusals.one-of',
                    what: $treatment,
                    choices: PlanTerms::TREATMENTS,
                ));
            }
        }
        foreach ([...$terms->stock, ...$terms->prices, $terms->priceLevel - 1] as $number) {
            if (is_nan((float) $number) || $number < 0) {
                throw new RefusedInput(Message::of('refusals.stock'));
            }
        }
        $atHome = $terms->homeMinutesLimit ?? Head::LEAST_MINUTES_LIMIT;
        if ($atHome < Head::LEAST_MINUTES_LIMIT || $atHome > WeekTime::MOST_MINUTES) {
            throw new RefusedInput(
                Message::of('refusals.home-minutes', least: Head::LEAST_MINUTES_LIMIT, most: WeekTime::MOST_MINUTES),
            );
        }
        foreach ($terms->away as [$first, $last]) {
            if ($last < $first) {
                throw new RefusedInput(Message::of('refusals.away'));
            }
        }
        $days = array_map(static fn (FixedWashDay $set): string => $set->date->format('Y-m-d'), $terms->byHand);
        if (count(array_unique($days)) < count($days)) {
            throw new RefusedInput(Message::of('refusals.day-twice'));
        }
    }
}
