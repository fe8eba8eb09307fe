<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Statistics\SeededRandom;

/** A day as it was laid out: who is placed when, what is late, and when each is honestly through. */
final class DaySchedule
{
    private const SEED = 6;

    /** @var array<string, list<float>>|null finishes drawn, by appointment, sorted */
    private ?array $drawn = null;

    /**
     * @param list<Appointment>        $appointments
     * @param array<string, Placement> $placed by appointment; who found no place is left out
     * @param bool  $proved    no better day exists; false: it is the best that was found in time
     * @param float $leastCost what any day costs at least
     * @param int   $searched  places of the search it was given
     */
    public function __construct(
        public readonly SalonDay $day,
        public readonly array $appointments,
        public readonly array $placed,
        public readonly bool $proved,
        public readonly float $leastCost = 0.0,
        public readonly int $searched = 0,
    ) {
    }

    /** Minutes waited, weighed by what they cost; who finds no place costs far more than any wait. */
    public function cost(): float
    {
        $cost = 0.0;
        foreach ($this->appointments as $appointment) {
            $cost += $this->placed[$appointment->key]->cost ?? $appointment->costOfNoPlace($this->day->parameters);
        }

        return $cost;
    }

    /** Whether it is worth a longer look: a better day may exist, and this was only what a page can wait for. */
    public function isWorthALongerLook(): bool
    {
        return ! $this->proved && $this->searched < $this->day->parameters->mostPlacesBehind;
    }

    /** What could be saved at most by a better order, in minutes waited after a promise. */
    public function gapMinutes(): float
    {
        return $this->proved
            ? 0.0
            : max(0.0, $this->cost() - $this->leastCost) / $this->day->parameters->costOfAMinute['promised'];
    }

    /** @return list<string> who finds no place in the day */
    public function without(): array
    {
        return array_values(array_filter(
            array_map(static fn (Appointment $appointment): string => $appointment->key, $this->appointments),
            fn (string $key): bool => ! isset($this->placed[$key]),
        ));
    }

    /** Minutes it begins after what was promised, or after a late client came. */
    public function lateMinutes(string $key): int
    {
        $appointment = $this->appointment($key);

        return $appointment === null || $appointment->promised === null || ! isset($this->placed[$key])
            ? 0
            : $appointment->waited($this->placed[$key]->start());
    }

    /** Minutes that who is under way sits on until hands come back, beyond when they were wanted. */
    public function waitsInChair(string $key): int
    {
        $appointment = $this->appointment($key);

        return $appointment?->isUnderWay() === true && isset($this->placed[$key])
            ? $appointment->waited($this->placed[$key]->start())
            : 0;
    }

    public function appointment(string $key): ?Appointment
    {
        foreach ($this->appointments as $appointment) {
            if ($appointment->key === $key) {
                return $appointment;
            }
        }

        return null;
    }

    /** @return list<string> promises this day does not keep, by more than a client would shrug at */
    public function brokenPromises(): array
    {
        return array_values(array_filter(
            array_map('strval', array_keys($this->placed)),
            fn (string $key): bool => $this->lateMinutes($key) >= $this->day->parameters->lateFromMinutes,
        ));
    }

    /**
     * @return array{
     *     p10: int, p50: int, p90: int,
     * } minute of the day it is through, every stretch taking as long as such stretches do
     */
    public function finish(string $key): array
    {
        $finishes = $this->drawn()[$key] ?? [];
        $at = static fn (float $share): int => $finishes === []
            ? 0
            : (int) round($finishes[(int) round($share * (count($finishes) - 1))]);

        return ['p10' => $at(0.1), 'p50' => $at(0.5), 'p90' => $at(0.9)];
    }

    /** How likely it is through by a minute of the day, 0 to 1. */
    public function through(string $key, int $by): float
    {
        $finishes = $this->drawn()[$key] ?? [];

        return $finishes === []
            ? 0.0
            : count(array_filter($finishes, static fn (float $finish): bool => $finish <= $by)) / count($finishes);
    }

    /** @return array<string, list<float>> */
    private function drawn(): array
    {
        if ($this->drawn !== null) {
            return $this->drawn;
        }
        $pieces = $this->pieces();
        $chance = new SeededRandom(self::SEED);
        $drawn = [];
        for ($draw = 0; $draw < $this->day->parameters->draws; $draw++) {
            $free = $ready = [];
            foreach ($pieces as [$planned, $key, $hands, $stretch, $isFirst]) {
                // Nobody begins before the time that was told; after that everything goes on as soon as hands and hair
                // are ready.
                $start = max($free[$hands] ?? 0.0, $isFirst ? (float) $planned : $ready[$key]);
                $free[$hands] = $start + $stretch->handsMinutes * exp($stretch->spread * $chance->normal());
                $ready[$key] = $free[$hands] + (
                    $stretch->waitingSpread > 0
                        ? $stretch->waitingMinutes * exp($stretch->waitingSpread * $chance->normal())
                        : $stretch->waitingMinutes
                );
            }
            foreach ($ready as $key => $finish) {
                $drawn[$key][] = $finish;
            }
        }

        return $this->drawn = array_map(static function (array $finishes): array {
            sort($finishes);

            return $finishes;
        }, $drawn);
    }

    /**
     * @return list<array{
     *     int, string, string, WorkSegment, bool,
     * }> every stretch in the order the day was laid out in: its minute, whose head, whose hands, and whether it is the
     * first of that head
     */
    private function pieces(): array
    {
        $pieces = [];
        foreach ($this->appointments as $appointment) {
            foreach (isset($this->placed[$appointment->key]) ? $appointment->stretches : [] as $i => $stretch) {
                $placing = $this->placed[$appointment->key];
                $pieces[] = [$placing->starts[$i], $appointment->key, $placing->hands, $stretch, $i === 0];
            }
        }
        usort($pieces, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $pieces;
    }
}
