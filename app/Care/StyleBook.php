<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Style;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\WashDay\Styling;
use Nagomi\Core\WashDay\TakeDown;

/** Follows a style day by day until it is no longer good; then its life goes to the Bench. */
final class StyleBook
{
    /** What can be done to keep a style. */
    public const KEEPING = ['refreshed', 'covered', 'lifted'];

    private const MOST_DAYS = 60;

    /** A new style ends the one before. */
    public static function begin(Head $head, Styling $styling, DateTimeImmutable $on, ?int $staysDays = null): Style
    {
        return DB::transaction(function () use ($head, $styling, $on, $staysDays): Style {
            Style::query()->where('head_id', $head->id)->whereNull('ended_on')->update(['ended_on' => $on->format('Y-m-d')]);
            $style = new Style(['head_id' => $head->id, 'styling' => $styling->value, 'made_on' => $on->format('Y-m-d'), 'stays_days' => $staysDays, 'log' => []]);
            $style->salon_id = $head->salon_id;
            $style->save();

            return $style;
        });
    }

    public static function running(Head $head): ?Style
    {
        /** @var Style|null */
        return Style::query()->where('head_id', $head->id)->whereNull('ended_on')->latest('id')->first();
    }

    public static function keep(Style $style, DateTimeImmutable $on, string $what): void
    {
        $log = $style->log;
        $day = $on->format('Y-m-d');
        $log[$day] = array_values(array_unique([...$log[$day] ?? [], $what]));
        ksort($log);
        $style->update(['log' => $log]);
    }

    /** The style was last good on a day: its days and refreshes are a reading like any other, taken at home. */
    public static function end(Head $head, Style $style, DateTimeImmutable $lastGood, string $by): void
    {
        DB::transaction(function () use ($head, $style, $lastGood, $by): void {
            $style->update(['ended_on' => $lastGood->format('Y-m-d')]);
            $days = (int) HeadRecord::date($style->made_on)->diff($lastGood)->days + 1;
            $refreshes = count(array_filter($style->log, fn (array $done): bool => in_array('refreshed', $done, true)));
            if ($days <= self::MOST_DAYS) {
                VisitBook::take($head, strtolower((string) Str::ulid()), [new Reading(strtolower((string) Str::ulid()), $lastGood, Moment::Home, 'style-life', ['days' => $days, 'refreshes' => min(30, $refreshes)], null, $by)], $by);
            }
        });
    }

    public static function takeDown(Style $style, DateTimeImmutable $today): ?TakeDown
    {
        $styling = Styling::tryFrom($style->styling);

        return $styling === null ? null : TakeDown::of($styling, HeadRecord::date($style->made_on), $today, $style->stays_days);
    }
}
