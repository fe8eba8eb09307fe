<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Support;

use Nagomi\Core\Planning\SeasonWalk;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Simulated annealing (Kirkpatrick, Gelatt and Vecchi, Science 1983; from memory) over whole seasons: any wash day
 * becomes any way to wash, or two change places; worse is taken with a chance that falls. It shares nothing with the
 * search but what a season costs.
 */
final class Annealing
{
    /**
     * @param list<WashOption>           $from    a season that breaks as few rules as can be
     * @param non-empty-list<WashOption> $options
     *
     * @return float what the best season it met costs
     */
    public static function best(SeasonWalk $walk, array $from, array $options, SeededRandom $chance, int $steps): float
    {
        [$cost, $broken] = $walk->keep($from);
        [$best, $choices] = [$cost, $from];
        $hot = 0.1 * $cost;
        for ($step = 0; $step < $steps; $step++) {
            $heat = $hot * (0.0005 ** ($step / $steps));
            $tried = $choices;
            $at = $chance->between(0, count($tried) - 1);
            if ($chance->uniform() < 0.4) {
                $other = $chance->between(0, count($tried) - 1);
                [$tried[$at], $tried[$other]] = [$tried[$other], $tried[$at]];
            } else {
                $tried[$at] = $options[$chance->between(0, count($options) - 1)];
            }
            // Worse by that much is taken with a chance of 1 in 1000 at most.
            [$then, $breaks] = $walk->walked($tried, $cost + 7 * $heat, $broken);
            if ($breaks <= $broken && $then < $cost - $heat * log(max(1e-12, $chance->uniform()))) {
                [$cost, $choices] = [$then, $tried];
                $walk->keep($choices);
                $best = min($best, $cost);
            }
        }

        return $best;
    }
}
