<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Measured;
use Nagomi\Core\Reading\Sign;

/** The equation of each sign. A whole-head sign sees the strata by their share of the hair, a zone's by that zone's. */
final class ObservationBook
{
    /** @param float $noiseFactor times the sign's own noise: home readings, readings that do not fit */
    public static function of(Measured $measured, Layout $layout, ?Zone $zone, float $noiseFactor = 1.0): Observation
    {
        $shares = self::shares($layout, $zone);
        $sd = $measured->sd * $noiseFactor;
        if ($measured->sign === Sign::Broken) {
            return new BrokenCount($measured->value, $measured->daysSinceDetangled ?? 0.0, $shares, $noiseFactor);
        }
        ['moisture' => $moisture, 'protein' => $protein, 'build-up' => $buildUp] = Model::SIGN_SLOPES[$measured->sign->value];
        $atZero = $measured->sign === Sign::WetStretch ? Model::STRETCH_AT_TARGET_PERCENT : Model::SIGN_AT_TARGET[$measured->sign->value];
        $slopes = [$layout->offset($measured->sign) => 1.0];
        foreach ($shares as $s => $share) {
            $stratum = $layout->head->strata[$s];
            $atZero -= $share * ($moisture * $stratum->targetMoisture() + $protein * $stratum->targetProtein($layout->head->proteinSensitive));
            $slopes[$layout->of($s, Layout::MOISTURE)] = $share * $moisture;
            $slopes[$layout->of($s, Layout::PROTEIN)] = $share * $protein;
            $slopes[$layout->of($s, Layout::WASHABLE)] = $share * $buildUp;
            $slopes[$layout->of($s, Layout::STUBBORN)] = $share * $buildUp;
        }
        $slopes = array_filter($slopes, static fn (float $slope): bool => $slope !== 0.0);
        if ($measured->sign === Sign::StretchReturn && $measured->value >= 100.0) {
            return new Censored($atZero, $slopes, 100.0, $sd);
        }

        return new Gaussian($atZero, $slopes, $measured->value, $sd);
    }

    /** @return array<int, float> share of the sign by stratum, summing to 1 */
    private static function shares(Layout $layout, ?Zone $zone): array
    {
        $shares = array_map(
            static fn ($stratum): float => $zone === null ? $stratum->share : ($stratum->zoneShares[$zone->value] ?? 0.0),
            $layout->head->strata,
        );
        $sum = array_sum($shares);
        if ($sum <= 0.0) {
            return self::shares($layout, null);
        }

        return array_filter(array_map(static fn (float $share): float => $share / $sum, $shares), static fn (float $share): bool => $share > 0.0);
    }
}
