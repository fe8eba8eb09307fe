<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Treatments\StepKind;

/**
 * Takes out of a season what hardly does anything: one treatment after the other, the least needed first, for as long
 * as leaving it out costs less than it is worth doing, and no rule is broken by it.
 */
final readonly class LeanSeason
{
    private RolledOn $rolledOn;

    /**
     * @param list<int> $washDays days counted from today, ascending, at least one
     * @param int       $horizon  last day that counts
     */
    public function __construct(
        private Snapshot $start,
        private RuleContext $standing,
        private MeanSimulator $terrain,
        private HairAhead $ahead,
        private array $washDays,
        private int $horizon,
    ) {
        $this->rolledOn = new RolledOn($terrain, $horizon);
    }

    /**
     * @param list<WashOption> $choices one for each wash day
     *
     * @return list<WashOption>
     */
    public function of(array $choices): array
    {
        $worth = $this->terrain->head->parameters->planning->worthATreatment;
        [$cost, $broken] = $this->walked($choices);
        while (true) {
            $best = null;
            foreach ($choices as $level => $choice) {
                foreach ($this->lighter($choice, $level) as $lighter) {
                    $tried = [...array_slice($choices, 0, $level), $lighter, ...array_slice($choices, $level + 1)];
                    [$then, $breaks] = $this->walked($tried);
                    if ($breaks <= $broken && $then - $cost < $worth && $then < ($best[0] ?? INF)) {
                        $best = [$then, $tried];
                    }
                }
            }
            if ($best === null) {
                return $choices;
            }
            [$cost, $choices] = $best;
        }
    }

    /** @return list<WashOption> the same wash day without one of its treatments */
    private function lighter(WashOption $choice, int $level): array
    {
        $terms = $this->terrain->terms;
        if ($terms->byHand !== [] && $terms->setByHand($this->terrain->date($this->washDays[$level])) !== null) {
            return [];
        }
        $without = fn (StepKind $kind): WashOption => $choice->without(
            $kind,
            WashOptions::usualCleanse($this->terrain->head),
            $this->terrain->head->parameters->washDay,
        );

        return array_values(array_filter([
            $choice->protein === null ? null : $without($choice->protein),
            $choice->masks() ? $without(StepKind::Mask) : null,
            $choice->cleanse->clarifies() ? $without(StepKind::Cleanse) : null,
        ]));
    }

    /**
     * @param list<WashOption> $choices
     *
     * @return array{float, int} what the season costs by its means, rolled on as the search does, and how many rules it
     *     breaks
     */
    private function walked(array $choices): array
    {
        $first = $this->washDays[0];
        $means = MeanSimulator::means($this->start->state);
        $cost = $first > 0 ? $this->terrain->costOfDays($means, 0, $first, $this->start->sealed) : 0.0;
        $means = $this->terrain->afterDays($means, 0, $first, $this->start->sealed);
        $standing = $this->standing->on($first, $this->washDays[1] ?? null, $this->ahead->of($means, $first));
        $broken = 0;
        foreach ($choices as $level => $choice) {
            $day = $this->washDays[$level];
            $until = $this->washDays[$level + 1] ?? $this->horizon + 1;
            $sealed = $this->terrain->seals($choice);
            $broken += count(RuleCatalogue::barring($choice, $standing));
            $means = $this->terrain->washed($means, $choice);
            $cost += $this->terrain->costOfChoice($choice, $day)
                + $this->terrain->costOfDays($means, $day, $until - $day, $sealed);
            $means = $this->terrain->afterDays($means, $day, $until - $day, $sealed);
            $standing = $standing->next(
                $choice,
                $until,
                $this->washDays[$level + 2] ?? null,
                $this->ahead->of($means, $until),
            );
        }

        return [$cost + $this->rolledOn->cost($means, $this->horizon + 1), $broken];
    }
}
