<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use InvalidArgumentException;

/**
 * What a list of ingredients says of their shares by weight. Down to 1 % they stand in descending order, below in any
 * order (EU
 * 1223/2009 Art. 19(1)(g); 21 CFR 701.3); where the 1 % line runs is not printed, so the bounds are the widest over all
 * places it may have.
 */
final class WeightBounds
{
    /**
     * @param int        $count   ingredients in the ordered part of the list, 1 or more
     * @param float             $linePercent below it a list may stand in any order, in % by weight
     * @param array<int, float> $most upper limit of an ingredient in %, by place from 0, where a rule or the label
     *     gives one
     * @param int|null $atMostOnePercentFrom place of an ingredient that is known to stay at or below 1 %, such as
     *     phenoxyethanol: the line is at or before it
     *
     * @return list<array{float, float}> lower and upper share in %, one for each ingredient
     *
     * @throws InvalidArgumentException without an ingredient, or where the limits leave no way to 100 %
     */
    public static function of(
        int $count,
        float $linePercent,
        array $most = [],
        ?int $atMostOnePercentFrom = null,
    ): array {
        if ($count < 1) {
            throw new InvalidArgumentException('Ingredients: give at least one.');
        }
        $bounds = null;
        // The line may run before any ingredient, or after the last; the first is never below it unless it is alone in
        // being capped.
        for ($line = 0; $line <= min($count, $atMostOnePercentFrom ?? $count); $line++) {
            $here = self::withLineBefore($line, $count, $most, $linePercent);
            if ($here === null) {
                continue;
            }
            $bounds = $bounds === null
                ? $here
                : array_map(
                    static fn (array $a, array $b): array => [min($a[0], $b[0]), max($a[1], $b[1])],
                    $bounds,
                    $here,
                );
        }

        return $bounds
            ?? throw new InvalidArgumentException('Ingredients: these limits leave no way to come to 100 %.');
    }

    /**
     * Bounds with the first $line ingredients above the line, in descending order, and the rest at or below it in any
     * order.
     *
     * @param array<int, float> $most
     *
     * @return list<array{float, float}>|null null where no shares come to 100 %
     */
    private static function withLineBefore(int $line, int $count, array $most, float $linePercent): ?array
    {
        $upper = [];
        for ($i = 0; $i < $count; $i++) {
            $limit = min(100.0, $most[$i] ?? 100.0);
            $upper[$i] = $i < $line
                ? ($i === 0 ? $limit : min($limit, $upper[$i - 1]))
                : min($limit, $linePercent);
        }
        for ($i = 0; $i < $line; $i++) {
            if ($upper[$i] < $linePercent) {
                return null;
            }
        }
        if (array_sum($upper) < 100.0 - 1e-9) {
            return null;
        }
        $all = array_sum($upper);
        $bounds = [];
        for ($i = 0; $i < $count; $i++) {
            $bounds[] = $i < $line
                ? [
                    self::leastAbove($i, $line, $upper, $all, $linePercent),
                    min($upper[$i], (100.0 - $linePercent * ($line - 1 - $i)) / ($i + 1)),
                ]
                : [max(0.0, 100.0 - ($all - $upper[$i])), min($upper[$i], 100.0 - $linePercent * $line)];
        }

        return $bounds;
    }

    /**
     * The least share of one above the line: all before it and all below the line as large as they may be; those after
     * it in the order may not exceed it.
     *
     * @param array<int, float> $upper descending above the line
     * @param float             $all   their sum
     */
    private static function leastAbove(
        int $i,
        int $line,
        array $upper,
        float $all,
        float $linePercent,
    ): float {
        $others = $all - $upper[$i];
        $held = 1;
        // As the share falls below the limit of one after it, that one has to fall with it: the smallest limits go
        // last.
        for ($k = $i + 1; $k < $line; $k++) {
            $others -= $upper[$k];
            $held++;
        }
        for ($k = $line - 1; $k >= $i; $k--) {
            $share = (100.0 - $others) / $held;
            if ($k === $i || $share <= $upper[$k]) {
                return max($linePercent, min($upper[$i], $share));
            }
            $others += $upper[$k];
            $held--;
        }

        return $linePercent;
    }
}
