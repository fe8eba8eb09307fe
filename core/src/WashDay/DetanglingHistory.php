<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Readings\Detangling;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** The detanglings of one head that were timed, on wash days and at the hair tests, each with what it depended on. */
final readonly class DetanglingHistory
{
    /**
     * @param list<WashDay>           $washDays
     * @param list<Reading>           $readings
     * @param list<DateTimeImmutable> $takenDown days on which a style came down
     *
     * @return list<array{day: DetanglingDay, minutes: float, date: DateTimeImmutable, clocked: bool}> minutes a section; by
     *     the clock, or as they were told of at home, where a plan is often told as it was
     */
    public static function of(Head $head, array $washDays, array $readings, array $takenDown = []): array
    {
        usort($washDays, static fn (WashDay $a, WashDay $b): int => $a->date <=> $b->date);
        $down = array_map(static fn (DateTimeImmutable $on): string => $on->format('Y-m-d'), $takenDown);
        $timed = $on = [];
        $last = null;
        foreach ($washDays as $washDay) {
            $date = $washDay->date->format('Y-m-d');
            $day = DetanglingDay::of(
                $washDay->steps,
                self::gapTimes($head, $last, $washDay->date),
                in_array($date, $down, true),
            );
            if ($day === null) {
                continue;
            }
            $last = $washDay->date;
            $on[$date] = true;
            $minutes = self::minutes($washDay);
            // Detangled, and nobody looked at the clock: it says when, not how fast.
            if (! $washDay->approximate && $minutes > 0.0) {
                $timed[] = [
                    'day' => $day, 'minutes' => $minutes / max(1, $head->sections),
                    'date' => $washDay->date, 'clocked' => $washDay->place === Place::Salon,
                ];
            }
        }

        return [...$timed, ...self::read($readings, $on, $down)];
    }

    /** @param DateTimeImmutable|null $last day of the detangling before; null: none is known */
    public static function gapTimes(Head $head, ?DateTimeImmutable $last, DateTimeImmutable $on): float
    {
        return DetanglingDay::gapTimes($head, $last === null ? null : Calendar::daysBetween($last, $on));
    }

    /**
     * @param list<WashDay> $washDays up to today
     *
     * @return DateTimeImmutable|null day of the last detangling, as far back as a plan looks; null: none is known
     */
    public static function last(array $washDays, DateTimeImmutable $today): ?DateTimeImmutable
    {
        $days = array_map(
            static fn (WashDay $day): DateTimeImmutable => $day->date,
            array_filter($washDays, static fn (WashDay $day): bool => $day->has(StepKind::Detangle)
                && $day->date >= $today->modify('-' . Planner::LOOKS_BACK_DAYS . ' days')),
        );

        return $days === [] ? null : max($days);
    }

    private static function minutes(WashDay $washDay): float
    {
        return array_sum(array_map(
            static fn (Step $step): float => $step->kind === StepKind::Detangle ? $step->minutes ?? 0.0 : 0.0,
            $washDay->steps,
        ));
    }

    /**
     * @param list<Reading>       $readings
     * @param array<string, bool> $on   days whose detangling stands among the wash days already
     * @param list<string>        $down
     *
     * @return list<array{day: DetanglingDay, minutes: float, date: DateTimeImmutable, clocked: bool}>
     */
    private static function read(array $readings, array $on, array $down): array
    {
        $timed = [];
        foreach ($readings as $reading) {
            $date = $reading->date->format('Y-m-d');
            foreach (isset($on[$date]) ? [] : $reading->measured as $measured) {
                if ($measured->sign === Sign::DetanglingMinutes && $measured->value > 0) {
                    $day = new DetanglingDay(isTakenDown: in_array($date, $down, true));
                    $timed[] = [
                        'day' => $day->by(self::tool($reading) ?? $day->tool, $day->state),
                        'minutes' => $measured->value, 'date' => $reading->date, 'clocked' => true,
                    ];
                }
            }
        }

        return $timed;
    }

    /** The tool that most of its timed sections were done with; null: nobody said. */
    private static function tool(Reading $reading): ?string
    {
        $timed = is_array($reading->raw['timed'] ?? null) ? $reading->raw['timed'] : [];
        $tools = array_count_values(array_filter(array_column($timed, 'tool'), is_string(...)));
        arsort($tools);
        $tool = array_key_first($tools);

        return in_array($tool, Detangling::TOOLS, true) ? $tool : null;
    }
}
