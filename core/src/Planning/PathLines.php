<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What a wash day makes of drawn paths, of one reserve or of the build-up. */
final readonly class PathLines
{
    /**
     * @param list<PathLine> $moisture by stratum; none: nobody asked for it
     * @param list<PathLine> $protein
     * @param list<PathLine> $washable
     * @param list<PathLine> $stubborn
     */
    public function __construct(
        public array $moisture = [],
        public array $protein = [],
        public array $washable = [],
        public array $stubborn = [],
    ) {
    }

    /** @param Paths $paths on the morning, of nothing but what was asked for */
    public function on(Paths $paths): Paths
    {
        return new Paths(
            self::each($this->moisture, $paths->moisture),
            self::each($this->protein, $paths->protein),
            self::each($this->washable, $paths->washable),
            self::each($this->stubborn, $paths->stubborn),
        );
    }

    /**
     * @param list<PathLine>                $lines
     * @param array<int, array<int, float>> $values by stratum, then path
     *
     * @return array<int, array<int, float>>
     */
    private static function each(array $lines, array $values): array
    {
        foreach ($values as $s => $of) {
            $values[$s] = $lines[$s]->on($of);
        }

        return $values;
    }
}
