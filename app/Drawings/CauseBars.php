<?php

declare(strict_types=1);

namespace App\Drawings;

/** Two bars a cause from one line of nothing: what it came to in the weeks before, and lately. */
final readonly class CauseBars
{
    /** Stretched over the room there is. */
    public const WIDTH = 200.0;

    /**
     * @param float                                                                           $zero x of nothing
     * @param list<array{before: array{float, float}, lately: array{float, float}}> $bars x and width of each
     */
    private function __construct(public float $zero, public array $bars)
    {
    }

    /** @param list<array{float, float}> $sums before and lately, on one scale */
    public static function of(array $sums): self
    {
        $all = [0.0, ...array_merge(...$sums)];
        [$least, $most] = [min($all), max($all)];
        $x = static fn (float $sum): float => round(self::WIDTH * ($sum - $least) / max(1e-9, $most - $least), 1);
        $bar = static fn (float $sum): array => [min($x($sum), $x(0.0)), round(abs($x($sum) - $x(0.0)), 1)];

        return new self($x(0.0), array_map(
            static fn (array $pair): array => ['before' => $bar($pair[0]), 'lately' => $bar($pair[1])],
            $sums,
        ));
    }
}
