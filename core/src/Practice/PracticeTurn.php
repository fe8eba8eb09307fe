<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** One visit as it was played: what was read, in the order it was asked for, and what was decided. */
final readonly class PracticeTurn
{
    /**
     * @param list<string>          $tests    names
     * @param PracticeDecision|null $decision null: the visit is still open
     */
    public function __construct(public array $tests, public ?PracticeDecision $decision = null)
    {
    }
}
