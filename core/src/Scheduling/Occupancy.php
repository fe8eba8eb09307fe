<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** What of a day is taken: slots by whose hands, and the slots in which every chair is, and all of some equipment. */
final readonly class Occupancy
{
    private const NONE = [0, 0, 0];

    /**
     * @param array<string, array{int, int, int}> $hands  slots taken, by whose
     * @param list<array{int, int, int}> $seated slots in which at least one chair is taken, at least two, and so on
     * @param array<string, list<array{int, int, int}>> $used the same of equipment that is counted
     */
    private function __construct(private array $hands, private array $seated, private array $used)
    {
    }

    /** @param array<string, Placement> $placed */
    public static function of(SalonDay $day, array $placed = []): self
    {
        $room = new self(
            [],
            array_fill(0, $day->chairs, self::NONE),
            // Of what there is none of, every minute is taken.
            array_map(
                static fn (int $many): array => $many === 0 ? [[~0, ~0, ~0]] : array_fill(0, $many, self::NONE),
                $day->equipment,
            ),
        );
        foreach ($day->seated as $key => [$from, $until]) {
            $first = max(0, $day->slot($from));
            $chair = SalonDay::with(self::NONE, $first, max(0, min($day->slots, $day->slot($until)) - $first));
            $uses = in_array($key, $day->hooded, true) ? [Equipment::Hood->value => $chair] : [];
            $room = $room->with(new Placement('', [$from], [], self::NONE, $chair, $until, 0.0, uses: $uses));
        }
        foreach ($placed as $placing) {
            $room = $room->with($placing);
        }

        return $room;
    }

    public function with(Placement $placing): self
    {
        $taken = $this->hands[$placing->hands] ?? self::NONE;
        $used = $this->used;
        foreach ($placing->uses as $equipment => $mask) {
            if (isset($used[$equipment])) {
                $used[$equipment] = self::oneMore($used[$equipment], $mask);
            }
        }

        return new self(
            [
                $placing->hands => [
                    $taken[0] | $placing->mask[0],
                    $taken[1] | $placing->mask[1],
                    $taken[2] | $placing->mask[2],
                ],
            ] + $this->hands,
            self::oneMore($this->seated, $placing->chair),
            $used,
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

    /** Whether there is a moment in which every chair is taken, or all of some equipment. */
    public function isFull(): bool
    {
        foreach ([$this->seated, ...array_values($this->used)] as $levels) {
            if ($levels[count($levels) - 1] !== self::NONE) {
                return true;
            }
        }

        return false;
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
        $full = array_map(static fn (array $levels): array => $levels[count($levels) - 1], $this->used);
        $free = [];
        foreach ($placings as $placing) {
            if ($placing->cost >= $below) {
                break;
            }
            [$t0, $t1, $t2] = $this->hands[$placing->hands] ?? self::NONE;
            $mask = $placing->mask;
            $chair = $placing->chair;
            if (
                (($mask[0] & $t0) | ($mask[1] & $t1) | ($mask[2] & $t2)
                    | ($chair[0] & $f0) | ($chair[1] & $f1) | ($chair[2] & $f2)) === 0
                && ($placing->uses === [] || self::isLeft($placing->uses, $full))
            ) {
                $free[] = $placing;
            }
        }

        return $free;
    }

    /**
     * @param array<string, array{int, int, int}> $uses
     * @param array<string, array{int, int, int}> $full slots in which all of it is taken
     */
    private static function isLeft(array $uses, array $full): bool
    {
        foreach ($uses as $equipment => $mask) {
            $taken = $full[$equipment] ?? self::NONE;
            if ((($mask[0] & $taken[0]) | ($mask[1] & $taken[1]) | ($mask[2] & $taken[2])) !== 0) {
                return false;
            }
        }

        return true;
    }
}
