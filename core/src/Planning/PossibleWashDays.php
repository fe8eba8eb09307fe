<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * The days of a season on which the head can be washed: by the client's rhythm, round days away, on the weekdays with most
 * time, on days booked or set by hand, and on the eve of a day that counts.
 */
final readonly class PossibleWashDays
{
    /**
     * @param list<WashDay> $history
     * @param int|null      $every   days between two wash days, as the scalp asks for it; null: the client's own rhythm
     *
     * @return non-empty-list<int> days counted from today, ascending
     */
    public static function of(
        Head $head,
        array $history,
        PlanTerms $terms,
        DateTimeImmutable $today,
        int $horizon,
        ?int $every = null,
    ): array {
        $every ??= $head->washEveryDays;
        $last = null;
        foreach ($history as $washDay) {
            if ($washDay->has(StepKind::Cleanse)) {
                $last = max($last ?? -PHP_INT_MAX, Calendar::daysBetween($today, $washDay->date));
            }
        }
        $previous = $last ?? -$every;
        $fixed = self::fixed($terms, $today, $previous, $horizon, $head->parameters->washDay->movesDays);
        $days = [];
        while (true) {
            $gap = $terms->wishes->washEvery($today->modify(($previous + 1) . ' days')) ?? $every;
            $due = max($previous === 0 ? 1 : 0, $previous + $gap);
            $next = self::nextFixed($fixed, $previous, $due + intdiv($gap, 2));
            if ($next === null) {
                $next = self::withMostTime(
                    $terms,
                    $today,
                    $previous + $head->parameters->planning->washDaysApartDays,
                    $due,
                    min($head->parameters->washDay->movesDays, intdiv($gap, 2)),
                );
                // Put off by an absence or a weekday without time, it may have come near a fixed day, or past it.
                $next = self::nextFixed($fixed, $previous, $next + intdiv($gap, 2)) ?? $next;
            }
            if ($days !== [] && $next > $horizon) {
                return $days;
            }
            $days[] = $next;
            $previous = $next;
        }
    }

    /** @return list<int> days set by hand, booked, before a day that counts or of a take-down, ascending */
    private static function fixed(
        PlanTerms $terms,
        DateTimeImmutable $today,
        int $after,
        int $horizon,
        int $near,
    ): array {
        // Hair is at its best on its own day of a style, mostly the day after it was washed; what is booked stands.
        $before = array_filter(
            array_map(
                static fn (Occasion $best): DateTimeImmutable => $best->washedOn(),
                $terms->of(OccasionKind::BestDay),
            ),
            static fn (DateTimeImmutable $eve): bool => $terms->canWash($eve)
                && ! self::isNearSalonDay($terms, $eve, $near),
        );
        $dates = [
            ...array_map(static fn (FixedWashDay $set): DateTimeImmutable => $set->date, $terms->byHand),
            ...$terms->salonDays ?? [],
            ...$before,
            ...$terms->takeDownOn === null ? [] : [$terms->takeDownOn],
        ];
        $days = array_filter(
            array_map(static fn (DateTimeImmutable $date): int => Calendar::daysBetween($today, $date), $dates),
            static fn (int $day): bool => $day >= 0 && $day > $after && $day <= $horizon,
        );
        sort($days);

        return array_values(array_unique($days));
    }

    private static function isNearSalonDay(PlanTerms $terms, DateTimeImmutable $day, int $near): bool
    {
        return array_filter(
            $terms->salonDays ?? [],
            static fn (DateTimeImmutable $salon): bool => abs(Calendar::daysBetween($day, $salon)) <= $near,
        ) !== [];
    }

    /** @param list<int> $fixed */
    private static function nextFixed(array $fixed, int $after, int $by): ?int
    {
        foreach ($fixed as $day) {
            if ($day > $after) {
                return $day <= $by ? $day : null;
            }
        }

        return null;
    }

    /** The due day, or another as near as may be that has more time for a wash. */
    private static function withMostTime(
        PlanTerms $terms,
        DateTimeImmutable $today,
        int $earliest,
        int $due,
        int $moves,
    ): int {
        $due = self::roundAbsence($terms, $today, $earliest, $due);
        if (! $terms->week->isSet()) {
            return $due;
        }
        $days = [$today->modify("+{$due} days")];
        for ($apart = 1; $apart <= $moves; $apart++) {
            foreach ([$due - $apart, $due + $apart] as $day) {
                $date = $today->modify("{$day} days");
                if ($day >= max(0, $earliest) && $terms->canWash($date)) {
                    $days[] = $date;
                }
            }
        }

        return Calendar::daysBetween($today, $terms->week->longestOf($days));
    }

    /** The due day itself, else the last day before an absence or a weekday without time, else the first one after. */
    private static function roundAbsence(PlanTerms $terms, DateTimeImmutable $today, int $earliest, int $due): int
    {
        $canWash = static fn (int $day): bool => $terms->canWash($today->modify("+{$day} days"));
        for ($day = $due; $day >= max(0, $earliest); $day--) {
            if ($canWash($day)) {
                return $day;
            }
        }
        for ($day = $due; ! $canWash($day); $day++);

        return $day;
    }
}
