<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Head;
use App\Models\PlanItem;
use Nagomi\Core\Wording\Message;

/** Which rules a planned wash day breaks, and whether anything else was possible. */
final class BrokenRules
{
    private const TIME = 'rules.within-minutes.says';

    /** @return list<string> a sentence each */
    public static function of(PlanItem $item, Head $head): array
    {
        return array_map(static fn (Message $rule): string => match (true) {
            $item->by_hand !== null => Words::say('now.by-hand', ['rule' => Said::of($rule)]),
            $rule->key === self::TIME => self::tooLong($rule, $item, $head),
            default => Words::say('now.broken', ['rule' => Said::of($rule)]),
        }, $item->broken);
    }

    /** Of a child it is patience that ends, whatever time there is. */
    private static function tooLong(Message $rule, PlanItem $item, Head $head): string
    {
        $years = $rule->places['years'] ?? null;
        $most = $rule->places['child'] ?? null;
        $isChild = is_int($years) && is_int($most) && $item->minutes > $most
            && $head->born_on?->addYears($years)->greaterThan($item->date) === true
            && $head->minutes_limit === null;

        return $isChild
            ? Words::say('now.too-long-child', ['minutes' => (int) ceil($item->minutes), 'most' => $most])
            : Words::say('now.too-long', ['minutes' => (int) ceil($item->minutes)]);
    }
}
