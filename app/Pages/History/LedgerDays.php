<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Drawings\Staircase;
use App\Drawings\Step;
use Carbon\CarbonImmutable;
use Nagomi\Core\Estimation\LedgerLine;

/**
 * The lines of a ledger as a staircase: for each day on which something happened what the days before took, what the
 * tests corrected, and what was done. A step is the difference of two rounded levels, so that the stairs add up.
 *
 * @phpstan-import-type LedgerRow from LedgerPage
 */
final readonly class LedgerDays
{
    private const KINDS = ['time' => 'days', 'untold' => 'days', 'reading' => 'tests'];

    /**
     * @param int             $opening in millionths of a point
     * @param list<LedgerRow> $lines
     * @param array{float, float} $comfort least and most that this hair likes, in points
     */
    public function of(int $opening, array $lines, string $column, array $comfort): LedgerStairs
    {
        [$start, $days] = $this->days($opening, $lines, $column);
        $sums = ['days' => 0, 'tests' => 0, 'done' => 0];
        $end = $start;
        foreach ($days as $day) {
            foreach ($day['steps'] as $step) {
                $sums[$step->kind] += $step->tenths();
                $end = $step->to;
            }
        }

        return new LedgerStairs($column, $start, $end, $days, $sums, Staircase::of($start, $days, $comfort));
    }

    /**
     * @param list<LedgerRow> $lines
     *
     * @return array{int, list<array{date: CarbonImmutable, steps: list<Step>}>} where it starts, and the days
     */
    private function days(int $opening, array $lines, string $column): array
    {
        $level = $opening;
        $days = $order = [];
        foreach ($lines as $line) {
            // What is assumed before anything was measured is where the stairs begin.
            if ($line['kind'] === 'opening') {
                $level += $line['exact'][$column];
                continue;
            }
            $date = $line['date']->format('Y-m-d');
            $kind = self::KINDS[$line['kind']] ?? 'done';
            $order[$date] = $line['date'];
            $days[$date] ??= ['days' => [], 'tests' => [], 'done' => []];
            $days[$date][$kind][] = ['says' => $line['says'], 'exact' => $line['exact'][$column]];
        }
        $start = $level;
        $stairs = [];
        foreach ($order as $date => $day) {
            $steps = [];
            foreach (array_filter($days[$date]) as $kind => $of) {
                $after = $level + array_sum(array_column($of, 'exact'));
                $steps[] = new Step($kind, $this->tenths($level), $this->tenths($after), $this->told($of));
                $level = $after;
            }
            $stairs[] = ['date' => $day, 'steps' => $steps];
        }

        return [$this->tenths($start), $stairs];
    }

    /**
     * @param list<array{says: string, exact: int}> $lines
     *
     * @return list<array{says: string, tenths: int}> those that moved it
     */
    private function told(array $lines): array
    {
        return array_values(array_filter(
            array_map(
                fn (array $line): array => ['says' => $line['says'], 'tenths' => $this->tenths($line['exact'])],
                $lines,
            ),
            static fn (array $line): bool => $line['tenths'] !== 0,
        ));
    }

    private function tenths(int $millionths): int
    {
        return (int) round($millionths / (LedgerLine::MILLIONTHS / 10));
    }
}
