<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** How a scalp grows oily, flaky and dry, what cleansing takes off, and from where on something is done about it. */
final readonly class ScalpParameters
{
    /** points of 10 a day on a scalp just cleansed */
    public float $oilADay;

    /** points of 10 a day and zone on a scalp just cleansed */
    public float $flakesADay;

    /** @var array<string, float> of heads about the usual: oil and flakes a day as a logarithm, dryness in points of 10 */
    public array $ownSd;

    /** @var array<string, float> points of 10 before anything was read */
    public array $start;

    /** @var array<string, float> points of 10 */
    public array $startSd;

    /** @var array<string, float> share of the oil that one pass leaves, by cleanse */
    public array $oilKept;

    /** @var array<string, float> share of the flakes that one pass leaves, by cleanse */
    public array $flakesKept;

    /** @var array<string, float> points of 10 a pass, by cleanse */
    public array $drynessAdded;

    /** share of the flakes that a minute of scalp care leaves */
    public float $flakesKeptAContactMinute;

    /** share, 0 to 1 */
    public float $careSlowsFlakes;

    /** days */
    public float $careHalfLifeDays;

    /** times */
    public float $oilFeedsFlakes;

    /** points of 10 */
    public float $oilAddedByOiling;

    /** points of 10 */
    public float $drynessTakenByOiling;

    /** points of 10 */
    public float $drynessAtRest;

    /** points of 10 a % of relative humidity */
    public float $drynessAPercentOfDryAir;

    /** % relative humidity */
    public float $dryAirBelowPercent;

    /** days */
    public float $drynessHalfLifeDays;

    /** @var array<string, float> points of itch a point of 10 */
    public array $itchOf;

    /** @var array<string, float> points of 10 a root of a day; rate: of its logarithm */
    public array $driftADay;

    /** share of what a cleanse takes */
    public float $effectSd;

    /** points of 10 */
    public float $zoneSd;

    /** points of 10 */
    public float $zoneReadingSd;

    /** @var array<string, float> by sign, flakes in points of 80, the others of 10 */
    public array $limit;

    /** points of 80 */
    public float $referFlakes;

    /** minutes */
    public float $contactMinutes;

    /** days */
    public int $readWithinDays;

    /** share of the rhythm asked for */
    public float $soonerTo;

    /** times the rhythm asked for */
    public float $laterTo;

    /** days */
    public int $rhythmOverDays;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->oilADay = $table->number('scalp.oil-a-day');
        $this->flakesADay = $table->number('scalp.flakes-a-day');
        $this->ownSd = $table->numbers('scalp.own-sd');
        $this->start = $table->numbers('scalp.start');
        $this->startSd = $table->numbers('scalp.start-sd');
        $this->oilKept = $table->numbers('scalp.oil-kept');
        $this->flakesKept = $table->numbers('scalp.flakes-kept');
        $this->drynessAdded = $table->numbers('scalp.dryness-added');
        $this->flakesKeptAContactMinute = $table->number('scalp.flakes-kept-a-contact-minute');
        $this->careSlowsFlakes = $table->number('scalp.care-slows-flakes');
        $this->careHalfLifeDays = $table->number('scalp.care-half-life-days');
        $this->oilFeedsFlakes = $table->number('scalp.oil-feeds-flakes');
        $this->oilAddedByOiling = $table->number('scalp.oil-added-by-oiling');
        $this->drynessTakenByOiling = $table->number('scalp.dryness-taken-by-oiling');
        $this->drynessAtRest = $table->number('scalp.dryness-at-rest');
        $this->drynessAPercentOfDryAir = $table->number('scalp.dryness-a-percent-of-dry-air');
        $this->dryAirBelowPercent = $table->number('scalp.dry-air-below-percent');
        $this->drynessHalfLifeDays = $table->number('scalp.dryness-half-life-days');
        $this->itchOf = $table->numbers('scalp.itch-of');
        $this->driftADay = $table->numbers('scalp.drift-a-day');
        $this->effectSd = $table->number('scalp.effect-sd');
        $this->zoneSd = $table->number('scalp.zone-sd');
        $this->zoneReadingSd = $table->number('scalp.zone-reading-sd');
        $this->limit = $table->numbers('scalp.limit');
        $this->referFlakes = $table->number('scalp.refer-flakes');
        $this->contactMinutes = $table->number('scalp.contact-minutes');
        $this->readWithinDays = $table->whole('scalp.read-within-days');
        $this->soonerTo = $table->number('scalp.sooner-to');
        $this->laterTo = $table->number('scalp.later-to');
        $this->rhythmOverDays = $table->whole('scalp.rhythm-over-days');
    }
}
