<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Pictures\BalanceRiver;
use InvalidArgumentException;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Season\Change;
use Nagomi\Core\Season\Future;
use Nagomi\Core\Season\WhatIf;

/** Two futures of a head side by side. Nothing is stored: it is a question, not a plan. */
final class WhatIfPage
{
    /** @return array<string, mixed> */
    public static function of(Head $head, string $asked, ?float $number): array
    {
        $change = Change::tryFrom($asked);
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $page = ['head' => $head, 'outlook' => Renewal::current($head), 'change' => $change, 'number' => $number, 'wrong' => null, 'futures' => []];
        if ($change === null) {
            return $page;
        }
        $today = HeadRecord::date($head->salon->today());
        $frame = HeadRecord::frame($head);
        $from = StoredDays::before($head, $frame, $today->modify('+1 day'));
        $start = Filter::through(HeadRecord::after($head, $frame, $from?->date), $today, $from)->last();
        try {
            $whatIf = WhatIf::of($start, HeadRecord::lately($head, $today), $change, $number, Renewal::WEEKS_AHEAD, HeadRecord::terms($head));
        } catch (InvalidArgumentException $wrong) {
            return ['wrong' => $wrong->getMessage()] + $page;
        }

        return ['futures' => [
            'as planned' => self::future($whatIf->asPlanned),
            'with the change' => self::future($whatIf->changed),
        ]] + $page;
    }

    /** @return array<string, mixed> */
    private static function future(Future $future): array
    {
        return [
            'river' => BalanceRiver::of(OutlookParts::riverAhead($future)),
            'days' => round($future->daysOutOfBand, 1),
            'minutes' => (int) round($future->minutes),
            'cost' => round($future->cost, 1),
            'price' => round($future->price, 1),
            'wash_days' => count($future->washDays),
            'masks' => count(array_filter($future->choices, fn ($choice): bool => $choice->masks())),
            'proteins' => count(array_filter($future->choices, fn ($choice): bool => $choice->protein !== null)),
            'clarifies' => count(array_filter($future->choices, fn ($choice): bool => $choice->cleanse->clarifies())),
        ];
    }
}
