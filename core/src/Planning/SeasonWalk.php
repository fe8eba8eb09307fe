<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\RulesInForce;

/**
 * Walks a season that is chosen to its end: what it costs by its means, rolled on as the search does, and how many rules
 * it breaks. A season that differs from the last one kept only from some wash day on is walked from there.
 */
final class SeasonWalk
{
    private readonly RolledOn $rolledOn;

    private readonly RulesInForce $rules;

    private readonly DayParts $parts;

    /** @var list<float> what is still to come costs at least, by wash day */
    private readonly array $least;

    /** Wash days walked so far: what work is measured by. */
    private int $washDaysWalked = 0;

    /** @var list<WashOption> */
    private array $kept = [];

    /** @var list<array{float, array<int, float>, RuleContext, int}> cost, means, rules and clashes before each wash day */
    private array $before = [];

    /**
     * @param list<int> $washDays days counted from today, ascending, at least one
     * @param int       $horizon  last day that counts
     * @param float     $leastOwn what no way to wash costs less than, by itself
     */
    public function __construct(
        Snapshot $start,
        RuleContext $standing,
        private readonly MeanSimulator $terrain,
        private readonly HairAhead $ahead,
        private readonly array $washDays,
        private readonly int $horizon,
        float $leastOwn = 0.0,
    ) {
        $this->rolledOn = new RolledOn($terrain, $horizon);
        $this->rules = RulesInForce::of($terrain->head, $terrain->terms);
        $this->parts = new DayParts($terrain);
        $left = $this->rolledOn->least();
        $least = [];
        foreach (array_keys($washDays) as $level) {
            $least[] = $left + (count($washDays) - 1 - $level) * $leastOwn;
        }
        $this->least = $least;
        $first = $washDays[0];
        $means = MeanSimulator::means($start->state);
        $cost = $first > 0 ? $terrain->costOfDays($means, 0, $first, $start->sealed) : 0.0;
        $means = $terrain->afterDays($means, 0, $first, $start->sealed);
        $this->before[0] = [$cost, $means, $standing->on($first, $washDays[1] ?? null, $ahead->of($means, $first)), 0];
    }

    /**
     * Walks a season and keeps it as the one others are compared with.
     *
     * @param list<WashOption> $choices one for each wash day
     *
     * @return array{float, int} what it costs and how many rules it breaks
     */
    public function keep(array $choices): array
    {
        $this->kept = $choices;

        return $this->on($choices, 0, INF, PHP_INT_MAX, true);
    }

    public function washDaysWalked(): int
    {
        return $this->washDaysWalked;
    }

    /**
     * @param list<WashOption> $choices one for each wash day
     *
     * @return list<WashOption> the same season, each day in the parts that its time asks for
     */
    public function inParts(array $choices): array
    {
        $this->keep($choices);

        return array_map(
            fn (WashOption $choice, int $level): WashOption => $this->parts->on($choice, $this->before[$level][2]),
            $choices,
            array_keys($choices),
        );
    }

    /** @return list<bool> whether a wash day of the season that is kept breaks a rule */
    public function breaks(): array
    {
        return array_map(
            fn (int $level): bool => $this->before[$level + 1][3] > $this->before[$level][3],
            array_keys($this->kept),
        );
    }

    /**
     * @param list<WashOption> $choices one for each wash day
     * @param float            $limit   dearer than that nobody wants to know more
     * @param int              $mostBroken nor where it breaks more rules than that
     *
     * @return array{float, int} what it costs and how many rules it breaks; INF where it is past a limit
     */
    public function walked(array $choices, float $limit = INF, int $mostBroken = PHP_INT_MAX): array
    {
        $from = 0;
        while (isset($this->before[$from + 1]) && $choices[$from] === $this->kept[$from]) {
            $from++;
        }

        return $this->on($choices, $from, $limit, $mostBroken, false);
    }

    /**
     * @param list<WashOption> $choices
     *
     * @return array{float, int}
     */
    private function on(array $choices, int $from, float $limit, int $mostBroken, bool $keeps): array
    {
        [$cost, $means, $standing, $broken] = $this->before[$from];
        for ($level = $from, $last = count($choices); $level < $last; $level++) {
            $this->washDaysWalked++;
            $choice = $this->parts->on($choices[$level], $standing);
            $day = $this->washDays[$level];
            $until = $this->washDays[$level + 1] ?? $this->horizon + 1;
            $broken += $this->rules->breaks($choice, $standing, $mostBroken - $broken);
            if ($broken > $mostBroken) {
                return [INF, $broken];
            }
            $effects = $this->terrain->effectsOf($choice, $day);
            $means = $effects->on($means);
            $cost += $effects->cost + $this->terrain->costOfPromises($choice, $day)
                + $this->terrain->costOfDays($means, $day, $until - $day, $effects->seals);
            if ($cost + $this->least[$level] > $limit) {
                return [INF, $broken];
            }
            $means = $this->terrain->afterDays($means, $day, $until - $day, $effects->seals);
            if ($level + 1 < $last) {
                $standing = $standing->next(
                    $choice,
                    $until,
                    $this->washDays[$level + 2] ?? null,
                    $this->ahead->of($means, $until),
                );
            }
            if ($keeps) {
                $this->before[$level + 1] = [$cost, $means, $standing, $broken];
            }
        }

        return [$cost + $this->rolledOn->cost($means, $this->horizon + 1), $broken];
    }
}
