<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What a reading says of the reserves: values at balance, slopes, noise, and how far people and heads differ. */
final readonly class SignParameters
{
    /** % of rest length */
    public float $stretchAtTargetPercent;

    /** @var array<string, float> value of the sign where all is at its target */
    public array $signAtTarget;

    /**
     * Slopes a sign does not name are 0; 'off-moisture' is the slope against the distance of moisture from its target,
     * either side.
     *
     * @var array<string, array<string, float>> sign per unit of reserve, build-up or wear
     */
    public array $signSlopes;

    /** @var array<string, float> noise of one reading, in its own unit; of counts as a logarithm */
    public array $readingSd;

    /** @var array<string, float> hairs, or splits and knots, of hair in balance and without wear */
    public array $countAtTarget;

    /** @var array<string, array<string, float>> log per unit of wear or of reserve beyond the band */
    public array $countLogSlopes;

    /** @var array<string, float> size of the negative binomial */
    public array $countSize;

    /** standard deviations, of stylists about their salon, times the noise of the reading */
    public float $stylistBiasPrior;

    /** standard deviation of the logarithm of how much one stylist's readings scatter, about what is usual */
    public float $stylistNoisePrior;

    /** the same of how much one sign scatters in this salon */
    public float $signNoisePrior;

    /** days, for a count that is only thought of */
    public float $untimedDaysSinceDetangled;

    /** times the noise of the reading */
    public float $headOffsetPrior;

    /** times */
    public float $homeNoiseFactor;

    /** standard deviations */
    public float $checkAgainAtSd;

    /** broken hairs a day */
    public float $brokenADayInBalance;

    /** days */
    public float $brokenDaysOffset;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->stretchAtTargetPercent = $table->number('signs.stretch-at-target-percent');
        $this->signAtTarget = $table->numbers('signs.sign-at-target');
        $this->signSlopes = $table->tables('signs.sign-slopes');
        $this->readingSd = $table->numbers('signs.reading-sd');
        $this->countAtTarget = $table->numbers('signs.count-at-target');
        $this->countLogSlopes = $table->tables('signs.count-log-slopes');
        $this->countSize = $table->numbers('signs.count-size');
        $this->stylistBiasPrior = $table->number('signs.stylist-bias-prior');
        $this->stylistNoisePrior = $table->number('signs.stylist-noise-prior');
        $this->signNoisePrior = $table->number('signs.sign-noise-prior');
        $this->untimedDaysSinceDetangled = $table->number('signs.untimed-days-since-detangled');
        $this->headOffsetPrior = $table->number('signs.head-offset-prior');
        $this->homeNoiseFactor = $table->number('signs.home-noise-factor');
        $this->checkAgainAtSd = $table->number('signs.check-again-at-sd');
        $this->brokenADayInBalance = $table->number('signs.broken-a-day-in-balance');
        $this->brokenDaysOffset = $table->number('signs.broken-days-offset');
    }
}
