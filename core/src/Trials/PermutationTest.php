<?php

declare(strict_types=1);

namespace Nagomi\Core\Trials;

use InvalidArgumentException;

/**
 * Whether a change did anything, from few wash days: an exact permutation test of the difference of means, and the
 * interval of
 * all differences that the same test does not speak against. Nothing is assumed of how the readings are spread.
 */
final readonly class PermutationTest
{
    /** Enumerating more takes too long, and says no more. */
    public const MOST_PAIRS = 14;
    public const MOST_EACH = 8;

    /** With fewer, even a perfect result comes by chance too often to say anything. */
    public const FEWEST = 3;

    /** The interval the whole product shows. */
    private const LEVEL = 0.8;

    private const HALVINGS = 60;

    /**
     * @param float        $difference mean of the second less mean of the first
     * @param float        $p          how often as large a difference, either way, comes by chance alone; 0 to 1
     * @param bool         $isPerfect  no other way to deal the days parts them as far: so few can say no more
     * @param array{float, float} $interval 80 %
     */
    private function __construct(
        public float $difference,
        public float $p,
        public bool $isPerfect,
        public array $interval,
        public int $count,
    ) {
    }

    /**
     * Two halves of one head on the same days.
     *
     * @param list<float> $first  one for each day
     * @param list<float> $second of the same days
     * @param float       $further {@see DaysInARow::paired()}
     *
     * @throws InvalidArgumentException for fewer than 3 or more than 14 pairs
     */
    public static function paired(array $first, array $second, float $further = 1.0): self
    {
        $count = count($first);
        if ($count < self::FEWEST || $count > self::MOST_PAIRS || count($first) !== count($second)) {
            throw new InvalidArgumentException('Pairs: give 3 to 14.');
        }
        $differences = array_map(static fn (float $a, float $b): float => $b - $a, $first, $second);
        $mean = array_sum($differences) / $count;

        return new self(
            $mean,
            self::flipped($differences, $further),
            self::flipped($differences, 1.0) <= 2 / 2 ** $count + 1e-9,
            self::interval(
                $mean,
                static fn (float $shift): float => self::flipped(array_map(
                    static fn (float $d): float => $d - $shift,
                    $differences,
                ), $further),
            ),
            $count,
        );
    }

    /**
     * The days before a change and the days after it.
     *
     * @param list<float> $before
     * @param list<float> $after
     * @param float       $further {@see DaysInARow::apart()}
     *
     * @throws InvalidArgumentException for fewer than 3 or more than 8 of either
     */
    public static function apart(array $before, array $after, float $further = 1.0): self
    {
        foreach ([$before, $after] as $side) {
            if (count($side) < self::FEWEST || count($side) > self::MOST_EACH) {
                throw new InvalidArgumentException('Days: give 3 to 8 before and 3 to 8 after.');
            }
        }
        $mean = array_sum($after) / count($after) - array_sum($before) / count($before);
        $ways = 1.0;
        for ($i = 1; $i <= count($before); $i++) {
            $ways *= (count($after) + $i) / $i;
        }

        return new self(
            $mean,
            self::shuffled($before, $after, $further),
            self::shuffled($before, $after, 1.0) <= 2 / $ways + 1e-9,
            self::interval(
                $mean,
                static fn (float $shift): float => self::shuffled(
                    $before,
                    array_map(static fn (float $one): float => $one - $shift, $after),
                    $further,
                ),
            ),
            min(count($before), count($after)),
        );
    }

    /**
     * How often dealing the values anew parts the two sides at least as far to one side.
     *
     * @param list<float> $before 1 to 8
     * @param list<float> $after  1 to 8
     * @param 1|-1        $side   1: more after, −1: less after
     *
     * @return float 0 to 1
     *
     * @throws InvalidArgumentException for none or more than 8 of either
     */
    public static function byChance(array $before, array $after, int $side): float
    {
        if (
            $before === [] || $after === [] || count($before) > self::MOST_EACH || count($after) > self::MOST_EACH
        ) {
            throw new InvalidArgumentException('Values: give 1 to 8 before and 1 to 8 after.');
        }
        $all = [...$before, ...$after];
        $far = $side * array_sum($after) - 1e-9 * max([1.0, ...array_map(abs(...), $all)]);
        $sums = self::dealt($all, count($after));

        return count(array_filter($sums, static fn (float $sum): bool => $side * $sum >= $far)) / count($sums);
    }

    /**
     * Share of all ways to flip the signs that move the mean at least as far from nothing.
     *
     * @param list<float> $differences
     * @param float       $further     what is found must be so much further from nothing to count
     */
    private static function flipped(array $differences, float $further): float
    {
        $count = count($differences);
        $sums = [0.0];
        foreach ($differences as $difference) {
            $sums = [
                ...array_map(static fn (float $sum): float => $sum + $difference, $sums),
                ...array_map(static fn (float $sum): float => $sum - $difference, $sums),
            ];
        }
        $far = abs(array_sum($differences)) / $further - 1e-9 * max([1.0, ...array_map(abs(...), $differences)]);

        return count(array_filter($sums, static fn (float $sum): bool => abs($sum) >= $far)) / 2 ** $count;
    }

    /**
     * Share of all ways to deal the days into the two sides that part their means at least as far.
     *
     * @param list<float> $before
     * @param list<float> $after
     * @param float       $further what is found must be so much further apart to count
     */
    private static function shuffled(array $before, array $after, float $further): float
    {
        $all = [...$before, ...$after];
        $of = count($after);
        $total = array_sum($all);
        $apart = static fn (float $sum): float => abs($sum / $of - ($total - $sum) / (count($all) - $of));
        $sums = self::dealt($all, $of);
        $far = $apart(array_sum($after)) / $further - 1e-9 * max([1.0, ...array_map(abs(...), $all)]);

        return count(array_filter($sums, static fn (float $sum): bool => $apart($sum) >= $far)) / count($sums);
    }

    /**
     * @param list<float> $all
     *
     * @return non-empty-list<float> what so many of them come to, for every way to choose them
     */
    private static function dealt(array $all, int $of): array
    {
        // By how many are dealt to the second side, the sums that can be.
        $sums = [[0.0]];
        foreach ($all as $value) {
            for ($k = min($of, count($sums)); $k >= 1; $k--) {
                $sums[$k] = [
                    ...$sums[$k] ?? [],
                    ...array_map(static fn (float $sum): float => $sum + $value, $sums[$k - 1]),
                ];
            }
        }

        return $sums[$of];
    }

    /**
     * From where to where the test does not speak against a true difference.
     *
     * @param callable(float): float $p of the readings with that difference taken off
     *
     * @return array{float, float}
     */
    private static function interval(float $mean, callable $p): array
    {
        $edge = static function (int $side) use ($mean, $p): float {
            $inside = 0.0;
            $outside = 1.0;
            while ($p($mean + $side * $outside) > 1 - self::LEVEL && $outside < 1e6) {
                $inside = $outside;
                $outside *= 2;
            }
            for ($i = 0; $i < self::HALVINGS && $outside < 1e6; $i++) {
                $middle = ($inside + $outside) / 2;
                [$inside, $outside] = $p($mean + $side * $middle) > 1 - self::LEVEL
                    ? [$middle, $outside]
                    : [$inside, $middle];
            }

            return $mean + $side * $inside;
        };

        return [$edge(-1), $edge(1)];
    }
}
