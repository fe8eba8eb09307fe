<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use LogicException;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\StylistBias;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\BrokenHairs;
use Nagomi\Core\Reading\Measured;
use Nagomi\Core\Reading\Sign;

/** The equation of each sign. A whole-head sign sees the strata by their share of the hair, a zone's by that zone's. */
final class ObservationBook
{
    private const OF = [
        'moisture' => [Layout::MOISTURE], 'protein' => [Layout::PROTEIN], 'build-up' => [Layout::WASHABLE, Layout::STUBBORN], 'wear' => [Layout::WEAR],
    ];

    /**
     * @param float            $noiseFactor times the sign's own noise: home readings, readings that do not fit
     * @param StylistBias|null $bias        of the stylist who read it: its mean is taken off, its doubt joins the noise
     */
    public static function of(Measured $measured, Layout $layout, ?Zone $zone, float $noiseFactor = 1.0, ?StylistBias $bias = null): Observation
    {
        $sign = $measured->sign;
        $shares = self::shares($layout, $zone);
        if ($sign->isCount()) {
            $usual = $sign === Sign::Broken ? BrokenHairs::usualBroken($measured->daysSinceDetangled ?? 0.0) : Model::COUNT_AT_TARGET[$sign->value] ?? 0.0;

            return new Count($sign, $measured->value, $usual * exp($bias === null ? 0.0 : $bias->mean), $shares, $noiseFactor);
        }
        $sd = sqrt(($measured->sd * $noiseFactor) ** 2 + ($bias === null ? 0.0 : $bias->sd ** 2));
        $value = $measured->value - ($bias === null ? 0.0 : $bias->mean);
        $atZero = $sign === Sign::WetStretch ? Model::STRETCH_AT_TARGET_PERCENT : Model::SIGN_AT_TARGET[$sign->value] ?? throw new LogicException("{$sign->value} has no equation.");
        $slopes = [$layout->offset($sign) => 1.0];
        $distances = [];
        foreach ($shares as $s => $share) {
            $stratum = $layout->head->strata[$s];
            $targets = [Layout::MOISTURE => $stratum->targetMoisture(), Layout::PROTEIN => $stratum->targetProtein($layout->head->proteinSensitive)];
            foreach (Model::SIGN_SLOPES[$sign->value] ?? [] as $what => $slope) {
                if ($what === 'off-moisture') {
                    $distances[$layout->of($s, Layout::MOISTURE)] = [$share * $slope, $targets[Layout::MOISTURE]];
                    continue;
                }
                foreach (self::OF[$what] as $quantity) {
                    $slopes[$layout->of($s, $quantity)] = $share * $slope;
                    $atZero -= $share * $slope * ($targets[$quantity] ?? 0.0);
                }
            }
        }

        // What a stylist's own bias leaves in doubt is small beside hairs that differ; a capped mean leaves it out.
        $noise = $sign->sd();

        return match (true) {
            $distances !== [] => new OffTarget($atZero, $slopes, $distances, $value, $sd),
            $sign === Sign::StretchReturn => new Capped($atZero, $slopes, 100.0, $measured->value, $noise * $noiseFactor, max(1.0, ($noise / $measured->sd) ** 2)),
            default => new Gaussian($atZero, $slopes, $value, $sd),
        };
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
