<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Treatments\StepKind;

/** The seasons that differ a little from one: in a trait of a wash day, or in those of two or of a run of wash days. */
final class SeasonMoves
{
    /** Wash days further apart than that do not change places. */
    public const NEAR = 2;

    /** Longer runs of wash days are not shifted. */
    private const RUN = 6;

    /** @var array<string, WashOption> by what is done */
    private readonly array $options;

    /** @var array<string, list<WashOption>> by what is done */
    private array $treated = [];

    /** @var array<string, list<WashOption>> by what is done */
    private array $conditioned = [];

    /** @param non-empty-list<WashOption> $options the ways a wash day can be done */
    public function __construct(array $options)
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

    /** The way among the options that does the same; itself where there is none. */
    public function like(WashOption $choice): WashOption
    {
        return $this->options[self::key($this->traits($choice))] ?? $choice;
    }

    /**
     * @param list<WashOption> $choices
     * @param list<bool>       $fixed
     *
     * @return iterable<list<WashOption>> seasons that differ in this wash day, or in it and a later one
     */
    public function around(array $choices, array $fixed, int $at): iterable
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
            yield from $other === $at + 1 ? $this->masksMoved($choices, $at, $other) : [];
            if (self::apart($own, $theirs) > 1) {
                yield self::with($choices, [$at => $choices[$other], $other => $choices[$at]]);
            }
        }
        yield from $this->carried($choices, $fixed, $at);
        yield from $this->shifts($choices, $fixed, $at);
    }

    /**
     * @param list<WashOption> $choices
     * @param list<bool>       $fixed
     *
     * @return iterable<list<WashOption>> seasons in which what is rare, clarifying, changes places with the cleanse of any
     *     other wash day, however far
     */
    private function carried(array $choices, array $fixed, int $at): iterable
    {
        $own = $this->traits($choices[$at]);
        foreach ($choices[$at]->cleanse->clarifies() ? $choices : [] as $other => $choice) {
            if (! $fixed[$other] && ! $choice->cleanse->clarifies() && abs($other - $at) > self::NEAR) {
                $swapped = $this->swapped($own, $this->traits($choice), 'cleanse');
                if ($swapped !== null) {
                    yield self::with($choices, [$at => $swapped[0], $other => $swapped[1]]);
                }
            }
        }
    }

    /**
     * @param list<WashOption> $choices
     *
     * @return iterable<list<WashOption>> seasons that differ in this wash day alone
     */
    public function alone(array $choices, int $at): iterable
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

    /**
     * @param list<WashOption> $choices
     *
     * @return iterable<list<WashOption>> seasons in which one of two wash days is masked longer and the other shorter, or
     *     not at all
     */
    private function masksMoved(array $choices, int $at, int $other): iterable
    {
        $isLonger = static fn (WashOption $one, WashOption $than): bool
            => [$one->masks(), $one->conditioningMinutes] > [$than->masks(), $than->conditioningMinutes];
        foreach ($this->conditioned($choices[$at]) as $one) {
            foreach ($this->conditioned($choices[$other]) as $two) {
                if ($isLonger($one, $choices[$at]) !== $isLonger($two, $choices[$other])) {
                    yield self::with($choices, [$at => $one, $other => $two]);
                }
            }
        }
    }

    /** @return list<WashOption> the same wash day conditioned in another way */
    private function conditioned(WashOption $choice): array
    {
        return $this->conditioned[self::key($this->traits($choice))] ??= array_values(array_filter(
            $this->options,
            fn (WashOption $option): bool
                => array_keys(array_diff_assoc($this->traits($option), $this->traits($choice))) === ['conditioning'],
        ));
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
