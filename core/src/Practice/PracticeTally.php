<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** What a practice case has come to so far. */
final readonly class PracticeTally
{
    /**
     * @param float       $daysOut     days out of balance, a day of half the hair counting half
     * @param float       $minutes     in the salon and at home
     * @param float       $money       in the salon's currency
     * @param float       $brokenHairs expected to break beyond those of hair in balance and without wear
     * @param int         $scalpDays   days on which something of the scalp was past its limit
     * @param list<array{array<string, float>, array<string, float>}> $beliefs said, and as it was, by cell
     */
    public function __construct(
        public float $daysOut = 0.0,
        public float $minutes = 0.0,
        public float $money = 0.0,
        public float $brokenHairs = 0.0,
        public int $scalpDays = 0,
        public array $beliefs = [],
    ) {
    }

    public function with(
        float $daysOut = 0.0,
        float $minutes = 0.0,
        float $money = 0.0,
        float $brokenHairs = 0.0,
        int $scalpDays = 0,
    ): self {
        return new self(
            $this->daysOut + $daysOut,
            $this->minutes + $minutes,
            $this->money + $money,
            $this->brokenHairs + $brokenHairs,
            $this->scalpDays + $scalpDays,
            $this->beliefs,
        );
    }

    /**
     * @param array<string, float> $belief by cell, summing to 1
     * @param array<string, float> $truth  share of the hair by cell
     */
    public function believing(array $belief, array $truth): self
    {
        return new self(
            $this->daysOut,
            $this->minutes,
            $this->money,
            $this->brokenHairs,
            $this->scalpDays,
            [...$this->beliefs, [$belief, $truth]],
        );
    }

    /**
     * Brier's score (1950, from memory) of all that was said: the mean of Σ (said − was)² over the cells. 0 is perfect, 2
     * is to be sure of what is wrong each time.
     *
     * @return float|null null while nothing was said
     */
    public function brier(): ?float
    {
        $sum = 0.0;
        foreach ($this->beliefs as [$belief, $truth]) {
            foreach ($truth as $cell => $was) {
                $sum += (($belief[$cell] ?? 0.0) - $was) ** 2;
            }
        }

        return $this->beliefs === [] ? null : $sum / count($this->beliefs);
    }
}
