<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Times at which several clients who come together can be had, beside what is booked: at once with different hands, one
 * in the other's waits, or one after the other. The less time from the first coming to the last leaving, the better.
 */
final readonly class TogetherOpenings
{
    /** So many of the nearest times of each are tried before a group is given up. */
    private const MOST_TRIED = 40;

    private function __construct(private int $mostBetweenMinutes)
    {
    }

    /**
     * @param non-empty-list<list<Opening>> $openings of each client alone, in their order
     *
     * @return list<non-empty-list<Opening>> one of each client, in that order; of each start of the first client the
     *     group that is through soonest, the earliest first
     */
    public static function of(DaySchedule $schedule, array $openings): array
    {
        $search = new self($schedule->day->parameters->mostBetweenTogetherMinutes);
        $room = Occupancy::of($schedule->day, $schedule->placed);
        $best = [];
        foreach ($openings[0] as $first) {
            $group = $search->beside($room->with($first->placement), [$first], array_slice($openings, 1));
            $start = $first->placement->start();
            if ($group !== null && (! isset($best[$start]) || self::span($group) < self::span($best[$start]))) {
                $best[$start] = $group;
            }
        }
        ksort($best);

        return array_values($best);
    }

    /**
     * @param non-empty-list<Opening> $group
     * @param list<list<Opening>>     $rest
     *
     * @return non-empty-list<Opening>|null null: the others find no place near
     */
    private function beside(Occupancy $room, array $group, array $rest): ?array
    {
        if ($rest === []) {
            return $group;
        }
        foreach ($this->near($group, $rest[0]) as $next) {
            if ($room->has($next->placement)) {
                $found = $this->beside($room->with($next->placement), [...$group, $next], array_slice($rest, 1));
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<Opening> $group
     * @param list<Opening>           $openings
     *
     * @return list<Opening> those that are not far from the group, the nearest first
     */
    private function near(array $group, array $openings): array
    {
        [$from, $until] = self::ends($group);
        $near = array_filter($openings, fn (Opening $one): bool
            => $one->placement->start() <= $until + $this->mostBetweenMinutes
            && $one->placement->finish >= $from - $this->mostBetweenMinutes);
        usort($near, static fn (Opening $a, Opening $b): int => [
            self::span([...$group, $a]), abs($a->placement->start() - $from), $a->lostMinutes,
        ] <=> [self::span([...$group, $b]), abs($b->placement->start() - $from), $b->lostMinutes]);

        return array_slice($near, 0, self::MOST_TRIED);
    }

    /**
     * @param non-empty-list<Opening> $group
     *
     * @return int minutes from the first coming to the last leaving
     */
    public static function span(array $group): int
    {
        [$from, $until] = self::ends($group);

        return $until - $from;
    }

    /**
     * @param non-empty-list<Opening> $group
     *
     * @return array{int, int} minute of the day the first comes, and the last leaves
     */
    private static function ends(array $group): array
    {
        return [
            min(array_map(static fn (Opening $one): int => $one->placement->start(), $group)),
            max(array_map(static fn (Opening $one): int => $one->placement->finish, $group)),
        ];
    }
}
