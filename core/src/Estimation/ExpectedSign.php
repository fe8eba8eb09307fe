<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\LinearizedObservation;
use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Statistics\Normal;

/**
 * The range in which one reading of a sign would lie: of this hair as it stands, and of the same hair in balance, with
 * its own wear and its own offset of the sign. As wide as what is usual of single readings, and within the scale.
 */
final class ExpectedSign
{
    /** Gauss–Legendre of three points on −1 to 1, with weights that sum to 1: the band, every place in it alike. */
    private const NODES = [[-0.7745966692414834, 5 / 18], [0.0, 8 / 18], [0.7745966692414834, 5 / 18]];

    /** A reserve of which a place in the band is assumed for the moment. */
    private const TINY = 1e-6;

    /**
     * @param MeasuredSign $like a reading of the sign, for its noise and its days since detangling
     *
     * @return array{float, float} in the sign's unit
     */
    public static function asItStands(State $state, MeasuredSign $like, ?Zone $zone): array
    {
        $state = $state->withSigns([$like->sign]);
        $equation = self::equation($state, $like, $zone);
        $slopes = $equation->slopes;

        return self::range(
            $state,
            $like,
            $like->sign->isCount() ? log($equation->expected) : $equation->expected,
            self::variance($state, $slopes, array_keys($slopes)) + $equation->variance,
        );
    }

    /**
     * @param MeasuredSign $like a reading of the sign, for its noise and its days since detangling
     *
     * @return array{float, float} in the sign's unit
     */
    public static function inBalance(State $state, MeasuredSign $like, ?Zone $zone): array
    {
        $state = $state->withSigns([$like->sign]);
        $mean = $square = $variance = 0.0;
        foreach (self::NODES as [$moisture, $m]) {
            foreach (self::NODES as [$protein, $p]) {
                foreach (self::NODES as [$buildUp, $b]) {
                    $at = self::placed($state, $moisture, $protein, $buildUp);
                    $equation = self::equation($at, $like, $zone);
                    $expected = $like->sign->isCount() ? log($equation->expected) : $equation->expected;
                    $mean += $m * $p * $b * $expected;
                    $square += $m * $p * $b * $expected ** 2;
                    $variance += $m * $p * $b * ($equation->variance
                        + self::variance($state, $equation->slopes, self::itsOwn($state)));
                }
            }
        }

        return self::range($state, $like, $mean, max(0.0, $square - $mean ** 2) + $variance);
    }

    private static function equation(State $state, MeasuredSign $like, ?Zone $zone): LinearizedObservation
    {
        // A value at the end of a scale says "at least so much" and would be another equation.
        [$least, $most] = $like->sign->limits();
        $value = is_finite($most) ? ($least + $most) / 2 : $like->value;
        $reading = new MeasuredSign($like->sign, $value, $like->sd, $like->means, $like->daysSinceDetangled);

        return ObservationCatalogue::of($reading, $state->layout, $zone)->linearized($state);
    }

    /**
     * The state with every stratum at one place of its band, and build-up at one place of what is clean enough.
     *
     * @param float $moisture −1 to 1, from the lower edge of the band to the upper
     * @param float $protein  −1 to 1
     * @param float $buildUp  −1 to 1, from none to the limit
     */
    private static function placed(State $state, float $moisture, float $protein, float $buildUp): State
    {
        [$mean, $covariance, $layout] = [$state->mean, $state->covariance, $state->layout];
        $band = $layout->parameters->model->bandHalfWidth;
        foreach ($layout->head->strata as $s => $stratum) {
            [$m, $p, $washable, $stubborn] = $layout->ofStratum($s);
            $mean[$m] = $stratum->targetMoisture() + $band * $moisture;
            $mean[$p] = $stratum->targetProtein($layout->head->proteinSensitive) + $band * $protein;
            $mean[$washable] = $layout->parameters->planning->buildUpLimit * (1 + $buildUp) / 2;
            $mean[$stubborn] = 0.0;
            foreach ([$m, $p, $washable, $stubborn] as $index) {
                $covariance[$index][$index] = self::TINY;
            }
        }

        return new State($layout, $mean, $covariance);
    }

    /** @return list<int> places of wear and of the offsets, which balance leaves as they are */
    private static function itsOwn(State $state): array
    {
        $own = [];
        foreach (array_keys($state->layout->head->strata) as $s) {
            $own[] = $state->layout->of($s, StateLayout::WEAR);
        }
        foreach ($state->layout->signs as $sign) {
            $own[] = $state->layout->offset($sign);
        }

        return $own;
    }

    /**
     * @param array<int, float> $slopes by index of the state
     * @param list<int>         $of     places whose doubt counts
     */
    private static function variance(State $state, array $slopes, array $of): float
    {
        $variance = 0.0;
        foreach ($of as $i) {
            foreach ($of as $j) {
                $variance += ($slopes[$i] ?? 0.0) * ($slopes[$j] ?? 0.0) * $state->covariance[$i][$j];
            }
        }

        return max(0.0, $variance);
    }

    /** @return array{float, float} */
    private static function range(State $state, MeasuredSign $like, float $expected, float $variance): array
    {
        [$least, $most] = $like->sign->limits();
        $half = Normal::quantile((1 + $state->layout->parameters->readings->usualShare) / 2) * sqrt($variance);
        $edge = static fn (float $value): float => $like->sign->isCount() ? exp($value) : $value;

        return [max($least, min($most, $edge($expected - $half))), max($least, min($most, $edge($expected + $half)))];
    }
}
