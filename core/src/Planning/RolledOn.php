<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What the house rhythm would cost from a wash day on: no way wins by leaving what comes after starved. */
final readonly class RolledOn
{
    private WashOption $rhythm;

    /** @param int $horizon last day that counts; later ones are as uncertain as that one */
    public function __construct(private MeanSimulator $terrain, private int $horizon)
    {
        $this->rhythm = WashOptions::houseRhythm($terrain->head);
    }

    /** No hair rolled on costs less than what is done to it. */
    public function least(): float
    {
        $head = $this->terrain->head;
        $washes = (int) ceil($head->parameters->planning->rolledOnDays / $head->washEveryDays);

        return $washes * $this->terrain->ownCost($this->rhythm);
    }

    /** @param array<int, float> $means on the morning of that wash day */
    public function cost(array $means, int $day): float
    {
        $cost = 0.0;
        $own = $this->terrain->ownCost($this->rhythm);
        $every = $this->terrain->head->washEveryDays;
        $days = $this->terrain->head->parameters->planning->rolledOnDays;
        for ($gone = 0; $gone < $days; $gone += $every) {
            $effects = $this->terrain->effectsOf($this->rhythm, $day + $gone);
            $means = $effects->on($means);
            $gap = min($every, $days - $gone);
            $cost += $own + $this->terrain->costOfDays(
                $means,
                min($this->horizon, $day + $gone),
                $gap,
                $effects->seals,
            );
            $means = $this->terrain->afterDays($means, $day + $gone, $gap, $effects->seals);
        }

        return $cost;
    }
}
