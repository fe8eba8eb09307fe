<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\PlanItem;
use Nagomi\Core\Wording\Message;

/** Which rules a planned wash day breaks, and whether anything else was possible. */
final class BrokenRules
{
    private const TIME = 'rules.within-minutes.says';

    /** @return list<string> a sentence each */
    public static function of(PlanItem $item): array
    {
        return array_map(static fn (Message $rule): string => match (true) {
            $item->by_hand !== null => Words::say('now.by-hand', ['rule' => Said::of($rule)]),
            $rule->key === self::TIME => Words::say('now.too-long', ['minutes' => (int) ceil($item->minutes)]),
            default => Words::say('now.broken', ['rule' => Said::of($rule)]),
        }, $item->broken);
    }
}
