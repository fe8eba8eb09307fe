<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Standard normal numbers for drawn paths, the same each time: what is drawn of one plan twice must say the same twice.
 * One table of evenly spaced quantiles, shuffled once; each day, quantity and stratum starts at a place of its own.
 */
final class PathNoise
{
    private const SIZE = 8192;
    private const SEED = 20260501;

    /** Kinds of noise that start at places of their own. */
    public const START = 0;
    public const MOISTURE = 1;
    public const PROTEIN = 2;
    public const WASHABLE = 3;
    public const STUBBORN = 4;
    public const DEPOSIT = 5;
    public const BOTTLE_MOISTURE = 6;
    public const BOTTLE_PROTEIN = 7;
    public const BOTTLE_CLEANSE = 8;
    public const DONE = 9;

    /** @var list<float> written twice in a row, so that no block runs over the end */
    private static array $table = [];

    /**
     * @param int<1, 8192> $count
     *
     * @return list<float>
     */
    public static function block(int $kind, int $day, int $which, int $count): array
    {
        self::$table = self::$table === [] ? self::table() : self::$table;
        // Knuth's multiplicative hash: neighbouring days start far from one another.
        $place = (($day * 4099 + $kind * 257 + $which * 31 + 1) * 2654435761) >> 7 & self::SIZE - 1;

        return array_slice(self::$table, $place, $count);
    }

    /** @return list<float> */
    private static function table(): array
    {
        $below = [];
        for ($i = 0; $i < self::SIZE / 2; $i++) {
            $below[] = Normal::quantile(($i + 0.5) / self::SIZE);
        }
        $table = [...$below, ...array_map(static fn (float $z): float => -$z, array_reverse($below))];
        $random = new SeededRandom(self::SEED);
        for ($i = self::SIZE - 1; $i > 0; $i--) {
            $j = $random->between(0, $i);
            [$table[$i], $table[$j]] = [$table[$j], $table[$i]];
        }

        return array_merge($table, $table);
    }
}
