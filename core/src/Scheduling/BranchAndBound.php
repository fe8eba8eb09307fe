<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/**
 * Branch and bound over every placing of some appointments: the cheapest layout there is, unless it had to stop before.
 */
final class BranchAndBound
{
    /** @var array<string, Placement> */
    private array $best = [];

    private float $bestCost = INF;

    private int $looked = 0;

    /** The least that any layout costs: known before anything is placed. */
    private ?float $least = null;

    /** @param array<string, float> $costOfNoPlace */
    private function __construct(private readonly int $mostPlaces, private readonly array $costOfNoPlace)
    {
    }

    /**
     * @param array<string, list<Placement>> $placings by appointment, the cheapest first
     * @param array<string, float>           $costOfNoPlace by appointment
     * @param float                          $below only what costs less than this is looked for
     *
     * @return array{array<string, Placement>, bool, float} who is placed where, whether no cheaper layout exists, and
     *     the least that any costs
     */
    public static function cheapest(
        array $placings,
        Occupancy $room,
        int $mostPlaces,
        array $costOfNoPlace,
        float $below = INF,
    ): array {
        $search = new self($mostPlaces, $costOfNoPlace);
        $search->bestCost = $below;
        $open = array_map(static fn (array $all): array => $room->free($all, $below), $placings);
        $search->descend($open, $room, [], 0.0);
        $proved = $search->looked < $mostPlaces;

        return [$search->best, $proved, $proved ? $search->bestCost : $search->least ?? 0.0];
    }

    /**
     * @param array<string, list<Placement>> $open of each appointment not placed yet, what there still is room for, the
     *     cheapest first
     * @param array<string, Placement>       $placed
     */
    private function descend(array $open, Occupancy $room, array $placed, float $cost): void
    {
        // The cheapest that is still free for each is the least all of them together can cost; the one with the most to
        // lose goes first.
        $bound = $cost;
        $next = null;
        $worst = -INF;
        foreach ($open as $key => $free) {
            $least = $free[0]->cost ?? $this->costOfNoPlace[$key];
            $bound += $least;
            $loses = ($free[1]->cost ?? $this->costOfNoPlace[$key]) - $least;
            if ($loses > $worst) {
                [$next, $worst] = [$key, $loses];
            }
        }
        $this->least ??= $bound;
        if ($bound >= $this->bestCost) {
            return;
        }
        if ($next === null) {
            [$this->bestCost, $this->best] = [$cost, $placed];

            return;
        }
        $free = $open[$next];
        unset($open[$next]);
        $others = $bound - $cost - ($free[0]->cost ?? $this->costOfNoPlace[$next]);
        foreach ($free as $placing) {
            $spare = $this->bestCost - $cost - $placing->cost - $others;
            if ($spare <= 0 || $this->looked >= $this->mostPlaces && $this->bestCost < INF) {
                return;
            }
            $this->looked++;
            $then = $room->with($placing);
            // Whoever costs more than their own least and all that is to spare cannot be part of a cheaper layout.
            $this->descend(
                array_map(static fn (array $all): array => $then->free($all, ($all[0]->cost ?? 0.0) + $spare), $open),
                $then,
                $placed + [$next => $placing],
                $cost + $placing->cost,
            );
        }
        $this->descend($open, $room, $placed, $cost + $this->costOfNoPlace[$next]);
    }
}
