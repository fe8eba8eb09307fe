<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/** All the ways an appointment can be placed in a day, the cheapest first. */
final readonly class Placements
{
    /** @var list<array{int, int}> hands and waiting of each stretch, in slots */
    private array $lengths;

    /** @var list<int> slots of hands of each stretch, with the tools after the last */
    private array $counts;

    /** @var array<int, HeatedWait> what keeps hair warm, by the stretch after which it waits */
    private array $heats;

    /** @var list<array{string, int|null, int|null, int}> {@see self::counted()} */
    private array $counted;

    private function __construct(private Appointment $appointment, private SalonDay $day)
    {
        $this->lengths = self::lengths($appointment, $day->parameters);
        $tools = self::clean($day->parameters);
        $last = count($this->lengths) - 1;
        $this->counts = array_map(
            static fn (array $length, int $i): int => $length[0] + ($i === $last ? $tools : 0),
            $this->lengths,
            array_keys($this->lengths),
        );
        $this->heats = array_filter(array_map(
            static fn (WorkSegment $stretch): ?HeatedWait => $stretch->heat,
            $appointment->stretches,
        ));
        $this->counted = self::counted($appointment, $day);
    }

    /** @return list<Placement> */
    public static function of(Appointment $appointment, SalonDay $day): array
    {
        return self::sorted((new self($appointment, $day))->all());
    }

    /** @return list<Placement> */
    private function all(): array
    {
        [$appointment, $day] = [$this->appointment, $this->day];
        $patterns = self::patterns($appointment, $this->lengths, $day->parameters);
        $first = max(0, $day->slot($appointment->from()));
        $last = $appointment->latest === null ? $day->slots : min($day->slots, $day->slot($appointment->latest));
        $placings = [];
        foreach ($appointment->hands === null ? array_keys($day->hours) : [$appointment->hands] as $hands) {
            $hours = HandsHours::of($day, (string) $hands, $appointment->isUnderWay());
            for ($start = $first; $start <= $last; $start++) {
                $waited = $appointment->costOfWaiting($day->minute($start), $day->parameters);
                foreach ($patterns as $pattern) {
                    if (
                        $start + max($pattern[1], $pattern[4]) <= $day->slots
                        && $hours->has($start, $pattern[0], $this->counts)
                        && $this->isWatched($start, $pattern)
                    ) {
                        $placings[] = $this->placing((string) $hands, $hours, $start, $pattern, $waited);
                    }
                }
            }
        }

        return $placings;
    }

    /**
     * @param list<Placement> $placings
     *
     * @return list<Placement> the cheapest first, and of those that cost the same the one that is over first
     */
    private static function sorted(array $placings): array
    {
        $costs = $finishes = [];
        foreach ($placings as $placing) {
            $costs[] = $placing->cost;
            $finishes[] = $placing->finish;
        }
        $order = array_keys($placings);
        array_multisort($costs, SORT_NUMERIC, $finishes, SORT_NUMERIC, $order, SORT_NUMERIC);

        return array_map(static fn (int $at): Placement => $placings[$at], $order);
    }

    /**
     * Whether somebody is in the salon for as long as hair waits under heat; who sits already stays where they are.
     *
     * @param array{list<int>, int, list<int>, int, int} $pattern {@see self::patterns()}
     */
    private function isWatched(int $start, array $pattern): bool
    {
        foreach ($this->appointment->isUnderWay() ? [] : array_keys($this->heats) as $i) {
            [$from, $count] = $this->wait($i, $pattern);
            if (! StaffedSlots::of($this->day)->has($start + $from, $count)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array{list<int>, int, list<int>, int, int} $pattern
     *
     * @return array{int, int} slot after the start at which the wait after a stretch begins, and how many it takes
     */
    private function wait(int $i, array $pattern): array
    {
        $from = $pattern[0][$i] + $this->lengths[$i][0];

        return [$from, max(0, ($pattern[0][$i + 1] ?? $pattern[1]) - $from)];
    }

    /**
     * @param array{list<int>, int, list<int>, int, int} $pattern {@see self::patterns()}
     * @param float                                      $waited  what beginning at that slot costs
     */
    private function placing(string $hands, HandsHours $hours, int $start, array $pattern, float $waited): Placement
    {
        [$offsets, $length, $holds, $held] = $pattern;
        $day = $this->day;
        $mask = [0, 0, 0];
        $break = $closing = 0;
        $starts = [];
        foreach ($offsets as $i => $offset) {
            $mask = SalonDay::with($mask, $start + $offset, $this->counts[$i]);
            $break += $hours->breakMinutes($start + $offset, $this->counts[$i]);
            $closing += $hours->closingMinutes($start + $offset, $this->counts[$i]);
            $starts[] = $day->minute($start + $offset);
        }
        $costs = $day->parameters->costOfAMinute;
        $seated = $this->appointment->inChairSince === null
            ? $start
            : max(0, min($start, $day->slot($this->appointment->inChairSince)));

        return new Placement(
            $hands,
            $starts,
            $holds,
            $mask,
            SalonDay::with([0, 0, 0], $seated, $start + $length - $seated),
            $day->minute($start + $length),
            $waited + $costs['held'] * $held + $costs['break'] * $break + $costs['closing'] * $closing,
            $break,
            $closing,
            $this->uses($start, $seated, $pattern),
        );
    }

    /**
     * Where all of it is broken, who sits already is helped in another way and finds a place all the same.
     *
     * @param array{list<int>, int, list<int>, int, int} $pattern
     *
     * @return array<string, array{int, int, int}> slots in which equipment that is counted is taken
     */
    private function uses(int $start, int $seated, array $pattern): array
    {
        $uses = [];
        foreach ($this->counted as [$equipment, $i, $from, $count]) {
            if ($i === null) {
                [$from, $count] = [$seated, $start - $seated];
            } elseif ($from === null) {
                [$from, $count] = $this->wait($i, $pattern);
                $from += $start;
            } else {
                $from += $start + $pattern[0][$i];
            }
            $uses[$equipment] = SalonDay::with($uses[$equipment] ?? [0, 0, 0], $from, $count);
        }

        return $uses;
    }

    /**
     * @return list<array{
     *     string, int|null, int|null, int,
     * }> of each use of what is counted: the stretch, null: until hands come back; the slot of it, null: the wait after it;
     *     and slots
     */
    private static function counted(Appointment $appointment, SalonDay $day): array
    {
        $counted = $appointment->isUnderHood ? [[Equipment::Hood->value, null, null, 0]] : [];
        $grid = $day->parameters->gridMinutes;
        foreach ($appointment->stretches as $i => $stretch) {
            foreach ($stretch->uses as $use) {
                $from = (int) floor($use->fromMinute / $grid + 1e-9);
                $counted[] = [
                    $use->equipment->value, $i, $from,
                    max(1, (int) ceil(min($use->untilMinute, $stretch->handsMinutes) / $grid - 1e-9) - $from),
                ];
            }
            if ($stretch->heat === HeatedWait::Hood) {
                $counted[] = [Equipment::Hood->value, $i, null, 0];
            }
        }

        return array_values(array_filter(
            $counted,
            static fn (array $one): bool => isset($day->equipment[$one[0]])
                && ! ($appointment->isUnderWay() && $day->equipment[$one[0]] === 0),
        ));
    }

    /** @return int slots of hands after each head */
    private static function clean(SchedulingParameters $parameters): int
    {
        return (int) ceil($parameters->cleanMinutes / $parameters->gridMinutes);
    }

    /** @return list<array{int, int}> hands and waiting of each stretch, in slots */
    private static function lengths(Appointment $appointment, SchedulingParameters $parameters): array
    {
        $slots = static fn (float $minutes): int => (int) ceil($minutes / $parameters->gridMinutes - 1e-9);

        return array_map(
            static fn (WorkSegment $stretch): array => [
                max(1, $slots($stretch->handsMinutes)),
                $slots($stretch->waitingMinutes),
            ],
            $appointment->stretches,
        );
    }

    /**
     * Where each stretch begins after the first, with every choice of how long the waits are drawn out.
     *
     * @param list<array{int, int}> $lengths hands and waiting, in slots
     *
     * @return list<array{
     *     list<int>, int, list<int>, int, int,
     * }> offsets and whole length in slots, minutes held after each stretch and in all, and slots until the tools are clean
     */
    private static function patterns(Appointment $appointment, array $lengths, SchedulingParameters $parameters): array
    {
        $patterns = [[[], 0, [], 0]];
        foreach ($lengths as $i => [$hands, $waiting]) {
            $more = [];
            // After the last stretch nobody has to come back: the wait ends by itself.
            $holds = $i === count($lengths) - 1
                ? 0
                : intdiv($appointment->stretches[$i]->holdMinutes($parameters), $parameters->gridMinutes);
            foreach ($patterns as [$offsets, $at, $held, $sum]) {
                for ($hold = 0; $hold <= $holds; $hold++) {
                    $minutes = $hold * $parameters->gridMinutes;
                    $more[] = [
                        [...$offsets, $at],
                        $at + $hands + $waiting + $hold,
                        [...$held, $minutes],
                        $sum + $minutes,
                    ];
                }
            }
            $patterns = $more;
        }
        $tools = $lengths[count($lengths) - 1][0] + self::clean($parameters);

        return array_map(
            static fn (array $pattern): array => [...$pattern, $pattern[0][count($lengths) - 1] + $tools],
            $patterns,
        );
    }
}
