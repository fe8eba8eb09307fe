<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use App\Models\PaceDay;
use App\Models\WashSession;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\PaceHistory;

/** What the pace of a head is learned from beside its wash days and readings, as it is kept. */
final class StoredPace
{
    /** Tests by the clock. */
    public const TESTS = ['drying', 'detangling'];

    /** How far back it is learned from. */
    public static function since(DateTimeImmutable $today): DateTimeImmutable
    {
        return $today->modify('-' . Pace::OVER_DAYS . ' days');
    }

    public static function history(Head $head, ?DateTimeImmutable $since = null): PaceHistory
    {
        $dried = $takenDown = [];
        $days = $head->paceDays()->where('date', '>=', $since?->format('Y-m-d') ?? '0001-01-01')->get();
        foreach ($days as $day) {
            $on = Calendar::dayOf($day->date);
            if ($day->what === PaceDay::TAKEN_DOWN) {
                $takenDown[] = $on;
            } elseif ($day->by !== null && $day->minutes !== null) {
                $dried[] = new DriedDay($on, $day->by, $day->minutes, $day->heavy);
            }
        }

        return new PaceHistory($dried, $takenDown);
    }

    public static function takeIn(Head $head, PaceHistory $history): void
    {
        foreach ($history->dried as $day) {
            self::dried($head, $day);
        }
        foreach ($history->takenDown as $on) {
            self::takenDown($head, $on);
        }
    }

    /** @param string|null $step the step of the wash day it was timed on */
    public static function dried(Head $head, DriedDay $day, ?WashSession $on = null, ?string $step = null): void
    {
        self::keep($head, $day->date, [
            'wash_session_id' => $on?->id, 'step' => $step,
            'what' => PaceDay::DRIED, 'by' => $day->by, 'minutes' => round($day->minutes, 1),
            'heavy' => $day->isHeavy,
        ]);
    }

    public static function takenDown(Head $head, DateTimeImmutable $on): void
    {
        self::keep($head, $on, ['what' => PaceDay::TAKEN_DOWN]);
    }

    /** @param array<string, mixed> $columns */
    private static function keep(Head $head, DateTimeImmutable $on, array $columns): void
    {
        $day = new PaceDay($columns + ['head_id' => $head->id, 'date' => $on->format('Y-m-d')]);
        $day->salon_id = $head->salon_id;
        $day->save();
    }

    /** The last day up to today, as far back as a plan looks, on which this head was detangled; null: none is known. */
    public static function lastDetangled(Head $head, DateTimeImmutable $today): ?DateTimeImmutable
    {
        $last = $head->washDays()
            ->reorder()
            ->where('date', '<=', $today->format('Y-m-d'))
            ->where('date', '>=', $today->modify('-' . Planner::LOOKS_BACK_DAYS . ' days')->format('Y-m-d'))
            ->whereHas('steps', fn (Builder $steps): Builder => $steps->where('kind', StepKind::Detangle->value))
            ->max('date');

        return is_string($last) ? Calendar::day(substr($last, 0, 10)) : null;
    }
}
