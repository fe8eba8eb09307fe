<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\PopulationShares;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\ModelParameters;
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
        $layout = new StateLayout($head, [], $air);
        $mean = array_fill(0, $layout->size, 0.0);
        $covariance = array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0));
        foreach (self::QUANTITIES as $quantity => $name) {
            foreach ($head->strata as $s => $stratum) {
                $mean[$layout->of($s, $quantity)] = ModelParameters::START_MEAN[$name]
                    + (
                        $quantity === StateLayout::WEAR
                            ? ModelParameters::START_WEAR_WHEN_TREATED * $stratum->treatedShare
                            : 0.0
                    );
                $unknown = self::unknownVariance($head, $stratum, $name);
                foreach (array_keys($head->strata) as $other) {
                    $shared = $s === $other ? 1.0 : ModelParameters::START_CORRELATION;
                    $covariance[$layout->of($s, $quantity)][$layout->of($other, $quantity)]
                        = ModelParameters::START_SD[$name] ** 2 * $shared + ($s === $other ? $unknown : 0.0);
                }
            }
        }
        if ($learning) {
            foreach (
                [
                    'moisture-fading' => $layout->moistureFading,
                    'protein-fading' => $layout->proteinFading,
                    'uptake' => $layout->uptake,
                ] as $name => $index
            ) {
                $covariance[$index][$index] = ModelParameters::LEARNED_PRIOR_SD[$name] ** 2
                    + self::unknownRate($head, $name);
            }
        }

        return new State($layout, $mean, $covariance);
    }

    /**
     * The doubt that comes on top where porosity, strand, load or water were never measured: where this hair is at its
     * best is not known.
     */
    private static function unknownVariance(Head $head, Stratum $stratum, string $quantity): float
    {
        $porosity = $stratum->porosity === Porosity::NotMeasured;
        $strand = $stratum->strand === StrandDiameter::NotMeasured;

        return match ($quantity) {
            'moisture' => $strand
                ? PopulationShares::sd(
                    ModelParameters::MOISTURE_TARGET_BY_STRAND,
                    ModelParameters::COMMON['strand'],
                ) ** 2
                : 0.0,
            'protein' => (
                $porosity
                    ? PopulationShares::sd(
                        ModelParameters::PROTEIN_TARGET_BY_POROSITY,
                        ModelParameters::COMMON['porosity'],
                    ) ** 2
                    : 0.0
            )
                + (
                    $strand
                        ? PopulationShares::sd(
                            ModelParameters::PROTEIN_TARGET_BY_STRAND,
                            ModelParameters::COMMON['strand'],
                        ) ** 2
                        : 0.0
                ),
            'washable',
            'stubborn' => $head->load === StylingLoad::NotMeasured || $head->hardnessMgPerL === null
                ? ModelParameters::BUILD_UP_SD_WHEN_NOT_MEASURED ** 2
                : 0.0,
            default => 0.0,
        };
    }

    /** The same for how fast it loses and takes up, over the share of the head that was never tested. */
    private static function unknownRate(Head $head, string $multiplier): float
    {
        $share = array_sum(array_map(
            fn (Stratum $stratum): float => $stratum->porosity === Porosity::NotMeasured ? $stratum->share : 0.0,
            $head->strata,
        ));
        $table = [
            'moisture-fading' => ModelParameters::MOISTURE_HALF_LIFE_DAYS,
            'protein-fading' => ModelParameters::PROTEIN_HALF_LIFE_DAYS,
            'uptake' => ModelParameters::UPTAKE_BY_POROSITY,
        ][$multiplier]
            ?? [];

        return ($share * PopulationShares::logSd($table, ModelParameters::COMMON['porosity'])) ** 2;
    }

    /** How far one head's readings of a sign are off from another's alike, before any was taken. */
    public static function offsetSd(Sign $sign): float
    {
        return ModelParameters::HEAD_OFFSET_PRIOR * ModelParameters::READING_SD[$sign->value];
    }
}
