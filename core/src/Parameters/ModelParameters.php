<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/**
 * What is believed of hair itself: its targets, how its reserves fade and it grows, what builds up by
 * itself, and what is assumed before anything is measured.
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

    /** times the drift of washable build-up */
    public float $stubbornDriftShare;

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
        $this->startMean = $table->numbers('model.start-mean');
        $this->startSd = $table->numbers('model.start-sd');
        $this->startWearWhenTreated = $table->number('model.start-wear-when-treated');
        $this->startCorrelation = $table->number('model.start-correlation');
        $this->learnedPriorSd = $table->numbers('model.learned-prior-sd');
        $this->stubbornDriftShare = $table->number('model.stubborn-drift-share');
    }
}
