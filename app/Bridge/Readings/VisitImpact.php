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
     */
    public function __construct(
        public array $before,
        public array $after,
        public array $ruledOut,
        public array $readings,
    ) {
    }

    /**
     * @param 'before'|'now' $when
     *
     * @return array<string, float> how likely the hair is in each state, by share of hair
     */
    public function cells(string $when): array
    {
        return self::cellsOf($when === 'before' ? $this->before : $this->after);
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
