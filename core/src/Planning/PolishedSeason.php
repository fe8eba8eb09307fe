<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Treatments\StepKind;

/**
 * Makes a season that a search found a little better: one trait of a wash day is changed, or two wash days near each
 * other change places in one trait or altogether, for as long as that saves anything and breaks no rule more. A search
 * that keeps a few ways only forgets some that would have been cheaper in the end; this finds most of them.
 */
final class PolishedSeason
{
    /** Wash days further apart than that do not change places. */
    private const NEAR = 2;

    /** Sweeps in which one wash day alone is changed, once the others are over. */
    private const LIGHT_SWEEPS = 1;

    /** Longer runs of wash days are not shifted. */
    private const RUN = 6;

    /**
     * Wash days that are walked at most, so that a season of very many is not polished for seconds: some thirteen need
     * two thirds of it.
     */
    private const MOST_WALKED = 9_000;

    /** Saving less than that is no reason to change anything; a head one band width outside for a day costs 1. */
    private const WORTH = 1e-6;

    /** @var array<string, WashOption> by what is done */
    private readonly array $options;

    /** @var array<string, list<WashOption>> by what is done */
    private array $treated = [];

    /** @param non-empty-list<WashOption> $options the ways a wash day can be done */
    public function __construct(private readonly SeasonWalk $walk, array $options)
    {
        $byTraits = [];
        foreach ($options as $option) {
            // In which parts a day is done follows from its time.
            if (! $option->stylesAfter && ! $option->preWashBefore) {
                $byTraits[self::key($this->traits($option))] = $option;
            }
        }
        $this->options = $byTraits;
    }

    /**
     * @param list<WashOption> $choices one for each wash day
     * @param list<bool>       $fixed   whether a wash day stays as it is
     * @param int              $sweeps  over the whole season, at most; after them one wash day alone is still changed
     *
     * @return list<WashOption>
     */
    public function of(array $choices, array $fixed, int $sweeps = 2): array
    {
        foreach ($choices as $at => $choice) {
            $choices[$at] = $fixed[$at] ? $choice : $this->options[self::key($this->traits($choice))] ?? $choice;
        }
        [$cost, $broken] = $this->walk->keep($choices);
        $worthALook = array_keys($choices);
        $most = $this->walk->washDaysWalked() + self::MOST_WALKED;
        for ($sweep = 0; $sweep < $sweeps + self::LIGHT_SWEEPS && $worthALook !== []; $sweep++) {
            $changed = [];
            $isLight = $sweep >= $sweeps;
            // What changes last is walked over the shortest way: from the end of the season to its beginning.
            foreach (array_reverse($worthALook) as $at) {
                $moves = $isLight ? $this->alone($choices, $at) : $this->moves($choices, $fixed, $at);
                foreach ($fixed[$at] ? [] : $moves as $tried) {
                    if ($this->walk->washDaysWalked() > $most) {
                        return $choices;
                    }
                    [$then, $breaks] = $this->walk->walked($tried, $cost - self::WORTH, $broken);
                    if ($then < $cost - self::WORTH) {
                        $changed = [...$changed, ...self::others($choices, $tried)];
                        [$choices, $cost, $broken] = [$tried, $then, $breaks];
                        $this->walk->keep($choices);
                    }
                }
            }
            $worthALook = self::near($changed, count($choices));
        }

        return $choices;
    }

    /**
     * @param list<WashOption> $choices
     * @param list<WashOption> $tried
     *
     * @return list<int> wash days that are done otherwise
     */
    private static function others(array $choices, array $tried): array
    {
        return array_values(array_filter(
            array_keys($choices),
            static fn (int $level): bool => $choices[$level] !== $tried[$level],
        ));
    }

    /**
     * @param list<int> $changed
     *
     * @return list<int> wash days on which something may be worth doing otherwise now, ascending
     */
    private static function near(array $changed, int $washDays): array
    {
        return array_values(array_filter(
            range(0, $washDays - 1),
            static fn (int $level): bool => array_filter(
                $changed,
                static fn (int $one): bool => abs($one - $level) <= self::NEAR,
            ) !== [],
        ));
    }

    /**
     * @param list<WashOption> $choices
     * @param list<bool>       $fixed
     *
     * @return iterable<list<WashOption>> seasons that differ in this wash day, or in it and a later one
     */
    private function moves(array $choices, array $fixed, int $at): iterable
    {
        yield from $this->alone($choices, $at);
        $own = $this->traits($choices[$at]);
        for ($other = $at + 1; $other <= $at + self::NEAR && isset($choices[$other]); $other++) {
            if ($fixed[$other]) {
                continue;
            }
            $theirs = $this->traits($choices[$other]);
            foreach (array_keys($own) as $trait) {
                $swapped = $own[$trait] === $theirs[$trait] ? null : $this->swapped($own, $theirs, $trait);
                if ($swapped !== null) {
                    yield self::with($choices, [$at => $swapped[0], $other => $swapped[1]]);
                }
            }
            foreach ($this->treated($choices[$at]) as $one) {
                foreach ($this->treated($choices[$other]) as $two) {
                    yield self::with($choices, [$at => $one, $other => $two]);
                }
            }
            if (self::apart($own, $theirs) > 1) {
                yield self::with($choices, [$at => $choices[$other], $other => $choices[$at]]);
            }
        }
        yield from $this->shifts($choices, $fixed, $at);
    }

    /**
     * @param list<WashOption> $choices
     *
     * @return iterable<list<WashOption>> seasons that differ in this wash day alone
     */
    private function alone(array $choices, int $at): iterable
    {
        $own = $this->traits($choices[$at]);
        foreach ($this->options as $option) {
            if (self::apart($own, $this->traits($option)) === 1) {
                yield self::with($choices, [$at => $option]);
            }
        }
        foreach ($this->treated($choices[$at]) as $treated) {
            yield self::with($choices, [$at => $treated]);
        }
    }

    /**
     * @param list<WashOption> $choices
     * @param list<bool>       $fixed
     *
     * @return iterable<list<WashOption>> seasons in which one wash day is put in and the ones after it come one later,
     *     up to some day, or one is left out and they come one sooner
     */
    private function shifts(array $choices, array $fixed, int $at): iterable
    {
        for ($end = $at + 1; $end <= $at + self::RUN && isset($choices[$end]) && ! $fixed[$end]; $end++) {
            $between = array_slice($choices, $at, $end - $at);
            foreach ($this->treated($choices[$at]) as $put) {
                yield array_values(array_replace($choices, self::placed($at, [$put, ...$between])));
            }
            $between = array_slice($choices, $at + 1, $end - $at);
            foreach ($this->treated($choices[$end]) as $put) {
                yield array_values(array_replace($choices, self::placed($at, [...$between, $put])));
            }
        }
    }

    /**
     * @param list<WashOption> $run
     *
     * @return array<int, WashOption> by place, from one on
     */
    private static function placed(int $from, array $run): array
    {
        return array_combine(range($from, $from + count($run) - 1), $run);
    }

    /**
     * @param array<string, string> $own
     * @param array<string, string> $theirs
     *
     * @return array{WashOption, WashOption}|null null where one of them is no way to wash
     */
    private function swapped(array $own, array $theirs, string $trait): ?array
    {
        $one = $this->options[self::key([$trait => $theirs[$trait]] + $own)] ?? null;
        $two = $this->options[self::key([$trait => $own[$trait]] + $theirs)] ?? null;

        return $one === null || $two === null ? null : [$one, $two];
    }

    /** @return list<WashOption> the same wash day with the other kinds of protein or none, strong with a mask after it */
    private function treated(WashOption $choice): array
    {
        return $this->treated[self::key($this->traits($choice))] ??= $this->otherwiseTreated($choice);
    }

    /** @return list<WashOption> */
    private function otherwiseTreated(WashOption $choice): array
    {
        $found = [];
        foreach ($this->options as $option) {
            $apart = array_keys(array_diff_assoc($this->traits($option), $this->traits($choice)));
            $isMaskAdded = $option->protein === StepKind::StrongProtein && $option->masks() && ! $choice->masks();
            if ($apart === ['protein'] || $apart === ['protein', 'conditioning'] && $isMaskAdded) {
                // Of the masks that could be added, the first is the shortest.
                $found[$option->protein->value ?? ''] ??= $option;
            }
        }

        return array_values($found);
    }

    /** @return array<string, string> */
    private function traits(WashOption $option): array
    {
        return [
            'cleanse' => "{$option->cleanse->value} {$option->passes}",
            'protein' => $option->protein->value ?? '',
            'conditioning' => "{$option->conditioning->value} {$option->conditioningMinutes} {$option->heat}",
            'oils' => "{$option->preWash} {$option->oils} {$option->oilsScalp} {$option->inStyle}",
        ];
    }

    /** @param array<string, string> $traits */
    private static function key(array $traits): string
    {
        return "{$traits['cleanse']}/{$traits['protein']}/{$traits['conditioning']}/{$traits['oils']}";
    }

    /**
     * @param array<string, string> $own
     * @param array<string, string> $theirs
     */
    private static function apart(array $own, array $theirs): int
    {
        return count(array_diff_assoc($own, $theirs));
    }

    /**
     * @param list<WashOption>       $choices
     * @param array<int, WashOption> $others by place
     *
     * @return list<WashOption>
     */
    private static function with(array $choices, array $others): array
    {
        return array_values(array_replace($choices, $others));
    }
}
