<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\ZonePart;

/**
 * A day on which the zones of a head were sorted anew: colour had grown out, ends were cut, a test said otherwise. What
 * was
 * known of the old strata is carried over by the hair they share with the new ones.
 */
final readonly class StrataTransition
{
    /** @param non-empty-list<ZonePart> $before the zones as they were until this day */
    public function __construct(
        public DateTimeImmutable $date,
        public array $before,
    ) {
    }

    /**
     * The state in the new strata: each takes from the old ones by the share of its hair that was theirs. A linear map,
     * so the
     * covariance goes with it; hair no old stratum knew takes from all by their share.
     */
    public static function carried(State $old, Head $new): State
    {
        $layout = new StateLayout($new, $old->layout->signs, $old->layout->air->about($new->humidityPercent));
        $map = [];
        foreach ($new->strata as $t => $stratum) {
            foreach (self::shares($old->layout->head->strata, $stratum, $new->strata) as $s => $share) {
                for ($quantity = 0; $quantity < StateLayout::PER_STRATUM; $quantity++) {
                    $map[$t * StateLayout::PER_STRATUM + $quantity][$s * StateLayout::PER_STRATUM + $quantity] = $share;
                }
            }
        }
        for ($i = $layout->moistureFading, $j = $old->layout->moistureFading; $i < $layout->size; $i++, $j++) {
            $map[$i][$j] = 1.0;
        }

        return new State($layout, self::times($map, $old->mean), self::onBothSides($map, $old->covariance));
    }

    /**
     * @param list<Stratum> $old
     * @param list<Stratum> $new
     *
     * @return array<int, float> share by old stratum, summing to 1
     */
    private static function shares(array $old, Stratum $stratum, array $new): array
    {
        $shares = array_fill(0, count($old), 0.0);
        foreach ($stratum->partShares as $key => $share) {
            foreach (self::owners($old, $key, $new) as $s => $owned) {
                $shares[$s] += $share * $owned;
            }
        }
        if (array_sum($shares) <= 0.0) {
            $shares = array_map(static fn (Stratum $before): float => $before->share, $old);
        }
        $sum = array_sum($shares);

        return array_filter(array_map(static fn (float $share): float => $share / $sum, $shares));
    }

    /**
     * Whose a part of a zone was: the stratum that held the same part, where the zone is parted as before; else those
     * that held
     * any of the zone, by their share of it.
     *
     * @param list<Stratum> $old
     * @param list<Stratum> $new
     *
     * @return array<int, float> by old stratum, summing to 1 or empty
     */
    private static function owners(array $old, string $key, array $new): array
    {
        $zone = explode(' ', $key)[0];
        if (self::partsOf($zone, $old) === self::partsOf($zone, $new)) {
            foreach ($old as $s => $before) {
                if (isset($before->partShares[$key])) {
                    return [$s => 1.0];
                }
            }
        }

        return array_filter(array_map(static fn (Stratum $before): float => $before->zoneShares[$zone] ?? 0.0, $old));
    }

    /** @param list<Stratum> $strata */
    private static function partsOf(string $zone, array $strata): int
    {
        $parts = 0;
        foreach ($strata as $stratum) {
            foreach (array_keys($stratum->partShares) as $key) {
                $parts += explode(' ', $key)[0] === $zone ? 1 : 0;
            }
        }

        return $parts;
    }

    /**
     * @param array<int, array<int, float>> $map
     * @param array<int, float>             $vector
     *
     * @return list<float>
     */
    private static function times(array $map, array $vector): array
    {
        return array_values(array_map(static function (array $row) use ($vector): float {
            $sum = 0.0;
            foreach ($row as $j => $weight) {
                $sum += $weight * $vector[$j];
            }

            return $sum;
        }, $map));
    }

    /**
     * @param array<int, array<int, float>> $map
     * @param array<int, array<int, float>> $covariance
     *
     * @return list<list<float>>
     */
    private static function onBothSides(array $map, array $covariance): array
    {
        $result = [];
        foreach ($map as $i => $row) {
            foreach ($map as $k => $column) {
                $sum = 0.0;
                foreach ($row as $j => $weight) {
                    foreach ($column as $l => $other) {
                        $sum += $weight * $other * $covariance[$j][$l];
                    }
                }
                $result[$i][$k] = $sum;
            }
        }

        return array_values(array_map(array_values(...), $result));
    }
}
