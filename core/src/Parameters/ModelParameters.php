<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/**
 * What is believed of hair itself: its targets, how its reserves fade, what a step gives and takes, what wears it, and
 * what is assumed before anything is measured.
 */
final readonly class ModelParameters
{
    /**
     * What a table says of 'not-measured' is its mean over these; a test holds it to that.
     *
     * @var array<string, array<string, float>> share of heads
     */
    public array $common;

    /** mg/L of CaCO3 */
    public float $hardnessNotMeasuredMgPerL;

    /** mm */
    public float $lengthNotMeasuredMm;

    /** build-up, more at the start where load or water is not known */
    public float $buildUpSdWhenNotMeasured;

    /** reserve */
    public float $targetMoisture;

    /** reserve */
    public float $targetProtein;

    /** reserve */
    public float $bandHalfWidth;

    /** @var array<string, float> reserve */
    public array $proteinTargetByPorosity;

    /** @var array<string, float> reserve */
    public array $proteinTargetByStrand;

    /** @var array<string, float> reserve */
    public array $moistureTargetByStrand;

    /** reserve */
    public float $proteinTargetWhenSensitive;

    /** @var array<string, float> days */
    public array $moistureHalfLifeDays;

    /** @var array<string, float> days */
    public array $proteinHalfLifeDays;

    /** times */
    public float $sealedHalfLifeFactor;

    /** reserve */
    public float $airMoistureAtReference;

    /** reserve per percentage point of regain */
    public float $airMoisturePerRegainPoint;

    /** % of dry mass */
    public float $regainAtReferencePercent;

    /** reserve per square root of a day */
    public float $moistureDriftSd;

    /** reserve per square root of a day */
    public float $proteinDriftSd;

    /** build-up per square root of a day */
    public float $buildUpDriftSd;

    /** wear per square root of a day */
    public float $wearDriftSd;

    /** mm a day */
    public float $growthMmADay;

    /** @var array<string, float> mm a day */
    public array $growthByCurlMmADay;

    /** mm a day */
    public float $growthSdMmADay;

    /** @var array<string, float> load */
    public array $load;

    /** build-up a day and load */
    public float $buildUpADayAndLoad;

    /** share */
    public float $washableShare;

    /** build-up per wash and 100 mg/L */
    public float $hardnessBuildUp;

    /** @var array<string, float> share removed in a pass */
    public array $cleanseStrength;

    /** @var array<string, float> share of stubborn build-up that stays */
    public array $stubbornKept;

    /** times */
    public float $secondPassFactor;

    /** reserve at strength 1 */
    public float $cleanseMoistureLoss;

    /** reserve at strength 1 */
    public float $cleanseProteinLoss;

    /** @var array<string, float> times */
    public array $cleanseLossByPorosity;

    /** times */
    public float $preWashLossFactor;

    /** @var array<string, float> minutes */
    public array $uptakeTimeMinutes;

    /** @var array<string, float> minutes */
    public array $uptakeTimeUnderHeatMinutes;

    /** @var array<string, float> times */
    public array $uptakeByPorosity;

    /** @var array<string, float> reserve at full uptake from nothing */
    public array $moistureOf;

    /** @var array<string, float> reserve at full uptake from nothing */
    public array $proteinOf;

    /** reserve */
    public float $strongProteinMoistureCost;

    /** @var array<string, float> minutes */
    public array $labelMinutes;

    /** label times */
    public float $overLongLabelTimes;

    /** reserve per further label time */
    public float $overLongMoistureCost;

    /** share of uptake lost at full build-up */
    public float $buildUpBlocksUptake;

    /** share of the effect */
    public float $effectSd;

    /** share of the effect */
    public float $effectSdWhenDateIsApproximate;

    /** share of the effect */
    public float $effectSdAtHome;

    /** minutes */
    public float $untoldMaskMinutes;

    /** share of the effect */
    public float $effectSdWhenUntold;

    /** days */
    public int $untoldAfterDays;

    /** days */
    public float $untoldDriftDays;

    /** @var array<string, float> reserve or build-up, of what a wash day at home left unsaid */
    public array $unsaidAtHomeSd;

    /** wear a minute */
    public float $detanglingWearAMinute;

    /** @var array<string, float> times */
    public array $toolWear;

    /** @var array<string, float> times */
    public array $detanglingStateWear;

    /**
     * Schools differ: one side says wet hair breaks, the other that wet hair with slip does not.
     *
     * @var array<string, float> times, where the house holds that wet hair breaks
     */
    public array $detanglingStateWearWhenWetBreaks;

    /** wear an extra wetting */
    public float $wettingWear;

    /** wear a day in a tight style */
    public float $tightStyleWearADay;

    /** wear a night on cotton */
    public float $cottonWearANight;

    /** @var array<string, array<string, float>> reserve or build-up, of a day in the pool or the sea */
    public array $swim;

    /** wear a pass */
    public float $cleansingWearAPass;

    /** @var array<string, float> wear */
    public array $heatToolWear;

    /** wear */
    public float $chemicalServiceWear;

    /** @var array<string, float> reserve or wear */
    public array $startMean;

    /** @var array<string, float> reserve or wear */
    public array $startSd;

    /** wear */
    public float $startWearWhenTreated;

    /** correlation between strata */
    public float $startCorrelation;

    /** @var array<string, float> log */
    public array $learnedPriorSd;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->common = $table->tables('model.common');
        $this->hardnessNotMeasuredMgPerL = $table->number('model.hardness-not-measured-mg-per-l');
        $this->lengthNotMeasuredMm = $table->number('model.length-not-measured-mm');
        $this->buildUpSdWhenNotMeasured = $table->number('model.build-up-sd-when-not-measured');
        $this->targetMoisture = $table->number('model.target-moisture');
        $this->targetProtein = $table->number('model.target-protein');
        $this->bandHalfWidth = $table->number('model.band-half-width');
        $this->proteinTargetByPorosity = $table->numbers('model.protein-target-by-porosity');
        $this->proteinTargetByStrand = $table->numbers('model.protein-target-by-strand');
        $this->moistureTargetByStrand = $table->numbers('model.moisture-target-by-strand');
        $this->proteinTargetWhenSensitive = $table->number('model.protein-target-when-sensitive');
        $this->moistureHalfLifeDays = $table->numbers('model.moisture-half-life-days');
        $this->proteinHalfLifeDays = $table->numbers('model.protein-half-life-days');
        $this->sealedHalfLifeFactor = $table->number('model.sealed-half-life-factor');
        $this->airMoistureAtReference = $table->number('model.air-moisture-at-reference');
        $this->airMoisturePerRegainPoint = $table->number('model.air-moisture-per-regain-point');
        $this->regainAtReferencePercent = $table->number('model.regain-at-reference-percent');
        $this->moistureDriftSd = $table->number('model.moisture-drift-sd');
        $this->proteinDriftSd = $table->number('model.protein-drift-sd');
        $this->buildUpDriftSd = $table->number('model.build-up-drift-sd');
        $this->wearDriftSd = $table->number('model.wear-drift-sd');
        $this->growthMmADay = $table->number('model.growth-mm-a-day');
        $this->growthByCurlMmADay = $table->numbers('model.growth-by-curl-mm-a-day');
        $this->growthSdMmADay = $table->number('model.growth-sd-mm-a-day');
        $this->load = $table->numbers('model.load');
        $this->buildUpADayAndLoad = $table->number('model.build-up-a-day-and-load');
        $this->washableShare = $table->number('model.washable-share');
        $this->hardnessBuildUp = $table->number('model.hardness-build-up');
        $this->cleanseStrength = $table->numbers('model.cleanse-strength');
        $this->stubbornKept = $table->numbers('model.stubborn-kept');
        $this->secondPassFactor = $table->number('model.second-pass-factor');
        $this->cleanseMoistureLoss = $table->number('model.cleanse-moisture-loss');
        $this->cleanseProteinLoss = $table->number('model.cleanse-protein-loss');
        $this->cleanseLossByPorosity = $table->numbers('model.cleanse-loss-by-porosity');
        $this->preWashLossFactor = $table->number('model.pre-wash-loss-factor');
        $this->uptakeTimeMinutes = $table->numbers('model.uptake-time-minutes');
        $this->uptakeTimeUnderHeatMinutes = $table->numbers('model.uptake-time-under-heat-minutes');
        $this->uptakeByPorosity = $table->numbers('model.uptake-by-porosity');
        $this->moistureOf = $table->numbers('model.moisture-of');
        $this->proteinOf = $table->numbers('model.protein-of');
        $this->strongProteinMoistureCost = $table->number('model.strong-protein-moisture-cost');
        $this->labelMinutes = $table->numbers('model.label-minutes');
        $this->overLongLabelTimes = $table->number('model.over-long-label-times');
        $this->overLongMoistureCost = $table->number('model.over-long-moisture-cost');
        $this->buildUpBlocksUptake = $table->number('model.build-up-blocks-uptake');
        $this->effectSd = $table->number('model.effect-sd');
        $this->effectSdWhenDateIsApproximate = $table->number('model.effect-sd-when-date-is-approximate');
        $this->effectSdAtHome = $table->number('model.effect-sd-at-home');
        $this->untoldMaskMinutes = $table->number('model.untold-mask-minutes');
        $this->effectSdWhenUntold = $table->number('model.effect-sd-when-untold');
        $this->untoldAfterDays = $table->whole('model.untold-after-days');
        $this->untoldDriftDays = $table->number('model.untold-drift-days');
        $this->unsaidAtHomeSd = $table->numbers('model.unsaid-at-home-sd');
        $this->detanglingWearAMinute = $table->number('model.detangling-wear-a-minute');
        $this->toolWear = $table->numbers('model.tool-wear');
        $this->detanglingStateWear = $table->numbers('model.detangling-state-wear');
        $this->detanglingStateWearWhenWetBreaks = $table->numbers('model.detangling-state-wear-when-wet-breaks');
        $this->wettingWear = $table->number('model.wetting-wear');
        $this->tightStyleWearADay = $table->number('model.tight-style-wear-a-day');
        $this->cottonWearANight = $table->number('model.cotton-wear-a-night');
        $this->swim = $table->tables('model.swim');
        $this->cleansingWearAPass = $table->number('model.cleansing-wear-a-pass');
        $this->heatToolWear = $table->numbers('model.heat-tool-wear');
        $this->chemicalServiceWear = $table->number('model.chemical-service-wear');
        $this->startMean = $table->numbers('model.start-mean');
        $this->startSd = $table->numbers('model.start-sd');
        $this->startWearWhenTreated = $table->number('model.start-wear-when-treated');
        $this->startCorrelation = $table->number('model.start-correlation');
        $this->learnedPriorSd = $table->numbers('model.learned-prior-sd');
    }
}
