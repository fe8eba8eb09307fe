<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Treatments\StepKind;

/**
 * Finds the best way to spend the wash days of a season. It is searched thrice with few ways kept: once among all ways
 * to wash, once with masks of the length that was found, which leaves room to try other orders of protein, and once
 * without mild protein as well. The best of them is polished, which finds the length of each mask, and what hardly does
 * anything is taken out. What that leaves on the table is measured by bin/bench against annealing and wide searches.
 */
final readonly class SeasonSearch
{
    /** Ways kept among all ways to wash. */
    private const FINE = 4;

    /** Ways kept with masks of one length. */
    private const COARSE = 12;

    /**
     * So many are kept for thirteen wash days with so many ways; of more wash days or more ways fewer, for the work grows
     * with their product.
     */
    private const FULL_WASH_DAYS = 13;
    private const FULL_FINE = 45;
    private const FULL_COARSE = 18;
    private const FEWEST = 4;

    /**
     * @param list<int> $washDays days counted from today, ascending, at least one
     * @param int       $horizon  last day that counts
     */
    public function __construct(
        private MeanSimulator $terrain,
        private HairAhead $ahead,
        private array $washDays,
        private int $horizon,
    ) {
    }

    /** @return list<WashOption> one for each wash day, with what hardly does anything taken out */
    public function best(Snapshot $start, RuleContext $standing): array
    {
        $options = WashOptions::of($this->terrain->head, $this->terrain->terms);
        $walk = new SeasonWalk(
            $start,
            $standing,
            $this->terrain,
            $this->ahead,
            $this->washDays,
            $this->horizon,
            min(array_map($this->terrain->ownCost(...), $options)),
        );

        return $walk->inParts($this->lean($walk)->of($this->polished($start, $standing, $walk, $options)));
    }

    /**
     * @param non-empty-list<WashOption> $options
     *
     * @return list<WashOption> the best that is found before anything is taken out
     */
    public function polished(Snapshot $start, RuleContext $standing, SeasonWalk $walk, array $options): array
    {
        $options = self::whole($options);
        // What runs short has to be shared out over the whole season.
        $fine = $this->terrain->terms->stock === [] ? self::FINE : BeamSearch::BEAM;
        $best = $this->searched($options, $this->kept($fine, self::FULL_FINE, $options), $start, $standing);
        foreach (self::coarse($options, $best) as $coarse) {
            $ways = $this->kept(self::COARSE, self::FULL_COARSE, $coarse);
            $other = $this->searched($coarse, $ways, $start, $standing);
            $best = self::isBetter($walk->walked($other), $walk->walked($best)) ? $other : $best;
        }
        $lean = $this->lean($walk);
        // A day that finds no way within the rules was given the one that goes against them least.
        $walk->keep($best);
        $fixed = array_map(
            static fn (int $level, bool $breaks): bool => $breaks || $lean->isByHand($level),
            array_keys($best),
            $walk->breaks(),
        );

        return (new PolishedSeason($walk, $options))->of($best, $fixed);
    }

    /**
     * @param non-empty-list<WashOption> $options
     *
     * @return non-empty-list<WashOption> without those in parts: in which parts a day is done follows from its time
     */
    private static function whole(array $options): array
    {
        $whole = array_values(array_filter(
            $options,
            static fn (WashOption $option): bool => ! $option->stylesAfter && ! $option->preWashBefore,
        ));

        return $whole === [] ? $options : $whole;
    }

    /**
     * @param int              $ways    kept at most
     * @param int              $full    ways to wash up to which so many are kept, with thirteen wash days
     * @param list<WashOption> $options
     */
    private function kept(int $ways, int $full, array $options): int
    {
        $work = count($this->washDays) * count($options);

        return max(self::FEWEST, min($ways, intdiv($ways * self::FULL_WASH_DAYS * $full, max(1, $work))));
    }

    private function lean(SeasonWalk $walk): LeanSeason
    {
        return new LeanSeason($walk, $this->terrain, $this->washDays);
    }

    /**
     * @param non-empty-list<WashOption> $options
     *
     * @return list<WashOption>
     */
    private function searched(array $options, int $ways, Snapshot $start, RuleContext $standing): array
    {
        $search = new BeamSearch($this->terrain, $this->ahead, $options, $this->washDays, $this->horizon, $ways);

        return $search->best($start, $standing)[0];
    }

    /**
     * @param non-empty-list<WashOption> $options
     * @param list<WashOption>           $best    what was found among all of them
     *
     * @return list<non-empty-list<WashOption>> the ways with masks of one length, and those of them without mild protein:
     *     strong protein lies far apart, and a few ways that keep to it are soon crowded out by many that do not
     */
    private static function coarse(array $options, array $best): array
    {
        $coarse = self::withOneMask($options, $best);
        $strong = array_values(array_filter(
            $coarse,
            static fn (WashOption $option): bool => $option->protein !== StepKind::MildProtein,
        ));

        return array_values(array_filter(
            [$coarse, $strong],
            static fn (array $some): bool => $some !== [] && count($some) < count($options),
        ));
    }

    /**
     * @param non-empty-list<WashOption> $options
     * @param list<WashOption>           $best    what was found among all of them
     *
     * @return non-empty-list<WashOption> of the masks only those as long as the middle one that was found
     */
    private static function withOneMask(array $options, array $best): array
    {
        $masks = array_filter(
            array_filter($best, static fn (WashOption $option): bool => $option->masks()) ?: $options,
            static fn (WashOption $option): bool => $option->masks(),
        );
        $lengths = array_values(array_map(static fn (WashOption $mask): float => $mask->conditioningMinutes, $masks));
        sort($lengths);
        $middle = $lengths[intdiv(count($lengths), 2)] ?? 0.0;
        $coarse = array_values(array_filter(
            $options,
            static fn (WashOption $option): bool => ! $option->masks() || $option->conditioningMinutes === $middle,
        ));

        return $coarse === [] ? $options : $coarse;
    }

    /**
     * @param array{float, int} $one cost and rules it breaks
     * @param array{float, int} $other
     */
    private static function isBetter(array $one, array $other): bool
    {
        return [$one[1], $one[0]] < [$other[1], $other[0]];
    }
}
