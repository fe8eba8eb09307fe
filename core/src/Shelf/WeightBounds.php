<?php

declare(strict_types=1);

namespace Nagomi\Core\Shelf;

use InvalidArgumentException;

/**
 * What a list of ingredients says of their shares by weight. Down to 1 % they stand in descending order, below in any order (EU
 * 1223/2009 Art. 19(1)(g); 21 CFR 701.3); where the 1 % line runs is not printed, so the bounds are the widest over all places it may have.
 */
final class WeightBounds
{
    private const LINE_PERCENT = 1.0;

    /**
     * @param int        $count   ingredients in the ordered part of the list, 1 or more
     * @param array<int, float> $most upper limit of an ingredient in %, by place from 0, where a rule or the label gives one
     * @param int|null   $atMostOnePercentFrom place of an ingredient that is known to stay at or below 1 %, such as phenoxyethanol: the line is at or before it
     *
     * @return list<array{float, float}> lower and upper share in %, one for each ingredient
     *
     * @throws InvalidArgumentException without an ingredient, or where the limits leave no way to 100 %
     */
    public static function of(int $count, array $most = [], ?int $atMostOnePercentFrom = null): array
    {
        if ($count < 1) {
            throw new InvalidArgumentException('Ingredients: give at least one.');
        }
        $bounds = null;
        // The line may run before any ingredient, or after the last; the first is never below it unless it is alone in being capped.
        for ($line = 0; $line <= min($count, $atMostOnePercentFrom ?? $count); $line++) {
            $here = self::withLineBefore($line, $count, $most);
            if ($here === null) {
                continue;
            }
            $bounds = $bounds === null ? $here : array_map(static fn (array $a, array $b): array => [min($a[0], $b[0]), max($a[1], $b[1])], $bounds, $here);
        }

        return $bounds ?? throw new InvalidArgumentException('Ingredients: these limits leave no way to come to 100 %.');
    }

    /**
     * Bounds with the first $line ingredients above the line, in descending order, and the rest at or below it in any order.
     *
     * @param array<int, float> $most
     *
     * @return list<array{float, float}>|null null where no shares come to 100 %
     */
    private static function withLineBefore(int $line, int $count, array $most): ?array
    {
        $upper = [];
        for ($i = 0; $i < $count; $i++) {
            $limit = min(100.0, $most[$i] ?? 100.0);
            $upper[$i] = $i < $line ? ($i === 0 ? $limit : min($limit, $upper[$i - 1])) : min($limit, self::LINE_PERCENT);
        }
        $lower = array_map(static fn (int $i): float => $i < $line ? self::LINE_PERCENT : 0.0, range(0, $count - 1));
        for ($i = 0; $i < $line; $i++) {
            if ($upper[$i] < self::LINE_PERCENT) {
                return null;
            }
        }
        if (array_sum($upper) < 100.0 - 1e-9) {
            return null;
        }
        $bounds = [];
        for ($i = 0; $i < $count; $i++) {
            $bounds[] = [self::least($i, $line, $lower, $upper), self::greatest($i, $line, $lower, $upper)];
        }

        return $bounds;
    }

    /**
     * The least share of one: all others as large as they may be beside it. Those after it in the order may not exceed it.
     *
     * @param list<float>       $lower
     * @param array<int, float> $upper
     */
    private static function least(int $i, int $line, array $lower, array $upper): float
    {
        // The others' most as a function of this share rises with it; the share is where both come to 100.
        $total = static function (float $share) use ($i, $line, $upper): float {
            $sum = $share;
            foreach ($upper as $k => $limit) {
                $sum += $k === $i ? 0.0 : ($i < $line && $k > $i && $k < $line ? min($limit, $share) : $limit);
            }

            return $sum;
        };

        return self::solve($total, $lower[$i], $upper[$i]);
    }

    /**
     * The greatest share of one: all others as small as they may be. Those before it in the order may not fall below it.
     *
     * @param list<float>       $lower
     * @param array<int, float> $upper
     */
    private static function greatest(int $i, int $line, array $lower, array $upper): float
    {
        $room = static function (float $share) use ($i, $line, $lower): float {
            $sum = $share;
            foreach ($lower as $k => $limit) {
                $sum += $k === $i ? 0.0 : ($i < $line && $k < $i ? max($limit, $share) : $limit);
            }

            return $sum;
        };
        if ($room($upper[$i]) <= 100.0) {
            return $upper[$i];
        }

        return self::solve($room, $lower[$i], $upper[$i]);
    }

    /** @param callable(float): float $rising total in % at a share */
    private static function solve(callable $rising, float $least, float $most): float
    {
        if ($rising($least) >= 100.0) {
            return $least;
        }
        for ($halving = 0; $halving < 100; $halving++) {
            $middle = ($least + $most) / 2;
            if ($rising($middle) < 100.0) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return ($least + $most) / 2;
    }
}
