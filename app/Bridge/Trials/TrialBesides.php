<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Models\Head;
use App\Models\Trial;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Wording\Words;
use Illuminate\Support\Collection;

/** What else was changed at the same time as what is tried out. */
final readonly class TrialBesides
{
    /** A habit is what was done on at least half of the wash days. */
    private const HABIT_FROM = 0.5;

    /** @return list<string> what else became a habit, or stopped being one, with the change */
    public function of(Head $head, Trial $trial): array
    {
        $days = $head
            ->washDays()
            ->with('steps')
            ->where('date', '>=', $trial->began_on->subDays(90)->format('Y-m-d'))
            ->get();
        $habits = function (Collection $days): array {
            $done = [];
            /** @var iterable<WashDay> $each */
            $each = $days->all();
            foreach ($each as $day) {
                foreach ($day->steps->map(fn (WashStep $step): string => $this->habit($step))->unique() as $habit) {
                    $done[$habit] = ($done[$habit] ?? 0) + 1;
                }
            }

            return array_keys(array_filter(
                $done,
                fn (int $times): bool => $times >= self::HABIT_FROM * max(1, $days->count()),
            ));
        };
        $before = $days->filter(fn (WashDay $day): bool => $day->date < $trial->began_on);
        $after = $days->filter(fn (WashDay $day): bool => $day->date >= $trial->began_on);
        if ($before->isEmpty() || $after->isEmpty()) {
            return [];
        }

        return [
            ...array_map(
                fn (string $habit): string => Words::say('trial-results.habit-new', ['habit' => $habit]),
                array_values(array_diff($habits($after), $habits($before))),
            ),
            ...array_map(
                fn (string $habit): string => Words::say('trial-results.habit-gone', ['habit' => $habit]),
                array_values(array_diff($habits($before), $habits($after))),
            ),
        ];
    }

    private function habit(WashStep $step): string
    {
        $words = $step->cleanse === null ? Words::of("steps.{$step->kind}") : Words::of("cleanses.{$step->cleanse}");

        return $words
            . ($step->heat ? ' ' . Words::say('trial-results.with-heat') : '')
            . ($step->product === null ? '' : " ({$step->product})");
    }
}
