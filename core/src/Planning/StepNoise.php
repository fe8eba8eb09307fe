<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** The noise of one step on drawn paths, the same each time it is asked for. */
final class StepNoise
{
    /** @var array<int, list<float>> by kind */
    private array $blocks = [];

    /** @param int $place of the step among those of the season */
    public function __construct(private readonly int $place)
    {
    }

    /**
     * @param int $kind of PathNoise
     *
     * @return list<float> standard normal, by path
     */
    public function of(int $kind): array
    {
        return $this->blocks[$kind] ??= PathNoise::block($kind, $this->place, 0, PathSimulator::COUNT);
    }
}
