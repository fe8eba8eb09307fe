<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Where a promise is not kept, or somebody finds no place: which client could go to whose hands instead, no later than
 * with their own, and everybody else of those hands kept to the minute. It is proposed, never done: the client has to agree.
 */
final readonly class Exchanges
{
    /** More than these nobody asks about at once. */
    private const MOST = 3;

    private function __construct(private DaySchedule $schedule)
    {
    }

    /** @return list<Exchange> at most one a client: who is under way first, then what saves most */
    public static function of(DaySchedule $schedule): array
    {
        $search = new self($schedule);
        $found = [];
        foreach ($search->troubled() as $hands) {
            foreach ($schedule->appointments as $appointment) {
                $best = $appointment->hands === $hands && $search->canGo($appointment)
                    ? $search->best($appointment, $hands)
                    : null;
                if ($best !== null) {
                    $found[] = $best;
                }
            }
        }
        // Who sits without hands comes before who is still to come.
        usort($found, static fn (Exchange $a, Exchange $b): int => [
            $b->appointment->isUnderWay(), $b->saves,
        ] <=> [$a->appointment->isUnderWay(), $a->saves]);

        return $search->together($found);
    }

    /**
     * @param list<Exchange> $found
     *
     * @return list<Exchange> those that can all be done: each of other hands' time, and one for hands that are there
     */
    private function together(array $found): array
    {
        $together = $relieved = [];
        $room = Occupancy::of($this->schedule->day);
        foreach ($found as $exchange) {
            $hands = $exchange->appointment->hands ?? '';
            if (
                count($together) < self::MOST
                    && ($this->isAway($exchange->appointment) || ! isset($relieved[$hands]))
                    && $room->has($exchange->placement)
            ) {
                $together[] = $exchange;
                $relieved[$hands] = true;
                $room = $room->with($exchange->placement);
            }
        }

        return $together;
    }

    /** @return list<string> hands whose promises are not kept, or that are not there at all */
    private function troubled(): array
    {
        $keys = array_flip([...$this->schedule->brokenPromises(), ...$this->schedule->without()]);
        $troubled = [];
        foreach ($this->schedule->appointments as $appointment) {
            if ($appointment->hands !== null && ($this->isAway($appointment) || isset($keys[$appointment->key]))) {
                $troubled[$appointment->hands] = $appointment->hands;
            }
        }

        return array_values($troubled);
    }

    /** Who sits is not handed on, unless these hands have gone. */
    private function canGo(Appointment $appointment): bool
    {
        return ! $appointment->stays && ($this->isAway($appointment) || ! $appointment->isUnderWay());
    }

    private function isAway(Appointment $appointment): bool
    {
        return $this->schedule->day->isGone($appointment->hands ?? '', $appointment->from());
    }

    private function best(Appointment $appointment, string $hands): ?Exchange
    {
        $day = $this->schedule->day;
        [$own, $others] = $this->apart($hands);
        $before = 0.0;
        foreach ($own as $key => $one) {
            $before += $this->schedule->placed[$key]->cost ?? $one->costOfNoPlace($day->parameters);
        }
        unset($own[$appointment->key]);
        $best = null;
        foreach (array_keys($day->hours) as $other) {
            $placement = $other === $hands ? null : $this->placement($appointment->with((string) $other), $others);
            // Nobody is asked to wait longer for the good of others.
            if (
                $placement === null
                    || $placement->start() > ($this->schedule->placed[$appointment->key] ?? $placement)->start()
            ) {
                continue;
            }
            [$after, $sooner] = $this->without($own, $others + [$appointment->key => $placement]);
            $saves = $before - $after - $placement->cost;
            if ($saves >= max($day->parameters->exchangeSaves, $best->saves ?? 0.0)) {
                $best = new Exchange($appointment, $placement, $saves, $sooner);
            }
        }

        return $best;
    }

    /** @return array{array<string, Appointment>, array<string, Placement>} of these hands, and placed with any others */
    private function apart(string $hands): array
    {
        $own = [];
        foreach ($this->schedule->appointments as $appointment) {
            if ($appointment->hands === $hands) {
                $own[$appointment->key] = $appointment;
            }
        }

        return [$own, array_diff_key($this->schedule->placed, $own)];
    }

    /**
     * @param array<string, Placement> $others
     *
     * @return Placement|null the cheapest within the hours; null where there is none
     */
    private function placement(Appointment $appointment, array $others): ?Placement
    {
        $free = Occupancy::of($this->schedule->day, $others)
            ->free(Placements::of($appointment, $this->schedule->day), INF);
        foreach ($free as $placement) {
            if ($placement->isWithinHours()) {
                return $placement;
            }
        }

        return null;
    }

    /**
     * @param array<string, Appointment> $own
     * @param array<string, Placement>   $others
     *
     * @return array{float, array<string, int>} what those who stay cost, and the minutes they begin sooner
     */
    private function without(array $own, array $others): array
    {
        $day = $this->schedule->day;
        $none = array_map(
            static fn (Appointment $one): float => $one->costOfNoPlace($day->parameters),
            $own,
        );
        [$placed] = BranchAndBound::cheapest(
            array_map(static fn (Appointment $one): array => Placements::of($one, $day), $own),
            Occupancy::of($day, $others),
            $day->parameters->mostPlaces,
            $none,
        );
        $cost = 0.0;
        $sooner = [];
        foreach ($own as $key => $one) {
            $cost += $placed[$key]->cost ?? $none[$key];
            $before = $this->schedule->placed[$key] ?? null;
            if (isset($placed[$key]) && ($before === null || $before->start() > $placed[$key]->start())) {
                $sooner[$key] = $before === null ? 0 : $before->start() - $placed[$key]->start();
            }
        }

        return [$cost, $sooner];
    }
}
