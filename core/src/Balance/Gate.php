<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Balance\Observation\Straight;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Stats\ChiSquared;
use Nagomi\Core\Stats\Cholesky;

/**
 * Finds the readings of a moment that do not fit: each by itself, further from its expectation than is believed at once; and
 * all together, where each may pass but they contradict one another. Order cannot matter: always the one least in keeping
 * with the others is doubted first.
 */
final class Gate
{
    /**
     * @param list<Straight> $straights at the mean of the state
     * @param list<bool>     $sure      by reading: confirmed, never doubted
     *
     * @return array{list<float>, list<float>, list<float>} by reading: sd from its own expectation; factor its noise is multiplied by, 1 where it fits;
     *                                                  and that sd itself
     */
    public static function of(State $state, array $straights, array $sure): array
    {
        $cross = array_map(static fn (Straight $straight): array => Update::crossed($state->covariance, $straight->slopes), $straights);
        $spread = Update::spread($straights, $cross);
        $apart = $factors = $spreads = [];
        foreach ($straights as $j => $straight) {
            $spreads[] = sqrt($spread[$j][$j]);
            $apart[] = $straight->residual / $spreads[$j];
            $factors[] = abs($apart[$j]) > Model::CHECK_AGAIN_AT_SD && ! $sure[$j] ? abs($apart[$j]) : 1.0;
        }
        $open = count(array_filter($sure, static fn (bool $one): bool => ! $one));
        for ($round = 0; $round < $open; $round++) {
            $widened = $spread;
            foreach ($straights as $j => $straight) {
                $widened[$j][$j] += ($factors[$j] ** 2 - 1) * $straight->variance;
            }
            $precision = (new Cholesky($widened))->inverse();
            $worst = self::worst($straights, $precision, $sure, $factors);
            if ($worst === null) {
                break;
            }
            [$which, $by] = $worst;
            $factors = array_values(array_replace($factors, [$which => $by]));
        }

        return [$apart, $factors, $spreads];
    }

    /**
     * @param list<Straight>    $straights
     * @param array<int, list<float>> $precision
     * @param list<bool>        $sure
     * @param list<float>       $factors
     *
     * @return array{int, float}|null the reading least in keeping with the others, and by how much; null where they agree
     */
    private static function worst(array $straights, array $precision, array $sure, array $factors): ?array
    {
        $distance = 0.0;
        $weighted = [];
        foreach ($precision as $j => $row) {
            $weighted[$j] = 0.0;
            foreach ($row as $k => $value) {
                $weighted[$j] += $value * $straights[$k]->residual;
            }
            $distance += $weighted[$j] * $straights[$j]->residual;
        }
        if ($distance <= ChiSquared::limitLikeSd(Model::CHECK_AGAIN_AT_SD, max(1, count($straights)))) {
            return null;
        }
        $worst = null;
        foreach ($weighted as $j => $value) {
            // How far it lies from what the state and the other readings lead one to expect, in standard deviations.
            $apart = abs($value) / sqrt($precision[$j][$j]);
            if (! $sure[$j] && $factors[$j] === 1.0 && $apart > Model::CHECK_AGAIN_AT_SD && $apart > ($worst[1] ?? 0.0)) {
                $worst = [$j, $apart];
            }
        }

        return $worst;
    }
}
