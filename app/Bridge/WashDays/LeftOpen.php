<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Salon;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * Wash days that were begun on an earlier day and never finished: nobody works on them any more, and what was done at
 * them counts for nothing until somebody says how they ended.
 */
final class LeftOpen
{
    /** Nobody tapped for so long: whoever washes past midnight does. */
    public const QUIET_HOURS = 3;

    /** @return Collection<int, WashSession> with their heads, the earliest first */
    public static function of(Salon $salon): Collection
    {
        $quiet = self::quiet();

        return WashSession::query()
            ->with(['head:id,salon_id,name'])
            ->where('salon_id', $salon->id)
            ->whereNull('finished_at')
            ->where('date', '<', $salon->today()->format('Y-m-d'))
            ->where('began_at', '<', $quiet)
            ->whereDoesntHave('acts', static fn (Builder $act): Builder => $act->where('acted_at', '>=', $quiet))
            ->orderBy('began_at')
            ->get();
    }

    public static function is(WashSession $washSession): bool
    {
        $quiet = self::quiet();
        $washSession->loadMissing('head.salon');
        $isBefore = $washSession->date->format('Y-m-d') < $washSession->head->salon->today()->format('Y-m-d');

        return $isBefore && $washSession->finished_at === null && $washSession->began_at?->lessThan($quiet) === true
            && $washSession->acts()->get()->every(
                static fn (WashSessionAct $act): bool => $act->acted_at->lessThan($quiet),
            );
    }

    private static function quiet(): CarbonImmutable
    {
        return CarbonImmutable::now()->subHours(self::QUIET_HOURS);
    }
}
