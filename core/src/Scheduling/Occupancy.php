<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** What of a day is taken: slots by whose hands, and the slots in which every chair is. */
final readonly class Occupancy
{
    private const NONE = [0, 0, 0];

    /**
     * @param int                                 $chairs how many there are
     * @param array<string, array{int, int, int}> $hands  slots taken, by whose
     * @param list<array{int, int, int}> $seated slots in which at least one chair is taken, at least two, and so on
     */
    private function __construct(private int $chairs, private array $hands, private array $seated)
    {
    }

    /** @param array<string, Placement> $placed */
    public static function of(SalonDay $day, array $placed = []): self
    {
        $room = new self($day->chairs, [], array_fill(0, $day->chairs, self::NONE));
        foreach ($day->seated as [$from, $until]) {
            $first = max(0, $day->slot($from));
            $chair = SalonDay::with(self::NONE, $first, max(0, min($day->slots, $day->slot($until)) - $first));
            $room = $room->with(new Placement('', [$from], [], self::NONE, $chair, $until, 0.0));
        }
        foreach ($placed as $placing) {
            $room = $room->with($placing);
        }

        return $room;
    }

    public function with(Placement $placing): self
    {
        $taken = $this->hands[$placing->hands] ?? self::NONE;
        $seated = [];
        // Whoever sits where one sat already makes it two, and so on up.
        $more = $placing->chair;
        foreach ($this->seated as $level) {
            $seated[] = [$level[0] | $more[0], $level[1] | $more[1], $level[2] | $more[2]];
            $more = [$level[0] & $more[0], $level[1] & $more[1], $level[2] & $more[2]];
        }

        return new self(
            $this->chairs,
            [
                $placing->hands => [
                    $taken[0] | $placing->mask[0],
                    $taken[1] | $placing->mask[1],
                    $taken[2] | $placing->mask[2],
                ],
            ] + $this->hands,
            $seated,
        );
    }

    /** Whether there is a moment in which every chair is taken. */
    public function isFull(): bool
    {
        return $this->seated[$this->chairs - 1] !== self::NONE;
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
        [$f0, $f1, $f2] = $this->seated[$this->chairs - 1];
        $free = [];
        foreach ($placings as $placing) {
            if ($placing->cost >= $below) {
                break;
            }
            [$t0, $t1, $t2] = $this->hands[$placing->hands] ?? self::NONE;
            $mask = $placing->mask;
            $chair = $placing->chair;
            if (
                (($mask[0] & $t0) | ($mask[1] & $t1) | ($mask[2] & $t2) | (
                    $chair[0] & $f0
                ) | ($chair[1] & $f1) | ($chair[2] & $f2)) === 0
            ) {
                $free[] = $placing;
            }
        }

        return $free;
    }
}
