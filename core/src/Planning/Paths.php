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

    /** @param 'moisture'|'protein'|'build-up' $what */
    public function only(string $what): self
    {
        return match ($what) {
            'moisture' => new self($this->moisture, [], [], []),
            'protein' => new self([], $this->protein, [], []),
            'build-up' => new self([], [], $this->washable, $this->stubborn),
        };
    }

    /** @param list<int> $paths */
    public function without(array $paths): self
    {
        if ($paths === []) {
            return $this;
        }

        return new self(
            self::rest($this->moisture, $paths),
            self::rest($this->protein, $paths),
            self::rest($this->washable, $paths),
            self::rest($this->stubborn, $paths),
        );
    }

    /**
     * @param array<int, array<int, float>> $of    by stratum, then path
     * @param list<int>                     $paths
     *
     * @return array<int, array<int, float>>
     */
    private static function rest(array $of, array $paths): array
    {
        foreach ($of as $s => $values) {
            foreach ($paths as $path) {
                unset($values[$path]);
            }
            $of[$s] = $values;
        }

        return $of;
    }
}
