<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

/** A state after time or a step, with what had to be held at the edge of its scale. */
final readonly class Moved
{
    /** @param list<Limit> $limits */
    public function __construct(
        public State $state,
        public array $limits = [],
    ) {
    }
}
