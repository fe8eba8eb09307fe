<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What a step of a wash day gives, takes and wears, and how sure that is. */
final readonly class TreatmentParameters
{
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

    /** build-up per wash and 100 mg/L */
    public float $hardnessBuildUp;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->cleanseStrength = $table->numbers('treatments.cleanse-strength');
        $this->stubbornKept = $table->numbers('treatments.stubborn-kept');
        $this->secondPassFactor = $table->number('treatments.second-pass-factor');
        $this->cleanseMoistureLoss = $table->number('treatments.cleanse-moisture-loss');
        $this->cleanseProteinLoss = $table->number('treatments.cleanse-protein-loss');
        $this->cleanseLossByPorosity = $table->numbers('treatments.cleanse-loss-by-porosity');
        $this->preWashLossFactor = $table->number('treatments.pre-wash-loss-factor');
        $this->uptakeTimeMinutes = $table->numbers('treatments.uptake-time-minutes');
        $this->uptakeTimeUnderHeatMinutes = $table->numbers('treatments.uptake-time-under-heat-minutes');
        $this->uptakeByPorosity = $table->numbers('treatments.uptake-by-porosity');
        $this->moistureOf = $table->numbers('treatments.moisture-of');
        $this->proteinOf = $table->numbers('treatments.protein-of');
        $this->strongProteinMoistureCost = $table->number('treatments.strong-protein-moisture-cost');
        $this->labelMinutes = $table->numbers('treatments.label-minutes');
        $this->overLongLabelTimes = $table->number('treatments.over-long-label-times');
        $this->overLongMoistureCost = $table->number('treatments.over-long-moisture-cost');
        $this->buildUpBlocksUptake = $table->number('treatments.build-up-blocks-uptake');
        $this->effectSd = $table->number('treatments.effect-sd');
        $this->effectSdWhenDateIsApproximate = $table->number('treatments.effect-sd-when-date-is-approximate');
        $this->effectSdAtHome = $table->number('treatments.effect-sd-at-home');
        $this->untoldAfterDays = $table->whole('treatments.untold-after-days');
        $this->untoldDriftDays = $table->number('treatments.untold-drift-days');
        $this->unsaidAtHomeSd = $table->numbers('treatments.unsaid-at-home-sd');
        $this->detanglingWearAMinute = $table->number('treatments.detangling-wear-a-minute');
        $this->toolWear = $table->numbers('treatments.tool-wear');
        $this->detanglingStateWear = $table->numbers('treatments.detangling-state-wear');
        $this->detanglingStateWearWhenWetBreaks = $table->numbers('treatments.detangling-state-wear-when-wet-breaks');
        $this->wettingWear = $table->number('treatments.wetting-wear');
        $this->tightStyleWearADay = $table->number('treatments.tight-style-wear-a-day');
        $this->cottonWearANight = $table->number('treatments.cotton-wear-a-night');
        $this->swim = $table->tables('treatments.swim');
        $this->cleansingWearAPass = $table->number('treatments.cleansing-wear-a-pass');
        $this->heatToolWear = $table->numbers('treatments.heat-tool-wear');
        $this->chemicalServiceWear = $table->number('treatments.chemical-service-wear');
        $this->hardnessBuildUp = $table->number('treatments.hardness-build-up');
    }
}
