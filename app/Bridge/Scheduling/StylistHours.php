<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Leave;
use App\Models\Salon;
use App\Models\WorkingHours;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Whose hands are there when on a day: the hours of its weekday, less leave. */
final readonly class StylistHours
{
    /**
     * @param array<string, non-empty-list<array{int, int}>> $there spans of each stylist who is there, by hands
     * @param array<string, list<array{int, int}>>           $away  spans of leave, by hands
     */
    private function __construct(public array $there, public array $away)
    {
    }

    public static function on(Salon $salon, CarbonImmutable $date): self
    {
        return self::from($salon, $date, 1)[0];
    }

    /**
     * @param int<1, max> $days
     *
     * @return non-empty-list<self> of each of some days running
     */
    public static function from(Salon $salon, CarbonImmutable $date, int $days): array
    {
        $last = $date->addDays($days - 1);
        /** @var Collection<int, Leave> $leaves */
        $leaves = Leave::query()
            ->where('salon_id', $salon->id)
            ->where('from', '<=', $last->format('Y-m-d'))
            ->where('until', '>=', $date->format('Y-m-d'))
            ->orderBy('id')
            ->get();
        /** @var Collection<int, WorkingHours> $spans */
        $spans = WorkingHours::query()
            ->where('salon_id', $salon->id)
            ->when($days === 1, static fn (Builder $query): Builder => $query->where('weekday', $date->dayOfWeekIso))
            ->orderBy('user_id')
            ->orderBy('from_minute')
            ->get();

        return array_map(
            static fn (int $after): self => self::told($salon, $date->addDays($after), $leaves, $spans),
            range(0, $days - 1),
        );
    }

    /**
     * @param Collection<int, Leave>        $leaves
     * @param Collection<int, WorkingHours> $spans
     */
    private static function told(Salon $salon, CarbonImmutable $date, Collection $leaves, Collection $spans): self
    {
        $day = $date->format('Y-m-d');
        $away = $there = [];
        foreach ($leaves as $leave) {
            if ($leave->from->format('Y-m-d') <= $day && $leave->until->format('Y-m-d') >= $day) {
                $away[SalonSchedule::hands($leave->user_id)][] = $leave->spanOn($day);
            }
        }
        $spans = $spans->where('weekday', $date->dayOfWeekIso);
        $ends = SalonClock::changesInTheNight($salon, $date, max([0, ...$spans->map(
            static fn (WorkingHours $span): int => $span->until_minute,
        )->all()])) ?? PHP_INT_MAX;
        foreach ($spans as $span) {
            $hands = SalonSchedule::hands($span->user_id);
            // In the night the clocks change, hours end then: nobody's time is twice, or none at all.
            $gone = [...$away[$hands] ?? [], [$ends, PHP_INT_MAX]];
            foreach (self::less([[$span->from_minute, $span->until_minute]], $gone) as $left) {
                $there[$hands][] = $left;
            }
        }

        return new self($there, $away);
    }

    /**
     * @param list<array{int, int}> $spans
     * @param list<array{int, int}> $away
     *
     * @return list<array{int, int}>
     */
    private static function less(array $spans, array $away): array
    {
        foreach ($away as [$from, $until]) {
            $left = [];
            foreach ($spans as [$begins, $ends]) {
                foreach ([[$begins, min($ends, $from)], [max($begins, $until), $ends]] as [$first, $last]) {
                    if ($last > $first) {
                        $left[] = [$first, $last];
                    }
                }
            }
            $spans = $left;
        }

        return $spans;
    }
}
