<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\State;
use Nagomi\Core\Statistics\Cholesky;

/** A state drawn many times from its mean and covariance; offsets of signs are left out, they move nothing. */
final class DrawnState
{
    /** Variance of a quantity that is known exactly, so that the covariance has a root. */
    private const TINY = 1e-8;

    /**
     * @param int<1, 8192> $count
     *
     * @return array<int, array<int, float>> by index of the state, then path
     */
    public static function of(State $state, int $count): array
    {
        $size = $state->layout->uptake + 1;
        $covariance = array_map(
            static fn (array $row): array => array_slice($row, 0, $size),
            array_slice($state->covariance, 0, $size),
        );
        $normals = [];
        for ($i = 0; $i < $size; $i++) {
            $covariance[$i][$i] += self::TINY;
            $normals[] = PathNoise::block(PathNoise::START, 0, $i, $count);
        }
        $drawn = [];
        foreach ((new Cholesky($covariance))->factor() as $i => $row) {
            $values = array_fill(0, $count, $state->mean[$i]);
            foreach ($row as $k => $weight) {
                foreach ($weight === 0.0 ? [] : $normals[$k] as $path => $normal) {
                    $values[$path] += $weight * $normal;
                }
            }
            $drawn[$i] = $values;
        }

        return $drawn;
    }
}
