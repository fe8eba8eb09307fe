<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

/**
 * What readings tell of a head: the balance with them beside the balance without them. Worked out beside the book;
 * nothing is stored.
 */
final readonly class VisitImpact
{
    /**
     * @param list<StoredStratum>        $before   where each stratum stands today without them
     * @param list<StoredStratum>        $after    and with them
     * @param list<string>               $ruledOut cells that were well possible and hardly are now
     * @param list<array<string, mixed>> $readings one for each: what it says, what it moved, whether it is to be
     *     checked again
     * @param bool $testedBefore the hair had been tested lately without them; of hair that was not, no state is claimed
     * @param bool $testedAfter  with them it is
     */
    public function __construct(
        public array $before,
        public array $after,
        public array $ruledOut,
        public array $readings,
        public bool $testedBefore = true,
        public bool $testedAfter = true,
    ) {
    }

    /**
     * @param 'before'|'now' $when
     *
     * @return array<string, float> how likely the hair is in each state, by share of hair; none where nobody tested it
     */
    public function cells(string $when): array
    {
        return $when === 'before'
            ? ($this->testedBefore ? self::cellsOf($this->before) : [])
            : ($this->testedAfter ? self::cellsOf($this->after) : []);
    }

    /**
     * @param list<StoredStratum> $strata
     *
     * @return array<string, float> how likely the hair is in each state, by share of hair
     */
    public static function cellsOf(array $strata): array
    {
        $cells = [];
        foreach ($strata as $stratum) {
            foreach ($stratum['cells'] as $cell => $probability) {
                $cells[$cell] = ($cells[$cell] ?? 0.0) + $stratum['share'] * $probability;
            }
        }

        return $cells;
    }
}
