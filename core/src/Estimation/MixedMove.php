<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\StratumEffect;

/**
 * What one of several steps does to mean, slopes and doubt of a state, where nobody knows which it was: the mean and the
 * slopes of all, and how far they lie apart as doubt. The first two moments of the mixture are kept, but for what the
 * slopes differ by under the state's own doubt.
 */
final class MixedMove
{
    /** @var array<int, float> */
    public array $mean;

    /** @var array<int, array<int, float>> */
    public array $slopes = [];

    /** @var list<array<int, float>> */
    public array $noise = [];

    /** @param non-empty-list<array{float, list<StratumEffect>}> $choices probability, and effects one for each stratum */
    public function __construct(State $state, array $choices, float $effectSd)
    {
        $moves = array_map(
            static fn (array $choice): StepMove => new StepMove($state, $choice[1], $effectSd),
            $choices,
        );
        $chances = array_column($choices, 0);
        $this->mean = self::mean($moves, $chances);
        foreach ($moves as $move) {
            foreach (array_keys($move->slopes) as $row) {
                $this->slopes[$row] ??= self::row($row, $moves, $chances);
            }
        }
        foreach ($moves as $j => $move) {
            $this->doubt($move, sqrt($chances[$j]));
        }
    }

    private function doubt(StepMove $move, float $root): void
    {
        foreach ($move->noise() as $source) {
            $this->noise[] = array_map(static fn (float $sd): float => $root * $sd, $source);
        }
        $apart = [];
        foreach ($move->mean as $index => $value) {
            if ($value !== $this->mean[$index]) {
                $apart[$index] = $root * ($value - $this->mean[$index]);
            }
        }
        $this->noise = $apart === [] ? $this->noise : [...$this->noise, $apart];
    }

    /**
     * @param non-empty-list<StepMove> $moves
     * @param list<float>              $chances
     *
     * @return array<int, float>
     */
    private static function mean(array $moves, array $chances): array
    {
        $mean = $moves[0]->mean;
        foreach ($mean as $index => $first) {
            foreach ($moves as $j => $move) {
                // From the first one on, so that what none of them moves stays to the last bit.
                $mean[$index] += $chances[$j] * ($move->mean[$index] - $first);
            }
        }

        return $mean;
    }

    /**
     * @param non-empty-list<StepMove> $moves
     * @param list<float>              $chances
     *
     * @return array<int, float>
     */
    private static function row(int $row, array $moves, array $chances): array
    {
        $slopes = [];
        foreach ($moves as $j => $move) {
            foreach ($move->slopes[$row] ?? [$row => 1.0] as $column => $slope) {
                $slopes[$column] = ($slopes[$column] ?? 0.0) + $chances[$j] * $slope;
            }
        }

        return $slopes;
    }
}
