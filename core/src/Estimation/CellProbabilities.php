<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Closure;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Statistics\BivariateNormal;
use Nagomi\Core\Statistics\Normal;

/** How likely each of the nine cells is, for one stratum or for the whole head. */
final class CellProbabilities
{
    /** @return array<string, float> by cell value; sums to 1 */
    public static function ofStratum(State $state, int $s): array
    {
        $below = self::below($state, $s);
        $cells = [];
        foreach ([-1, 0, 1] as $i => $moisture) {
            foreach ([-1, 0, 1] as $j => $protein) {
                $cells[BalanceCell::at($moisture, $protein)->value] = max(
                    0.0,
                    $below($i + 1, $j + 1) - $below($i, $j + 1) - $below($i + 1, $j) + $below($i, $j),
                );
            }
        }
        $sum = array_sum($cells);

        return array_map(static fn (float $probability): float => $probability / $sum, $cells);
    }

    /** How likely the hair is in balance: the share of it that is, over strata. From 0 to 1. */
    public static function inBalance(State $state): float
    {
        $share = 0.0;
        foreach ($state->layout->head->strata as $s => $stratum) {
            $below = self::below($state, $s);
            $share += $stratum->share * ($below(2, 2) - $below(1, 2) - $below(2, 1) + $below(1, 1));
        }

        return max(0.0, min(1.0, $share));
    }

    /**
     * @return Closure(int<0, 3>, int<0, 3>): float probability that moisture lies below its i-th edge and protein below
     *     its j-th
     */
    private static function below(State $state, int $s): Closure
    {
        $head = $state->layout->head;
        $m = $state->layout->of($s, StateLayout::MOISTURE);
        $p = $state->layout->of($s, StateLayout::PROTEIN);
        $sdM = max(1e-6, $state->sd($s, StateLayout::MOISTURE));
        $sdP = max(1e-6, $state->sd($s, StateLayout::PROTEIN));
        $correlation = $state->covariance[$m][$p] / ($sdM * $sdP);
        $band = $head->parameters->model->bandHalfWidth;
        $x = self::edges($state->mean[$m], $head->strata[$s]->targetMoisture(), $sdM, $band);
        $y = self::edges($state->mean[$p], $head->strata[$s]->targetProtein($head->proteinSensitive), $sdP, $band);

        return static fn (int $i, int $j): float => match (true) {
            $i === 0 || $j === 0 => 0.0,
            $i === 3 => $j === 3 ? 1.0 : Normal::cumulative($y[$j]),
            $j === 3 => Normal::cumulative($x[$i]),
            default => BivariateNormal::cumulative($x[$i], $y[$j], $correlation),
        };
    }

    /**
     * The edges of the three stretches of a reserve, as standard scores.
     *
     * @return array<int, float>
     */
    private static function edges(float $mean, float $target, float $sd, float $bandHalfWidth): array
    {
        return [
            -INF,
            ($target - $bandHalfWidth - $mean) / $sd,
            ($target + $bandHalfWidth - $mean) / $sd,
            INF,
        ];
    }

    /**
     * Mean over the strata by their share of the hair.
     *
     * @return array<string, float> by cell value; sums to 1
     */
    public static function ofHead(State $state): array
    {
        $cells = [];
        foreach ($state->layout->head->strata as $s => $stratum) {
            foreach (self::ofStratum($state, $s) as $cell => $probability) {
                $cells[$cell] = ($cells[$cell] ?? 0.0) + $stratum->share * $probability;
            }
        }

        return $cells;
    }

    /**
     * What was well possible before and hardly is after.
     *
     * @param array<string, float> $before
     * @param array<string, float> $after
     *
     * @return list<string> cells
     */
    public static function ruledOut(array $before, array $after, ReadingParameters $parameters): array
    {
        return array_keys(array_filter(
            $before,
            static fn (float $was, string $cell): bool => $was >= $parameters->wellPossibleFrom
                && ($after[$cell] ?? 0.0) < $parameters->ruledOutBelow,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * @param array<string, float> $cells
     *
     * @return array{moisture_low: float, moisture_high: float, protein_low: float, protein_high: float}
     */
    public static function sides(array $cells): array
    {
        $sum = static fn (BalanceCell ...$of): float => array_sum(array_map(
            static fn (BalanceCell $cell): float => $cells[$cell->value] ?? 0.0,
            $of,
        ));

        return [
            'moisture_low' => $sum(BalanceCell::Dry, BalanceCell::Depleted, BalanceCell::Brittle),
            'moisture_high' => $sum(BalanceCell::OverMoist, BalanceCell::Limp, BalanceCell::Overloaded),
            'protein_low' => $sum(BalanceCell::Weak, BalanceCell::Depleted, BalanceCell::Limp),
            'protein_high' => $sum(BalanceCell::Stiff, BalanceCell::Brittle, BalanceCell::Overloaded),
        ];
    }
}
