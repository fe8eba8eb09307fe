<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

/** One question of a drill, with what is right of it. */
final readonly class DrillAsked
{
    /**
     * @param array<string, float|string> $shows   what is there to be judged, by name
     * @param non-empty-list<string>      $choices
     * @param string                      $right   one of the choices
     */
    public function __construct(
        public string $kind,
        public int $item,
        public array $shows,
        public array $choices,
        public string $right,
    ) {
    }
}
