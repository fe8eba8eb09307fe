<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use LogicException;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Sign;

/** The equation of each sign. A whole-head sign sees the strata by their share of the hair, a zone's by that zone's. */
final class ObservationCatalogue
{
    private const OF = [
        'moisture' => [StateLayout::MOISTURE],
        'protein' => [StateLayout::PROTEIN],
        'build-up' => [StateLayout::WASHABLE, StateLayout::STUBBORN],
        'wear' => [StateLayout::WEAR],
    ];

    /**
     * @param float            $noiseFactor times the sign's own noise: home readings, readings that do not fit
     * @param StylistBias|null $bias        of the stylist who read it: its mean is taken off, its doubt joins the noise
     *
     * @throws LogicException for a sign without an equation
     */
    public static function of(
        MeasuredSign $measured,
        StateLayout $layout,
        ?Zone $zone,
        float $noiseFactor = 1.0,
        ?StylistBias $bias = null,
    ): Observation {
        $sign = $measured->sign;
        $signs = $layout->parameters->signs;
        $shares = self::shares($layout, $zone);
        if ($sign->isCount()) {
            $usual = self::usual($measured, $signs) * exp($bias === null ? 0.0 : $bias->mean);

            return new HairCount($sign, $measured->value, $usual, $shares, $noiseFactor);
        }
        $sd = sqrt(($measured->sd * $noiseFactor) ** 2 + ($bias === null ? 0.0 : $bias->sd ** 2));
        $value = $measured->value - ($bias === null ? 0.0 : $bias->mean);
        $atZero = $sign === Sign::WetStretch
            ? $signs->stretchAtTargetPercent
            : $signs->signAtTarget[$sign->value]
                ?? throw new LogicException("{$sign->value} has no equation.");
        [$slopes, $distances, $atTargets] = self::equation($sign, $layout, $shares);
        $atZero -= $atTargets;

        // What a stylist's own bias leaves in doubt is small beside hairs that differ; a capped mean leaves it out.
        $noise = $sign->sd($signs);

        return match (true) {
            $distances !== [] => new DistanceFromTarget($atZero, $slopes, $distances, $value, $sd),
            $sign === Sign::StretchReturn => new CappedMean(
                $atZero,
                $slopes,
                100.0,
                $measured->value,
                $noise * $noiseFactor,
                max(1.0, ($noise / $measured->sd) ** 2),
            ),
            default => new LinearGaussian($atZero, $slopes, $value, $sd),
        };
    }

    private static function usual(MeasuredSign $measured, SignParameters $signs): float
    {
        return $measured->sign === Sign::Broken
            ? BrokenHairs::usualBroken($measured->daysSinceDetangled ?? 0.0, $signs)
            : $signs->countAtTarget[$measured->sign->value] ?? 0.0;
    }

    /**
     * @param array<int, float> $shares of the strata that were read
     *
     * @return array{array<int, float>, array<int, array{float, float}>, float} slopes by index of the state; slopes and
     *     targets of what counts by its distance; and what the straight part comes to at the targets
     */
    private static function equation(Sign $sign, StateLayout $layout, array $shares): array
    {
        $slopes = [$layout->offset($sign) => 1.0];
        $distances = [];
        $atTargets = 0.0;
        foreach ($shares as $s => $share) {
            $stratum = $layout->head->strata[$s];
            $targets = [
                StateLayout::MOISTURE => $stratum->targetMoisture(),
                StateLayout::PROTEIN => $stratum->targetProtein($layout->head->proteinSensitive),
            ];
            foreach ($layout->parameters->signs->signSlopes[$sign->value] ?? [] as $what => $slope) {
                if ($what === 'off-moisture') {
                    $distances[$layout->of($s, StateLayout::MOISTURE)] = [
                        $share * $slope,
                        $targets[StateLayout::MOISTURE],
                    ];
                    continue;
                }
                foreach (self::OF[$what] as $quantity) {
                    $slopes[$layout->of($s, $quantity)] = $share * $slope;
                    $atTargets += $share * $slope * ($targets[$quantity] ?? 0.0);
                }
            }
        }

        return [$slopes, $distances, $atTargets];
    }

    /** @return array<int, float> share of the sign by stratum, summing to 1 */
    private static function shares(StateLayout $layout, ?Zone $zone): array
    {
        $shares = array_map(
            static fn ($stratum): float => $zone === null
                ? $stratum->share
                : ($stratum->zoneShares[$zone->value] ?? 0.0),
            $layout->head->strata,
        );
        $sum = array_sum($shares);
        if ($sum <= 0.0) {
            return self::shares($layout, null);
        }

        return array_filter(
            array_map(static fn (float $share): float => $share / $sum, $shares),
            static fn (float $share): bool => $share > 0.0,
        );
    }
}
