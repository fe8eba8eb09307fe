<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Air\Humidity;
use Nagomi\Core\Head\Common;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Sign;

/** What is assumed of a head before anything is measured. */
final class Prior
{
    private const QUANTITIES = [
        Layout::MOISTURE => 'moisture', Layout::PROTEIN => 'protein', Layout::WASHABLE => 'washable',
        Layout::STUBBORN => 'stubborn', Layout::WEAR => 'wear',
    ];

    /** @param bool $learning false holds the head's own multipliers at the trade's average, for comparison */
    public static function of(Head $head, bool $learning = true, ?Humidity $air = null): State
    {
        $layout = new Layout($head, [], $air);
        $mean = array_fill(0, $layout->size, 0.0);
        $covariance = array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0));
        foreach (self::QUANTITIES as $quantity => $name) {
            foreach ($head->strata as $s => $stratum) {
                $mean[$layout->of($s, $quantity)] = Model::START_MEAN[$name]
                    + ($quantity === Layout::WEAR ? Model::START_WEAR_WHEN_TREATED * $stratum->treatedShare : 0.0);
                $unknown = self::unknownVariance($head, $stratum, $name);
                foreach (array_keys($head->strata) as $other) {
                    $covariance[$layout->of($s, $quantity)][$layout->of($other, $quantity)] = Model::START_SD[$name] ** 2
                        * ($s === $other ? 1.0 : Model::START_CORRELATION) + ($s === $other ? $unknown : 0.0);
                }
            }
        }
        if ($learning) {
            foreach (['moisture-fading' => $layout->moistureFading, 'protein-fading' => $layout->proteinFading, 'uptake' => $layout->uptake] as $name => $index) {
                $covariance[$index][$index] = Model::LEARNED_PRIOR_SD[$name] ** 2 + self::unknownRate($head, $name);
            }
        }

        return new State($layout, $mean, $covariance);
    }

    /** The doubt that comes on top where porosity, strand, load or water were never measured: where this hair is at its best is not known. */
    private static function unknownVariance(Head $head, Stratum $stratum, string $quantity): float
    {
        $porosity = $stratum->porosity === Porosity::NotMeasured;
        $strand = $stratum->strand === StrandDiameter::NotMeasured;

        return match ($quantity) {
            'moisture' => $strand ? Common::sd(Model::MOISTURE_TARGET_BY_STRAND, Model::COMMON['strand']) ** 2 : 0.0,
            'protein' => ($porosity ? Common::sd(Model::PROTEIN_TARGET_BY_POROSITY, Model::COMMON['porosity']) ** 2 : 0.0)
                + ($strand ? Common::sd(Model::PROTEIN_TARGET_BY_STRAND, Model::COMMON['strand']) ** 2 : 0.0),
            'washable', 'stubborn' => $head->load === StylingLoad::NotMeasured || $head->hardnessMgPerL === null ? Model::BUILD_UP_SD_WHEN_NOT_MEASURED ** 2 : 0.0,
            default => 0.0,
        };
    }

    /** The same for how fast it loses and takes up, over the share of the head that was never tested. */
    private static function unknownRate(Head $head, string $multiplier): float
    {
        $share = array_sum(array_map(fn (Stratum $stratum): float => $stratum->porosity === Porosity::NotMeasured ? $stratum->share : 0.0, $head->strata));
        $table = ['moisture-fading' => Model::MOISTURE_HALF_LIFE_DAYS, 'protein-fading' => Model::PROTEIN_HALF_LIFE_DAYS, 'uptake' => Model::UPTAKE_BY_POROSITY][$multiplier] ?? [];

        return ($share * Common::logSd($table, Model::COMMON['porosity'])) ** 2;
    }

    /** How far one head's readings of a sign are off from another's alike, before any was taken. */
    public static function offsetSd(Sign $sign): float
    {
        return Model::HEAD_OFFSET_PRIOR * Model::READING_SD[$sign->value];
    }
}
