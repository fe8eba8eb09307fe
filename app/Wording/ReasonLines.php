<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\PlanItem;

/** The reasons of wash days in a row: what was said at length of an earlier one is said once. */
final class ReasonLines
{
    /**
     * @param iterable<PlanItem> $items in order of time
     * @param int|null           $most  reasons shown of each; null: all
     *
     * @return array<int, list<string>> by id of the item
     */
    public static function of(iterable $items, ?int $most = null): array
    {
        $said = $lines = [];
        foreach ($items as $item) {
            $lines[$item->id] = [];
            foreach (array_slice($item->reasons, 0, $most) as $reason) {
                // What else is in the way may differ from day to day; what is in the way first is said once.
                $first = explode(' To change that: ', $reason)[0];
                $lines[$item->id][] = isset($said[$first]) ? self::again($reason) : $reason;
                $said[$first] = true;
            }
        }

        return $lines;
    }

    /** Its first sentence, where more follow it. */
    private static function again(string $reason): string
    {
        $end = strpos($reason, '. ');

        return $end === false
            ? $reason
            : Words::say('plan.as-above', ['first' => substr($reason, 0, $end + 1)]);
    }
}
