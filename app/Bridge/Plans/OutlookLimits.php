<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\Outlook;
use Nagomi\Core\Planning\LimitsCost;
use Nagomi\Core\Planning\RelaxedLimit;

/**
 * What relaxing the limits of a plan would free. It takes a plan for each limit, so it is worked out when somebody
 * looks, once for each outlook, and not with every write.
 */
final readonly class OutlookLimits
{
    public function __construct(private HeadRecord $headRecord, private WhatIfQuestion $whatIfQuestion)
    {
    }

    /** @return list<StoredLimit>|null null where no limit costs anything worth saying */
    public function of(Head $head, Outlook $outlook): ?array
    {
        if ($outlook->limits_due) {
            [$today, $lately] = $this->whatIfQuestion->today($head);
            $terms = $this->headRecord->terms($head);
            $relaxed = LimitsCost::of($today, $lately, Outlooks::WEEKS_AHEAD, $terms, $outlook->days_out);
            // Looking at it does not make an outlook newer.
            Outlook::withoutTimestamps(
                static fn (): bool => $outlook->update(['limits_due' => false, 'limits' => self::plain($relaxed)]),
            );
        }

        return $outlook->limits;
    }

    /**
     * @param list<RelaxedLimit> $relaxed
     *
     * @return list<StoredLimit>|null
     */
    private static function plain(array $relaxed): ?array
    {
        return $relaxed === [] ? null : array_map(static fn (RelaxedLimit $one): array => [
            'limit' => $one->limit->value,
            'to' => $one->to,
            'out' => round($one->daysOut, 1),
            'gained' => round($one->daysGained, 1),
            'weekday' => $one->weekday,
        ], $relaxed);
    }
}
