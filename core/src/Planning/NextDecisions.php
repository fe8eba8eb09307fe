<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Statistics\Cholesky;

/**
 * What could be done otherwise on the next wash days if the hair turned out otherwise than is believed. The season is
 * walked to its end, from what is believed and from a standard deviation beside it along each way the state can be off;
 * what breaks more rules than the plan wherever it is looked at is no decision.
 */
final readonly class NextDecisions
{
    /** Later days will be looked at again before. */
    private const WASH_DAYS = 2;
    private const WITHIN_DAYS = 28;

    /** What would take more to turn is not turned by any look. */
    private const MOST_SDS = 2.0;

    /** Where it is walked along the way that matters, in standard deviations beside what is believed, ascending. */
    private const LOOKED_AT_SDS = [-2.0, -1.2, -0.6, 0.0, 0.8];

    /** Less than that of a variance nobody can tell apart, and the arithmetic neither. */
    private const APART = 1e-7;

    private const QUANTITIES = [
        StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN,
    ];

    /**
     * @param list<int>        $washDays days counted from today
     * @param list<WashOption> $choices  one for each
     */
    private function __construct(
        private Snapshot $start,
        private RuleContext $standing,
        private MeanSimulator $terrain,
        private ForecastUncertainty $doubt,
        private array $washDays,
        private array $choices,
        private int $horizon,
    ) {
    }

    /**
     * @param list<int>      $washDays days counted from today
     * @param list<PlanItem> $items    one for each
     * @param int            $horizon  last day that counts
     *
     * @return list<NextDecision>
     */
    public static function of(
        Snapshot $start,
        RuleContext $standing,
        MeanSimulator $terrain,
        ForecastUncertainty $doubt,
        array $washDays,
        array $items,
        int $horizon,
    ): array {
        $choices = array_map(static fn (PlanItem $item): WashOption => $item->choice, $items);
        $decisions = new self($start, $standing, $terrain, $doubt, $washDays, $choices, $horizon);
        $open = array_filter(
            array_keys(array_slice($washDays, 0, self::WASH_DAYS)),
            static fn (int $level): bool => $items[$level]->byHand === null && $washDays[$level] <= self::WITHIN_DAYS,
        );

        return $open === [] ? [] : $decisions->found($decisions->others($open));
    }

    /**
     * @param array<int> $levels
     *
     * @return list<array{int, list<WashOption>}> wash day and the season in which another treatment is done on it, the
     *     cheapest that does: whether a mask sits longer is found when it is planned anew
     */
    private function others(array $levels): array
    {
        $moves = new SeasonMoves(WashOptions::of($this->terrain->head, $this->terrain->terms));
        $walk = $this->walk($this->start->state);
        $others = [];
        foreach ($levels as $level) {
            $cheapest = [];
            foreach ($moves->alone($this->choices, $level) as $season) {
                $does = self::does($season[$level]);
                if ($does !== self::does($this->choices[$level])) {
                    [$cost, $broken] = $walk->walked($season);
                    $cheapest[$does] = min($cheapest[$does] ?? [PHP_INT_MAX, INF, []], [$broken, $cost, $season]);
                }
            }
            foreach ($cheapest as [, , $season]) {
                $others[] = [$level, $season];
            }
        }

        return $others;
    }

    private static function does(WashOption $option): string
    {
        return implode(' ', [
            $option->protein->value ?? '', $option->masks() ? 'mask' : '',
            $option->cleanse->clarifies() ? $option->cleanse->value : '',
        ]);
    }

    /**
     * @param list<array{int, list<WashOption>}> $others
     *
     * @return list<NextDecision>
     */
    private function found(array $others): array
    {
        $state = $this->start->state;
        $indices = self::indices($state);
        $factor = self::factor($state, $indices);
        [$dearer, $isOpen] = $this->besidePlan($state, $others);
        // The plan is best at what is believed; what seems better all the same, the search had its reasons against.
        $isDoubtful = array_map(static fn (float $by, bool $open): bool => $open && $by < 0.0, $dearer, $isOpen);
        // To the side on which treatments are called for: less of the reserves, more of the rest.
        $reserves = 2 * count($state->layout->head->strata);
        $sides = [];
        foreach (array_keys($indices) as $j) {
            $column = array_map(static fn (array $row): float => $row[$j] ?? 0.0, $factor);
            $side = $j < $reserves ? -1.0 : 1.0;
            [$there, $open] = $this->besidePlan($this->moved($indices, $column, $side), $others);
            $isOpen = array_map(static fn (bool $one, bool $other): bool => $one || $other, $isOpen, $open);
            $sides[] = array_map(static fn (float $one, float $by): float => $side * ($one - $by), $there, $dearer);
        }
        $found = [];
        foreach ($others as $n => $other) {
            $along = array_column($sides, $n);
            $sd = sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $along)));
            if ($isOpen[$n] && ! $isDoubtful[$n] && $sd > 0.0 && $dearer[$n] <= self::MOST_SDS * $sd) {
                $found[] = $this->decision($other, $indices, $factor, $along);
            }
        }

        return $found;
    }

    /**
     * @param array{int, list<WashOption>}   $other
     * @param list<int>                      $indices
     * @param array<int, array<int, float>>  $factor  lower triangle L
     * @param list<float>                    $along   rise of what it is dearer by along each column of L
     */
    private function decision(array $other, array $indices, array $factor, array $along): NextDecision
    {
        [$level, $season] = $other;
        $sd = sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $along)));
        // Where the state goes, in the mean, when the change gets a standard deviation dearer.
        $way = [];
        foreach ($factor as $n => $row) {
            $way[$n] = 0.0;
            foreach ($row as $j => $of) {
                $way[$n] += $of * $along[$j] / $sd;
            }
        }
        $walked = [];
        foreach (self::LOOKED_AT_SDS as $sds) {
            [[$dearer], [$isOpen]] = $this->besidePlan($this->moved($indices, $way, $sds), [$other]);
            // Where the rules forbid it, it is done no more than what is dearer.
            $walked[] = [$sds, $isOpen ? $dearer : abs($dearer)];
        }

        return new NextDecision(
            $this->start->date->modify("+{$this->washDays[$level]} days"),
            $this->choices[$level],
            $season[$level],
            $walked,
            array_combine($indices, self::slopes($factor, $along)),
        );
    }

    /**
     * @param list<int> $indices
     *
     * @return array<int, array<int, float>> lower triangle L of their covariance
     */
    private static function factor(State $state, array $indices): array
    {
        $block = [];
        foreach ($indices as $n => $i) {
            $block[$n] = array_map(static fn (int $k): float => $state->covariance[$i][$k], $indices);
            // Two strata that were always treated alike hardly differ: their doubt is one.
            $block[$n][$n] += self::APART + self::APART * $state->covariance[$i][$i];
        }

        return (new Cholesky($block))->factor();
    }

    /**
     * @param list<int>         $indices
     * @param array<int, float> $way     by place among them
     */
    private function moved(array $indices, array $way, float $by): State
    {
        $state = $this->start->state;
        $mean = $state->mean;
        foreach ($indices as $n => $i) {
            $mean[$i] += $by * $way[$n];
        }

        return new State($state->layout, $mean, $state->covariance);
    }

    /**
     * @param list<array{int, list<WashOption>}> $others
     *
     * @return array{list<float>, list<bool>} by how much each is dearer than the plan, and whether it breaks no more rules
     */
    private function besidePlan(State $state, array $others): array
    {
        $walk = $this->walk($state);
        [$planned, $broken] = $walk->keep($this->choices);
        $dearer = $open = [];
        foreach ($others as [, $season]) {
            [$cost, $breaks] = $walk->walked($season);
            $dearer[] = $cost - $planned;
            $open[] = $breaks <= $broken;
        }

        return [$dearer, $open];
    }

    private function walk(State $state): SeasonWalk
    {
        $start = $this->start->on($this->start->date, $state);
        $terrain = new MeanSimulator($start, $this->doubt, $this->terrain->terms, $this->terrain);

        return new SeasonWalk(
            $start,
            $this->standing,
            $terrain,
            new HairAhead($terrain, $this->doubt),
            $this->washDays,
            $this->horizon,
        );
    }

    /**
     * @return list<int> what the season starts from and what it goes by: each stratum but for its wear, and how fast this
     *     head loses; how much it takes up hardly tells one treatment from another
     */
    private static function indices(State $state): array
    {
        $layout = $state->layout;
        $indices = [];
        foreach (self::QUANTITIES as $quantity) {
            foreach (array_keys($layout->head->strata) as $s) {
                $indices[] = $layout->of($s, $quantity);
            }
        }

        return [...$indices, $layout->moistureFading, $layout->proteinFading];
    }

    /**
     * @param array<int, array<int, float>> $factor lower triangle L
     * @param list<float>                   $along  rise along each column of L
     *
     * @return list<float> slopes x with Lᵀ x = along
     */
    private static function slopes(array $factor, array $along): array
    {
        $slopes = $along;
        for ($i = count($along) - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < count($along); $k++) {
                $slopes[$i] -= $factor[$k][$i] * $slopes[$k];
            }
            $slopes[$i] /= $factor[$i][$i];
        }

        return array_values($slopes);
    }
}
