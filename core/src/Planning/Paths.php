<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** Drawn reserves and build-up of a head on one day: by stratum, then path, on their scales of 0 to 100. */
final readonly class Paths
{
    /**
     * @param array<int, array<int, float>> $moisture
     * @param array<int, array<int, float>> $protein
     * @param array<int, array<int, float>> $washable
     * @param array<int, array<int, float>> $stubborn
     */
    public function __construct(
        public array $moisture,
        public array $protein,
        public array $washable,
        public array $stubborn,
    ) {
    }
}
