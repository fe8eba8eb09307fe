<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** What of a day is taken: slots by whose hands, and the slots in which every chair and every hood is. */
final readonly class Occupancy
{
    private const NONE = [0, 0, 0];

    /**
     * @param array<string, array{int, int, int}> $hands  slots taken, by whose
     * @param list<array{int, int, int}> $seated slots in which at least one chair is taken, at least two, and so on
     * @param list<array{int, int, int}> $hooded the same of hoods
     */
    private function __construct(private array $hands, private array $seated, private array $hooded)
    {
    }

    /** @param array<string, Placement> $placed */
    public static function of(SalonDay $day, array $placed = []): self
    {
        $room = new self(
            [],
            array_fill(0, $day->chairs, self::NONE),
            // Of no hood at all every minute is taken.
            $day->hoods === 0 ? [[~0, ~0, ~0]] : array_fill(0, $day->hoods, self::NONE),
        );
        foreach ($day->seated as $key => [$from, $until]) {
            $first = max(0, $day->slot($from));
            $chair = SalonDay::with(self::NONE, $first, max(0, min($day->slots, $day->slot($until)) - $first));
            $hood = in_array($key, $day->hooded, true) ? $chair : self::NONE;
            $room = $room->with(new Placement('', [$from], [], self::NONE, $chair, $until, 0.0, hood: $hood));
        }
        foreach ($placed as $placing) {
            $room = $room->with($placing);
        }

        return $room;
    }

    public function with(Placement $placing): self
    {
        $taken = $this->hands[$placing->hands] ?? self::NONE;

        return new self(
            [
                $placing->hands => [
                    $taken[0] | $placing->mask[0],
                    $taken[1] | $placing->mask[1],
                    $taken[2] | $placing->mask[2],
                ],
            ] + $this->hands,
            self::oneMore($this->seated, $placing->chair),
            $placing->hood === self::NONE ? $this->hooded : self::oneMore($this->hooded, $placing->hood),
        );
    }

    /**
     * Whoever sits where one sat already makes it two, and so on up.
     *
     * @param list<array{int, int, int}> $levels slots in which at least one is taken, at least two, and so on
     * @param array{int, int, int}       $more
     *
     * @return list<array{int, int, int}>
     */
    private static function oneMore(array $levels, array $more): array
    {
        $then = [];
        foreach ($levels as $level) {
            $then[] = [$level[0] | $more[0], $level[1] | $more[1], $level[2] | $more[2]];
            $more = [$level[0] & $more[0], $level[1] & $more[1], $level[2] & $more[2]];
        }

        return $then;
    }

    /** Whether there is a moment in which every chair or every hood is taken. */
    public function isFull(): bool
    {
        return $this->seated[count($this->seated) - 1] !== self::NONE
            || $this->hooded[count($this->hooded) - 1] !== self::NONE;
    }

    public function has(Placement $placing): bool
    {
        return $this->free([$placing], INF) !== [];
    }

    /**
     * The placings there still is room for, of those below a cost; they come sorted by it.
     *
     * @param list<Placement> $placings
     *
     * @return list<Placement>
     */
    public function free(array $placings, float $below): array
    {
        [$f0, $f1, $f2] = $this->seated[count($this->seated) - 1];
        [$h0, $h1, $h2] = $this->hooded[count($this->hooded) - 1];
        $free = [];
        foreach ($placings as $placing) {
            if ($placing->cost >= $below) {
                break;
            }
            [$t0, $t1, $t2] = $this->hands[$placing->hands] ?? self::NONE;
            $mask = $placing->mask;
            $chair = $placing->chair;
            $hood = $placing->hood;
            if (
                (($mask[0] & $t0) | ($mask[1] & $t1) | ($mask[2] & $t2)
                    | ($chair[0] & $f0) | ($chair[1] & $f1) | ($chair[2] & $f2)
                    | ($hood[0] & $h0) | ($hood[1] & $h1) | ($hood[2] & $h2)) === 0
            ) {
                $free[] = $placing;
            }
        }

        return $free;
    }
}
