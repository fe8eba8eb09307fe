<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Estimation\BalanceCell;

/** The nine cells somebody says how likely each is, and what was said as probabilities. */
final class BeliefCells
{
    public const MOST = 20;

    /** Nothing is thought likelier than another. */
    private const AT_FIRST = 2;

    /** By moisture high, in its band, low, then protein low, in its band, high: as a map of the two lies. */
    private const ROWS = [1, 0, -1];
    private const COLUMNS = [-1, 0, 1];

    /** @return list<list<string>> cell values, a row for each of moisture */
    public static function rows(): array
    {
        return array_map(static fn (int $moisture): array => array_map(
            static fn (int $protein): string => BalanceCell::at($moisture, $protein)->value,
            self::COLUMNS,
        ), self::ROWS);
    }

    /** Its name in a form. */
    public static function field(string $cell): string
    {
        return str_replace(' ', '-', $cell);
    }

    /**
     * @param array<string, int> $weights how likely each is thought beside the others, by name in the form; one that is
     *     not named is not thought likely at all
     *
     * @return array<string, float>|null by cell, summing to 1; null where nothing is thought likely
     */
    public static function belief(array $weights): ?array
    {
        $belief = [];
        foreach (BalanceCell::cases() as $cell) {
            $belief[$cell->value] = (float) max(0, $weights[self::field($cell->value)] ?? 0);
        }
        $all = array_sum($belief);

        return $all <= 0.0 ? null : array_map(static fn (float $weight): float => $weight / $all, $belief);
    }

    /**
     * @param array<string, float>|null $belief by cell; null: nothing was said yet
     *
     * @return array<string, int> how likely each is thought beside the others, 0 to 20, by cell
     */
    public static function weights(?array $belief): array
    {
        $most = max([0.0, ...array_values($belief ?? [])]);
        $weights = [];
        foreach (BalanceCell::cases() as $cell) {
            $weights[$cell->value] = $belief === null || $most <= 0.0
                ? self::AT_FIRST
                : (int) round(self::MOST * ($belief[$cell->value] ?? 0.0) / $most);
        }

        return $weights;
    }
}
