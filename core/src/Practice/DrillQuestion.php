<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** One question of a drill, with what is right of it. */
final readonly class DrillQuestion
{
    /**
     * @param array<string, float|string> $shows   what is there to be judged, by name
     * @param non-empty-list<string>      $choices by name; of doses in mL, as least-most; of minutes whole
     * @param string                      $right   one of the choices
     */
    public function __construct(
        public DrillKind $kind,
        public int $item,
        public array $shows,
        public array $choices,
        public string $right,
    ) {
    }
}
