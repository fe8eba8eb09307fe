<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/**
 * Lengths and rings measured by taps on a picture whose scale is known from two more taps. A finger misses its point by
 * some
 * pixels; how far that moves the result is worked out from each tap by itself and given as its doubt.
 */
final readonly class PictureMeasure
{
    /** A ring flatter than this (height of the arc over its chord) is no ring to be measured. */
    private const FLATTEST_ARC = 0.04;

    private const STEP_PX = 0.5;

    /** @param float $missPx standard deviation of one tap in either direction, in pixels of the picture */
    public function __construct(private float $missPx)
    {
    }

    /**
     * @param array{array{float, float}, array{float, float}}                      $scale   two taps in px
     * @param float                                                                $scaleMm how far these lie apart
     * @param array{array{float, float}, array{float, float}, array{float, float}} $ring three taps on one ring, in px
     *
     * @return array{float, float} diameter and its standard deviation, in mm
     *
     * @throws RefusedInput where the taps make no scale or no ring
     */
    public function ringMm(array $scale, float $scaleMm, array $ring): array
    {
        return $this->withDoubt(
            [...$scale, ...$ring],
            static fn (array $taps): float => self::diameter(
                $taps[2],
                $taps[3],
                $taps[4],
            ) * $scaleMm / self::apart($taps[0], $taps[1]),
        );
    }

    /**
     * @param array{array{float, float}, array{float, float}} $scale   two taps in px
     * @param float                                           $scaleMm how far these lie apart
     * @param array{array{float, float}, array{float, float}} $ends    two taps in px
     *
     * @return array{float, float} length and its standard deviation, in mm
     *
     * @throws RefusedInput where the taps make no scale or no length
     */
    public function lengthMm(array $scale, float $scaleMm, array $ends): array
    {
        return $this->withDoubt(
            [...$scale, ...$ends],
            static fn (array $taps): float => self::apart(
                $taps[2],
                $taps[3],
            ) * $scaleMm / self::apart($taps[0], $taps[1]),
        );
    }

    /**
     * @param list<array{float, float}>                  $taps
     * @param callable(list<array{float, float}>): float $of
     *
     * @return array{float, float}
     */
    private function withDoubt(array $taps, callable $of): array
    {
        $value = $of($taps);
        $variance = 0.0;
        foreach ($taps as $i => [$x, $y]) {
            foreach ([[$x + self::STEP_PX, $y], [$x, $y + self::STEP_PX]] as $tap) {
                $slope = ($of(array_values(array_replace($taps, [$i => $tap]))) - $value) / self::STEP_PX;
                $variance += ($slope * $this->missPx) ** 2;
            }
        }

        return [$value, sqrt($variance)];
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     *
     * @throws RefusedInput where they lie on one another
     */
    private static function apart(array $a, array $b): float
    {
        $apart = hypot($b[0] - $a[0], $b[1] - $a[1]);
        if ($apart < 4) {
            throw new RefusedInput(Message::of('tests.problems.taps-on-one-another'));
        }

        return $apart;
    }

    /**
     * Diameter of the circle through three points: the product of the sides over twice the area.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     *
     * @throws RefusedInput where they make no ring
     */
    private static function diameter(array $a, array $b, array $c): float
    {
        $sides = [self::apart($a, $b), self::apart($b, $c), self::apart($c, $a)];
        $area = abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1])) / 2;
        if (2 * $area / max($sides) ** 2 < self::FLATTEST_ARC) {
            throw new RefusedInput(Message::of('tests.problems.taps-in-a-line'));
        }

        return $sides[0] * $sides[1] * $sides[2] / (2 * $area);
    }
}
