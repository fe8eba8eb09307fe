<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\RulesInForce;

/**
 * Looks for the cheapest way through the possible wash days: a beam search, level by level, that keeps the best
 * ways that differ in what the rules remember and in where the reserves stand. Deterministic.
 */
final class BeamSearch
{
    /** Ways kept from one wash day to the next. */
    public const BEAM = 16;

    /** Times as many are rolled on before the best are kept. */
    private const LOOKED_AT = 3;

    /** Ways alike in what the rules remember fill at most this part of the beam. */
    private const ALIKE = 8;

    private const LEAST_BEAM = 6;
    private const WASH_DAYS_AT_FULL_BEAM = 18;

    private readonly int $beam;

    /** @var array<int, WashOption> those the method leaves, then those set by hand */
    private readonly array $choices;

    /** @var array<int, int> index of the choice set by hand, by day */
    private readonly array $set;

    /** @var array<int, string> what the rules look at, by choice */
    private readonly array $traits;

    private readonly RolledOn $rolledOn;

    private readonly RulesInForce $rules;

    private readonly DayParts $parts;

    /** More than any season costs. */
    private const COST_OF_A_CLASH = 1000.0;


    /**
     * @param list<WashOption>    $choices
     * @param list<int>       $washDays days counted from today, ascending, at least one
     * @param int             $horizon  last day that counts
     */
    public function __construct(
        private readonly MeanSimulator $terrain,
        private readonly HairAhead $ahead,
        array $choices,
        private readonly array $washDays,
        private readonly int $horizon,
        ?int $beam = null,
    ) {
        $set = [];
        foreach ($washDays as $day) {
            $byHand = $terrain->terms->byHand === [] ? null : $terrain->terms->setByHand($terrain->date($day));
            if ($byHand !== null) {
                $set[$day] = count($choices);
                // By hand much may be decided; what a child never gets is not among it.
                $isChild = (new RuleContext(
                    $terrain->head,
                    $day,
                    terms: $terrain->terms,
                    today: $terrain->date(0),
                ))->isChild();
                $choice = $isChild ? $byHand->choice->forAChild() : $byHand->choice;
                // Nobody says of oil by hand: what was agreed on it holds.
                $choices[] = $terrain->terms->keepsTo(ProgrammeKind::NoOils, $terrain->date($day))
                    ? $choice->withoutOils()
                    : $choice;
            }
        }
        $this->choices = $choices;
        $this->set = $set;
        // Cleanse, treatments, pre-wash, passes and minutes are all the rules look at: choices alike in them are
        // barred alike.
        $limited = $terrain->terms->limitMinutes($terrain->head);
        $this->traits = array_map(
            static fn (WashOption $choice): string => implode(' ', $choice->treatments())
                . "|{$choice->cleanse->value}|{$choice->preWash}|{$choice->oils}|{$choice->preWashBefore}|"
                . "{$choice->inStyle}|{$choice->stylesAfter}|{$choice->passes}|"
                . ($limited ? $choice->minutes($terrain->head) : ''),
            $choices,
        );
        // The work grows with wash days times ways: a season of very many wash days is searched with a narrower beam.
        $this->beam = $beam
            ?? max(
                self::LEAST_BEAM,
                min(self::BEAM, intdiv(self::BEAM * self::WASH_DAYS_AT_FULL_BEAM, count($washDays))),
            );
        $this->rolledOn = new RolledOn($terrain, $horizon);
        $this->rules = RulesInForce::of($terrain->head, $terrain->terms);
        $this->parts = new DayParts($terrain);
    }

    /**
     * @return array{
     *     list<WashOption>, float,
     * } one choice for each wash day, and what the way costs with the days rolled on
     */
    public function best(Snapshot $start, RuleContext $standing): array
    {
        $means = MeanSimulator::means($start->state);
        $first = $this->washDays[0];
        $arrived = $this->terrain->afterDays($means, 0, $first, $start->sealed);
        $ways = [[
            'cost' => $first > 0 ? $this->terrain->costOfDays($means, 0, $first, $start->sealed) : 0.0,
            'means' => $arrived,
            'standing' => $standing->on($first, $this->washDays[1] ?? null, $this->ahead->of($arrived, $first)),
            'choices' => [],
        ]];
        foreach ($this->washDays as $level => $day) {
            $until = $this->washDays[$level + 1] ?? $this->horizon + 1;
            $next = [];
            foreach ($ways as $way) {
                [$open, $broken] = $this->open($way['standing']);
                // A way that runs into a clash later must lose against one that does not.
                $clash = self::COST_OF_A_CLASH * $broken;
                foreach ($open as $index => $choice) {
                    $effects = $this->terrain->effectsOf($choice, $day);
                    $after = $effects->on($way['means']);
                    $cost = $way['cost'] + $clash + $effects->cost + $this->terrain->costOfPromises($choice, $day)
                        + $this->terrain->costOfDays($after, $day, $until - $day, $effects->seals);
                    $key = BeamPlace::place($after, $way['standing'], $choice, $day);
                    if (! isset($next[$key]) || $cost < $next[$key]['cost']) {
                        $next[$key] = [
                            'cost' => $cost, 'after' => $after, 'way' => $way, 'index' => $index,
                            'sealed' => $effects->seals,
                        ];
                    }
                }
            }
            $ways = $this->kept($next, $day, $until, $this->washDays[$level + 2] ?? null);
        }

        return [
            array_map(fn (int $index): WashOption => $this->choices[$index], $ways[0]['choices']),
            $ways[0]['ahead'] ?? $ways[0]['cost'],
        ];
    }

    /**
     * Ways that look good so far are compared by what they lead to: each of the first few is rolled on with the house
     * rhythm.
     *
     * @param array<string, array{
     *     cost: float, after: array<int, float>,
     *     way: array{cost: float, means: array<int, float>, standing: RuleContext, choices: list<int>}, index: int,
     *     sealed: bool,
     * }> $next
     *
     * @return non-empty-list<array{
     *     cost: float, ahead: float, means: array<int, float>, standing: RuleContext, choices: list<int>,
     * }>
     */
    private function kept(array $next, int $day, int $until, ?int $then): array
    {
        uasort($next, static fn (array $a, array $b): int => $a['cost'] <=> $b['cost']);
        $candidates = [];
        foreach (array_slice($next, 0, min(self::LOOKED_AT * $this->beam, count($next))) as $key => $found) {
            $arrived = $this->terrain->afterDays($found['after'], $day, $until - $day, $found['sealed']);
            $shortage = $this->maskShortage($found['way']['standing'], $this->choices[$found['index']], $day);
            $ahead = $found['cost'] + $this->rolledOn->cost($arrived, $until) + $shortage;
            $candidates[$key] = ['ahead' => $ahead, 'means' => $arrived];
        }
        uasort($candidates, static fn (array $a, array $b): int => $a['ahead'] <=> $b['ahead']);
        $ways = $alike = [];
        foreach ($candidates as $key => ['ahead' => $ahead, 'means' => $arrived]) {
            $found = $next[$key];
            // What the rules remember decides what is open later; ways alike in it must not crowd out the others.
            $memory = substr($key, 0, (int) strpos($key, '/'));
            $alike[$memory] = ($alike[$memory] ?? 0) + 1;
            if ($alike[$memory] > max(1, intdiv($this->beam, self::ALIKE))) {
                continue;
            }
            if (count($ways) >= $this->beam) {
                break;
            }
            $ways[] = [
                'cost' => $found['cost'],
                'ahead' => $ahead,
                'means' => $arrived,
                'standing' => $found['way']['standing']->next(
                    $this->choices[$found['index']],
                    $until,
                    $then,
                    $this->ahead->of($arrived, $until),
                ),
                'choices' => [...$found['way']['choices'], $found['index']],
            ];
        }
        assert($ways !== []);

        return $ways;
    }

    /**
     * Masks that the rules will ask for to the end of the season and that are not in stock any more: clashes that are
     * still to come.
     */
    private function maskShortage(RuleContext $standing, WashOption $choice, int $day): float
    {
        $stock = $standing->terms->stock['mask'] ?? null;
        $last = $choice->masks() ? $day : $standing->lastMask;
        if ($stock === null || $last === null) {
            return 0.0;
        }
        $left = $stock - ($standing->used['mask'] ?? 0) - ($choice->masks() ? 1 : 0);

        return self::COST_OF_A_CLASH * max(
            0,
            intdiv(max(0, $this->horizon - $last), $this->terrain->head->parameters->planning->maskNoLaterDays) - $left,
        );
    }

    /**
     * The choices the rules leave open; where they leave none, those that break fewest, and the shortest of those
     * that break the client's time.
     *
     * @return array{non-empty-array<int, WashOption>, int} and how many rules each of them breaks
     */
    private function open(RuleContext $standing): array
    {
        if (isset($this->set[$standing->day])) {
            $index = $this->set[$standing->day];

            return [[$index => $this->choices[$index]], 0];
        }
        $barred = $known = [];
        foreach ($this->traits as $index => $trait) {
            if (in_array($index, $this->set, true)) {
                continue;
            }
            $done = $this->parts->on($this->choices[$index], $standing);
            $barred[$index] = $known[$trait] ??= BeamPlace::weight(
                $this->rules->barring($done, $standing),
                $done,
                $standing->head,
            );
        }
        assert($barred !== []);
        $least = min($barred);

        $open = array_intersect_key(
            $this->choices,
            array_filter($barred, static fn (float $weight): bool => $weight === $least),
        );
        assert($open !== []);

        return [$open, (int) ($least / BeamPlace::ONE_RULE)];
    }
}
