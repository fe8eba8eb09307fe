<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What stands on drawn paths: each step is taken at once. */
final class PathValues implements PathReserve
{
    /** @param array<int, float> $values by path */
    public function __construct(public array $values)
    {
    }

    public function then(array $scale, array $shift): void
    {
        $values = $this->values;
        foreach ($scale as $path => $by) {
            $value = $by * $values[$path] + $shift[$path];
            $values[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
        }
        $this->values = $values;
    }

    /**
     * @param array<int, array<int, float>> $values by stratum, then path
     *
     * @return list<self>
     */
    public static function each(array $values): array
    {
        return array_values(array_map(static fn (array $of): self => new self($of), $values));
    }

    /**
     * @param list<self> $strata
     *
     * @return list<array<int, float>>
     */
    public static function of(array $strata): array
    {
        return array_map(static fn (self $one): array => $one->values, $strata);
    }
}
