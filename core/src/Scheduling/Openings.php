<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Every time at which one more client can begin while everybody else keeps theirs to the minute. Which are good ones
 * shows in what they leave: a gap that is too short for anybody is lost.
 */
final readonly class Openings
{
    /** @var array<string, array{int, int, int}> slots taken, by hands */
    private array $taken;

    private function __construct(private DaySchedule $schedule)
    {
        $taken = [];
        foreach ($schedule->placed as $placement) {
            $taken[$placement->hands] = self::union($taken[$placement->hands] ?? [0, 0, 0], $placement->mask);
        }
        $this->taken = $taken;
    }

    /** @return list<Opening> the earliest first; of each start and hands the one with the shortest waits */
    public static function of(DaySchedule $schedule, Appointment $appointment): array
    {
        $search = new self($schedule);
        $free = Occupancy::of($schedule->day, $schedule->placed)
            ->free(Placements::of($appointment, $schedule->day), INF);
        $least = [];
        foreach ($free as $placement) {
            // Nobody is offered somebody else's break, nor the time after closing.
            if ($placement->isWithinHours()) {
                $least["{$placement->start()} {$placement->hands}"] ??= $placement;
            }
        }
        usort($least, static fn (Placement $a, Placement $b): int => [
            $a->start(), array_sum($a->holds), $a->hands,
        ] <=> [$b->start(), array_sum($b->holds), $b->hands]);

        return array_map(
            static fn (Placement $placement): Opening => new Opening($placement, $search->lost($placement)),
            $least,
        );
    }

    private function lost(Placement $placement): int
    {
        $taken = $this->taken[$placement->hands] ?? [0, 0, 0];

        return max(0, $this->uselessMinutes($placement->hands, self::union($taken, $placement->mask))
            - $this->uselessMinutes($placement->hands, $taken));
    }

    /**
     * @param array{int, int, int} $taken
     *
     * @return int minutes of the hours that lie free and are too short to be used
     */
    private function uselessMinutes(string $hands, array $taken): int
    {
        $parameters = $this->schedule->day->parameters;
        $useless = 0;
        foreach ($this->schedule->day->hours[$hands] ?? [] as [$from, $until]) {
            $run = 0;
            $last = $this->schedule->day->slot($until);
            for ($slot = $this->schedule->day->slot($from); $slot <= $last; $slot++) {
                if ($slot < $last && ! self::has($taken, $slot)) {
                    $run += $parameters->gridMinutes;

                    continue;
                }
                $useless += $run < $parameters->leastUsefulGapMinutes ? $run : 0;
                $run = 0;
            }
        }

        return $useless;
    }

    /**
     * @param array{int, int, int} $mask
     *
     * @return bool what lies before or after the day that is looked at is of no use either
     */
    private static function has(array $mask, int $slot): bool
    {
        return $slot < 0 || $slot >= SalonDay::WORDS * SalonDay::BITS || ($mask[intdiv($slot, SalonDay::BITS)] >> ($slot % SalonDay::BITS) & 1) === 1;
    }

    /**
     * @param array{int, int, int} $one
     * @param array{int, int, int} $other
     *
     * @return array{int, int, int}
     */
    private static function union(array $one, array $other): array
    {
        return [$one[0] | $other[0], $one[1] | $other[1], $one[2] | $other[2]];
    }
}
