<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The tests themselves: what porosity looks like, what is usual, how long a test takes. */
final readonly class ReadingParameters
{
    /** g/cm³ */
    public float $hairDensityGPerCm3;

    /** hairs a pull usually holds */
    public int $pullHairs;

    /** hairs that come out of so many */
    public int $pullOrdinaryAtMost;

    /** @var array<string, float> seconds to wet through, median */
    public array $porosityWettingSeconds;

    /** @var array<string, float> minutes to dry in still air, median */
    public array $porosityDryingMinutes;

    /** @var array<string, float> spread of the logarithm of a time */
    public array $porosityLogSpread;

    /** @var array<string, list<float>> probability of beading, sinking slowly, soaking */
    public array $porositySoaks;

    /** @var array<string, list<float>> probability of a smooth, a little rough, a rough slide */
    public array $porositySlides;

    /** times the weight of wetting tests where build-up is plain */
    public float $porosityTrustWhenCoated;

    /** probability */
    public float $wellPossibleFrom;

    /** probability */
    public float $ruledOutBelow;

    /** first days with a reading of a sign that say what is usual of this client */
    public int $usualFromFirst;

    /** of single readings */
    public float $usualShare;

    /** of the newest reading in the moving average */
    public float $usualAverageWeight;

    /** probability that a moving average leaves its limits by chance, a reading */
    public float $changedByChance;

    /** share of the doubt of the balance that a test must take away a minute */
    public float $worthNarrowing;

    /** probability that something else is done next, 0 to 1 */
    public float $worthDeciding;

    /** of what readings vary by, that passes slowly from day to day */
    public float $slowShare;

    /** days until half of that has passed */
    public float $slowHalfLifeDays;

    /** pixels a finger misses its point by, either way, on a picture drawn 720 wide */
    public float $tapMissPx;

    /** @var array<string, float> minutes a test takes, before any was timed */
    public array $testMinutes;

    /** @var array<string, float> hairs a day */
    public array $shedADay;

    /** takings after which a rhythm shows */
    public int $rhythmFrom;

    /** times the usual gap from which a test is overdue */
    public float $overdueFromGaps;

    /** minutes a section up to which detangling goes well */
    public float $goodMinutesASection;

    /** hairs a wet stretch is usually taken of */
    public int $hairsOfAStretch;

    /** probability from which tests speak against what is written of porosity */
    public float $porositySureFrom;

    /** timed tests that weigh as much as the usual minutes */
    public float $testTimesUsualWeighs;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->hairDensityGPerCm3 = $table->number('readings.hair-density-g-per-cm3');
        $this->pullHairs = $table->whole('readings.pull-hairs');
        $this->pullOrdinaryAtMost = $table->whole('readings.pull-ordinary-at-most');
        $this->porosityWettingSeconds = $table->numbers('readings.porosity-wetting-seconds');
        $this->porosityDryingMinutes = $table->numbers('readings.porosity-drying-minutes');
        $this->porosityLogSpread = $table->numbers('readings.porosity-log-spread');
        $this->porositySoaks = $table->lists('readings.porosity-soaks');
        $this->porositySlides = $table->lists('readings.porosity-slides');
        $this->porosityTrustWhenCoated = $table->number('readings.porosity-trust-when-coated');
        $this->wellPossibleFrom = $table->number('readings.well-possible-from');
        $this->ruledOutBelow = $table->number('readings.ruled-out-below');
        $this->usualFromFirst = $table->whole('readings.usual-from-first');
        $this->usualShare = $table->number('readings.usual-share');
        $this->usualAverageWeight = $table->number('readings.usual-average-weight');
        $this->changedByChance = $table->number('readings.changed-by-chance');
        $this->worthDeciding = $table->number('readings.worth-deciding');
        $this->worthNarrowing = $table->number('readings.worth-narrowing');
        $this->slowShare = $table->number('readings.slow-share');
        $this->slowHalfLifeDays = $table->number('readings.slow-half-life-days');
        $this->tapMissPx = $table->number('readings.tap-miss-px');
        $this->testMinutes = $table->numbers('readings.test-minutes');
        $this->shedADay = $table->numbers('readings.shed-a-day');
        $this->rhythmFrom = $table->whole('readings.rhythm-from');
        $this->overdueFromGaps = $table->number('readings.overdue-from-gaps');
        $this->goodMinutesASection = $table->number('readings.good-minutes-a-section');
        $this->hairsOfAStretch = $table->whole('readings.hairs-of-a-stretch');
        $this->porositySureFrom = $table->number('readings.porosity-sure-from');
        $this->testTimesUsualWeighs = $table->number('readings.test-times-usual-weighs');
    }
}
