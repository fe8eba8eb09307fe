<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/**
 * Makes a season that a search found a little better: one trait of a wash day is changed, or two wash days near each
 * other change places in one trait or altogether, for as long as that saves anything and breaks no rule more. A search
 * that keeps a few ways only forgets some that would have been cheaper in the end; this finds most of them.
 */
final class PolishedSeason
{
    /** Sweeps in which one wash day alone is changed, once the others are over. */
    private const LIGHT_SWEEPS = 1;

    /** Wash days that are walked at most, so that a season of very many is not polished for seconds. */
    private const MOST_WALKED = 20_000;

    /** Saving less than that is no reason to change anything; a head one band width outside for a day costs 1. */
    private const WORTH = 1e-6;

    private readonly SeasonMoves $moves;

    /** @param non-empty-list<WashOption> $options the ways a wash day can be done */
    public function __construct(private readonly SeasonWalk $walk, array $options)
    {
        $this->moves = new SeasonMoves($options);
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
            $choices[$at] = $fixed[$at] ? $choice : $this->moves->like($choice);
        }
        [$cost, $broken] = $this->walk->keep($choices);
        $worthALook = array_keys($choices);
        $most = $this->walk->washDaysWalked() + self::MOST_WALKED;
        for ($sweep = 0; $sweep < $sweeps + self::LIGHT_SWEEPS && $worthALook !== []; $sweep++) {
            $changed = [];
            $isLight = $sweep >= $sweeps;
            // What changes last is walked over the shortest way: from the end of the season to its beginning.
            foreach (array_reverse($worthALook) as $at) {
                $moves = $isLight ? $this->moves->alone($choices, $at) : $this->moves->around($choices, $fixed, $at);
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
                static fn (int $one): bool => abs($one - $level) <= SeasonMoves::NEAR,
            ) !== [],
        ));
    }
}
