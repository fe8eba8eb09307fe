<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\HairKind;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\PopulationShares;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Readings\Sign;

/** What is assumed of a head before anything is measured. */
final class Prior
{
    private const QUANTITIES = [
        StateLayout::MOISTURE => 'moisture', StateLayout::PROTEIN => 'protein', StateLayout::WASHABLE => 'washable',
        StateLayout::STUBBORN => 'stubborn', StateLayout::WEAR => 'wear',
    ];

    /** @param bool $learning false holds the head's own multipliers at the trade's average, for comparison */
    public static function of(Head $head, bool $learning = true, ?Humidity $air = null): State
    {
        $model = $head->parameters->model;
        $layout = new StateLayout($head, [], $air);
        $mean = array_fill(0, $layout->size, 0.0);
        $covariance = array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0));
        foreach (self::QUANTITIES as $quantity => $name) {
            foreach ($head->strata as $s => $stratum) {
                $mean[$layout->of($s, $quantity)] = $model->startMean[$name]
                    + (
                        $quantity === StateLayout::WEAR
                            ? $model->startWearWhenTreated * $stratum->treatedShare
                            : 0.0
                    );
                $unknown = self::unknownVariance($head, $stratum, $name);
                foreach (array_keys($head->strata) as $other) {
                    $shared = $s === $other ? 1.0 : $model->startCorrelation;
                    $covariance[$layout->of($s, $quantity)][$layout->of($other, $quantity)]
                        = $model->startSd[$name] ** 2 * $shared + ($s === $other ? $unknown : 0.0);
                }
            }
        }
        foreach ($learning ? $layout->rates() : [] as $name => $index) {
            $mean[$index] = self::shift($head, $name);
            $covariance[$index][$index] = self::rateVariance($head, $name);
        }

        return new State($layout, $mean, $covariance);
    }

    /**
     * The doubt that comes on top where porosity, strand, load or water were never measured: where this hair is at its
     * best is not known.
     */
    private static function unknownVariance(Head $head, Stratum $stratum, string $quantity): float
    {
        $model = $head->parameters->model;
        $porosity = $stratum->porosity === Porosity::NotMeasured;
        $strand = $stratum->strand === StrandDiameter::NotMeasured;

        return match ($quantity) {
            'moisture' => $strand
                ? PopulationShares::sd(
                    $model->moistureTargetByStrand,
                    $model->common['strand'],
                ) ** 2
                : 0.0,
            'protein' => (
                $porosity
                    ? PopulationShares::sd(
                        $model->proteinTargetByPorosity,
                        $model->common['porosity'],
                    ) ** 2
                    : 0.0
            )
                + (
                    $strand
                        ? PopulationShares::sd(
                            $model->proteinTargetByStrand,
                            $model->common['strand'],
                        ) ** 2
                        : 0.0
                ),
            'washable',
            'stubborn' => $head->load === StylingLoad::NotMeasured || $head->hardnessMgPerL === null
                ? $model->buildUpSdWhenNotMeasured ** 2
                : 0.0,
            default => 0.0,
        };
    }

    /** @param string $rate of {@see StateLayout::rates()} */
    public static function rateVariance(Head $head, string $rate): float
    {
        $ofKind = 0.0;
        $sds = $head->parameters->population->shiftSds[$rate] ?? [];
        foreach (HairKind::of($head) as $kind => $share) {
            $ofKind += ($share * ($sds[$kind] ?? 0.0)) ** 2;
        }

        return $head->parameters->model->learnedPriorSd[$rate] ** 2 + self::unknownRate($head, $rate) + $ofKind;
    }

    /** In what heads of this kind differ from all heads, as a logarithm. */
    public static function shift(Head $head, string $rate): float
    {
        $shift = 0.0;
        $shifts = $head->parameters->population->shifts[$rate] ?? [];
        foreach (HairKind::of($head) as $kind => $share) {
            $shift += $share * ($shifts[$kind] ?? 0.0);
        }

        return $shift;
    }

    /** The same for how fast it loses and takes up, over the share of the head that was never tested. */
    private static function unknownRate(Head $head, string $multiplier): float
    {
        $model = $head->parameters->model;
        $treatments = $head->parameters->treatments;
        $share = array_sum(array_map(
            fn (Stratum $stratum): float => $stratum->porosity === Porosity::NotMeasured ? $stratum->share : 0.0,
            $head->strata,
        ));
        $table = [
            'moisture-fading' => $model->moistureHalfLifeDays,
            'protein-fading' => $model->proteinHalfLifeDays,
            'uptake' => $treatments->uptakeByPorosity,
        ][$multiplier]
            ?? [];

        return ($share * PopulationShares::logSd($table, $model->common['porosity'])) ** 2;
    }

    /** How far one head's readings of a sign are off from another's alike, before any was taken. */
    public static function offsetSd(Sign $sign, SignParameters $parameters): float
    {
        return $parameters->headOffsetPrior * $parameters->readingSd[$sign->value];
    }
}
