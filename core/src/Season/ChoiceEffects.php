<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

/** What a choice does to one head, worked out once. */
final readonly class ChoiceEffects
{
    /**
     * @param list<list<array{float, float, float, float, float, float, float}>> $steps by step, then stratum: washable kept, stubborn kept,
     *                                                                                 stubborn added, moisture lost, protein lost, moisture gain, protein gain
     * @param float                                                              $cost  minutes, wear and price
     */
    public function __construct(
        public array $steps,
        public float $cost,
        public bool $seals,
    ) {
    }
}
