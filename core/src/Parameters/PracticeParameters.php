<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What a practice case is scored by, in days of a whole head out of balance. */
final readonly class PracticeParameters
{
    /** days out of balance that breaking a rule of the trade counts for */
    public float $costOfARule;

    /** days out of balance that a hair counts for which broke and need not have */
    public float $costOfABrokenHair;

    /** days out of balance that a day counts for on which the scalp needs something */
    public float $costOfAScalpDay;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->costOfARule = $table->number('practice.cost-of-a-rule');
        $this->costOfABrokenHair = $table->number('practice.cost-of-a-broken-hair');
        $this->costOfAScalpDay = $table->number('practice.cost-of-a-scalp-day');
    }
}
