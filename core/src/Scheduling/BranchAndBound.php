<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** Branch and bound over every placing of some sittings: the cheapest layout there is, unless it had to stop before. */
final class BranchAndBound
{
    /** @var array<string, Placement> */
    private array $best = [];

    private float $bestCost = INF;

    private int $looked = 0;

    private function __construct(private readonly int $mostPlaces, private readonly float $costOfNoPlace)
    {
    }

    /**
     * @param array<string, list<Placement>> $placings by sitting, the cheapest first
     *
     * @return array{array<string, Placement>, bool} who is placed where, and whether no cheaper layout exists
     */
    public static function cheapest(array $placings, Occupancy $room, int $mostPlaces, float $costOfNoPlace): array
    {
        $search = new self($mostPlaces, $costOfNoPlace);
        $search->descend(array_map(static fn (array $all): array => $room->free($all, INF), $placings), $room, [], 0.0);

        return [$search->best, $search->looked < $mostPlaces];
    }

    /**
     * @param array<string, list<Placement>> $open of each sitting not placed yet, what there still is room for, the
     *     cheapest first
     * @param array<string, Placement>       $placed
     */
    private function descend(array $open, Occupancy $room, array $placed, float $cost): void
    {
        // The cheapest that is still free for each is the least all of them together can cost; the one with the most to
        // lose goes first.
        $bound = $cost;
        $next = null;
        $worst = -1.0;
        foreach ($open as $key => $free) {
            $least = $free[0]->cost ?? $this->costOfNoPlace;
            $bound += $least;
            $loses = ($free[1]->cost ?? $this->costOfNoPlace) - $least;
            if ($loses > $worst) {
                [$next, $worst] = [$key, $loses];
            }
        }
        if ($bound >= $this->bestCost) {
            return;
        }
        if ($next === null) {
            [$this->bestCost, $this->best] = [$cost, $placed];

            return;
        }
        $free = $open[$next];
        unset($open[$next]);
        $others = $bound - $cost - ($free[0]->cost ?? $this->costOfNoPlace);
        foreach ($free as $placing) {
            $spare = $this->bestCost - $cost - $placing->cost - $others;
            if ($spare <= 0 || $this->looked >= $this->mostPlaces && $this->bestCost < INF) {
                return;
            }
            $this->looked++;
            $then = $room->with($placing);
            // Whoever costs more than her own least and all that is to spare cannot be part of a cheaper layout.
            $this->descend(
                array_map(static fn (array $all): array => $then->free($all, ($all[0]->cost ?? 0.0) + $spare), $open),
                $then,
                $placed + [$next => $placing],
                $cost + $placing->cost,
            );
        }
        $this->descend($open, $room, $placed, $cost + $this->costOfNoPlace);
    }
}
