<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\PlanItem;
use Nagomi\Core\Wording\Message;

/** The reasons of wash days in a row: what was said at length of an earlier one is said once. */
final class ReasonLines
{
    /**
     * @param iterable<PlanItem> $items in order of time
     * @param int|null           $most  reasons shown of each; null: all
     * @param string|null        $without key of a reason that is said elsewhere on the page; null: none is
     *
     * @return array<int, list<string>> by id of the item
     */
    public static function of(iterable $items, ?int $most = null, ?string $without = null): array
    {
        $said = $lines = [];
        foreach ($items as $item) {
            $lines[$item->id] = [];
            $reasons = array_filter($item->reasons, static fn (Message $one): bool => $one->key !== $without);
            foreach (array_slice($reasons, 0, $most) as $reason) {
                $mark = self::mark($reason);
                $words = Said::of($reason);
                $lines[$item->id][] = isset($said[$mark]) ? self::again($words) : $words;
                $said[$mark] = true;
            }
        }

        return $lines;
    }

    /** What else is in the way may differ from day to day; what is in the way first is said once. */
    private static function mark(Message $reason): string
    {
        $rules = $reason->places['rules'] ?? null;
        $first = $rules instanceof Message ? $rules->places['sentences'] ?? null : null;

        return json_encode(is_array($first) ? [$reason->key, $first[0] ?? null] : $reason, JSON_THROW_ON_ERROR);
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
