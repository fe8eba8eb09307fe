<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

/**
 * Takes out of a season what hardly does anything: one treatment after the other, the least needed first, for as long
 * as the season is cheaper without it, each treatment costing what it is worth doing, and no rule is broken by it.
 */
final readonly class LeanSeason
{
    /** @param list<int> $washDays days counted from today, ascending, at least one */
    public function __construct(
        private SeasonWalk $walk,
        private MeanSimulator $terrain,
        private array $washDays,
    ) {
    }

    /**
     * @param list<WashOption> $choices one for each wash day
     *
     * @return list<WashOption>
     */
    public function of(array $choices): array
    {
        $choices = $this->asPromised($choices);
        [$cost, $broken] = $this->walk->keep($choices);
        while (true) {
            $best = null;
            foreach ($choices as $level => $choice) {
                foreach ($this->lighter($choice, $level) as $lighter) {
                    $tried = [...array_slice($choices, 0, $level), $lighter, ...array_slice($choices, $level + 1)];
                    [$then, $breaks] = $this->walk->walked($tried, min($cost, $best[0] ?? INF));
                    if ($breaks <= $broken && $then < $cost && $then < ($best[0] ?? INF)) {
                        $best = [$then, $tried];
                    }
                }
            }
            if ($best === null) {
                return $choices;
            }
            [, $choices] = $best;
            [$cost] = $this->walk->keep($choices);
        }
    }

    /** @return list<WashOption> the same wash day without one of its treatments */
    private function lighter(WashOption $choice, int $level): array
    {
        if ($this->isByHand($level)) {
            return [];
        }
        $without = fn (StepKind $kind): WashOption => $choice->without(
            $kind,
            WashOptions::usualCleanseOn(
                $this->terrain->date($this->washDays[$level]),
                $this->terrain->head,
                $this->terrain->terms,
            ),
            $this->terrain->head->parameters->washDay,
        );

        // What was promised for this day stays: it is worth more than its work.
        $promised = $this->promised($level);
        $keeps = static fn (string $treatment): bool => in_array($treatment, $promised, true);

        return array_values(array_filter([
            $choice->protein === null || $keeps($choice->protein->value) ? null : $without($choice->protein),
            $choice->masks() && ! $keeps('mask') ? $without(StepKind::Mask) : null,
            $choice->cleanse->clarifies() && ! $keeps('clarifying') ? $without(StepKind::Cleanse) : null,
        ]));
    }

    /**
     * The season as it was promised, where each day that is otherwise now is not worth breaking it: a search that keeps
     * a few ways only may find another one that is hardly better.
     *
     * @param list<WashOption> $choices
     *
     * @return list<WashOption>
     */
    private function asPromised(array $choices): array
    {
        if ($this->terrain->terms->promised === []) {
            return $choices;
        }
        $kept = $choices;
        $otherwise = 0;
        foreach (array_keys($choices) as $level) {
            if ($this->isByHand($level) || self::isSame($choices[$level], $this->promised($level))) {
                continue;
            }
            $otherwise++;
            $kept = $this->cheapestAsPromised($kept, $level);
        }
        [$cost, $broken] = $this->walk->walked($choices);
        [$keptCost, $breaks] = $this->walk->walked($kept);
        $worth = $this->terrain->head->parameters->planning->worthATreatment;

        return $breaks <= $broken && $keptCost < $cost + $otherwise * $worth ? $kept : $choices;
    }

    /**
     * @param list<WashOption> $choices
     *
     * @return list<WashOption> with the cheapest way on one day to do just what was promised for it, if there is one
     */
    private function cheapestAsPromised(array $choices, int $level): array
    {
        $best = null;
        foreach (WashOptions::of($this->terrain->head, $this->terrain->terms) as $option) {
            if (self::isSame($option, $this->promised($level))) {
                $tried = [...array_slice($choices, 0, $level), $option, ...array_slice($choices, $level + 1)];
                [$cost] = $this->walk->walked($tried);
                $best = $best === null || $cost < $best[0] ? [$cost, $tried] : $best;
            }
        }

        return $best[1] ?? $choices;
    }

    /** @param list<string> $promised */
    private static function isSame(WashOption $option, array $promised): bool
    {
        // How a mask is warmed and what cleanses is promised to nobody.
        $treatments = array_diff($option->treatments(), ['heat', 'co-wash']);
        $promised = array_diff($promised, ['heat', 'co-wash']);

        return array_diff($treatments, $promised) === [] && array_diff($promised, $treatments) === [];
    }

    public function isByHand(int $level): bool
    {
        $terms = $this->terrain->terms;

        return $terms->byHand !== [] && $terms->setByHand($this->terrain->date($this->washDays[$level])) !== null;
    }

    /** @return list<string> treatments that were promised for a wash day */
    private function promised(int $level): array
    {
        $date = $this->terrain->date($this->washDays[$level]);
        $onTheDay = array_filter(
            $this->terrain->terms->promised,
            static fn (array $promise): bool => Calendar::daysBetween($promise[0], $date) === 0,
        );

        return array_column($onTheDay, 1);
    }
}
