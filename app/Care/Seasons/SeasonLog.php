<?php

declare(strict_types=1);

namespace App\Care\Seasons;

use App\Care\OutlookRefresh;
use App\Models\Head;
use App\Models\SeasonEdit;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Keeps every change of what a season must keep to, so that it can be undone and done again. */
final class SeasonLog
{
    /**
     * @param array<string, mixed> $season
     * @param int|null             $seen   the last change whoever makes this one has seen; null: it does not hang on any
     *
     * @throws DomainException where somebody else changed it meanwhile
     */
    public static function keep(Head $head, array $season, string $says, string $by, ?int $seen = null): void
    {
        self::alone($head, $seen, function () use ($head, $season, $says, $by): void {
            // What was undone cannot be done again once something else is done.
            SeasonEdit::query()->where('head_id', $head->id)->whereNotNull('undone_at')->delete();
            SeasonEdit::query()->create(['salon_id' => $head->salon_id, 'head_id' => $head->id, 'before' => $head->season, 'after' => $season, 'says' => mb_substr($says, 0, 400), 'by' => $by, 'made_at' => now()]);
            $head->update(['season' => $season]);
        });
    }

    /** @return string|null what was undone; null where there is nothing */
    public static function undo(Head $head, ?int $seen): ?string
    {
        $edit = self::last($head);
        if ($edit !== null) {
            self::alone($head, $seen, function () use ($head, $edit): void {
                $edit->update(['undone_at' => now()]);
                $head->update(['season' => $edit->before]);
            });
        }

        return $edit?->says;
    }

    /** @return string|null what was done again */
    public static function redo(Head $head, ?int $seen): ?string
    {
        $edit = self::next($head);
        if ($edit !== null) {
            self::alone($head, $seen, function () use ($head, $edit): void {
                $edit->update(['undone_at' => null]);
                $head->update(['season' => $edit->after]);
            });
        }

        return $edit?->says;
    }

    public static function last(Head $head): ?SeasonEdit
    {
        /** @var SeasonEdit|null */
        return SeasonEdit::query()->where('head_id', $head->id)->whereNull('undone_at')->latest('id')->first();
    }

    public static function next(Head $head): ?SeasonEdit
    {
        /** @var SeasonEdit|null */
        return SeasonEdit::query()->where('head_id', $head->id)->whereNotNull('undone_at')->oldest('id')->first();
    }

    private static function alone(Head $head, ?int $seen, callable $act): void
    {
        DB::transaction(function () use ($head, $seen, $act): void {
            Head::query()->whereKey($head->id)->lockForUpdate()->first();
            $last = self::last($head);
            if ($seen !== null && $seen !== ($last->id ?? 0)) {
                throw new DomainException($last === null ? 'Somebody took the last change back meanwhile; yours is not made. Look at the season anew.' : "{$last->by} changed this season meanwhile: “{$last->says}” Yours is not made; look at both and do it again.");
            }
            $act();
            // Terms weigh on the days ahead only.
            OutlookRefresh::after($head, $head->salon->today());
        });
    }
}
