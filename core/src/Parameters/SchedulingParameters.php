<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** How finely a day is cut, how long a head may wait, and what waiting costs. */
final readonly class SchedulingParameters
{
    private const DAY_MINUTES = 1440;

    /** minutes between the times something can begin */
    public int $gridMinutes;

    /** minutes a head may sit on after a mask or hood is through, before hands come back */
    public int $mostHoldMinutes;

    /** minutes after a promised time a client is let know */
    public int $lateFromMinutes;

    /** minutes of a break that may be worked into, where that saves more than it costs; never more than half of it */
    public int $mostIntoBreakMinutes;

    /** minutes after the last of the hours that may be worked on, where that saves more than it costs */
    public int $mostPastClosingMinutes;

    /** minute of the day at which hours end at the latest; from 1440 on it is the night after */
    public int $latestClosingMinute;

    /** minutes after the last hours of a week at which one day turns into the next */
    public int $dayTurnsAfterMinutes;

    /** minutes of hands after each head: tools washed and laid in, chair and basin wiped */
    public int $cleanMinutes;

    /** minutes after a promised time within which a client counts as punctual */
    public int $punctualWithinMinutes;

    /** minutes after a promised time from which a client who is not there and said nothing is asked about */
    public int $silentFromMinutes;

    /** minutes after a promised time from which such a client is set aside, and the place is free for others */
    public int $asideFromMinutes;

    /** so many times what another costs, to find no place for who sits in the chair */
    public float $underWayWeighs;

    /** minutes that who sits in the chair is at most made to wait for hands */
    public int $mostUnderWayWaitMinutes;

    /** minutes waited, as they are weighed, that other hands must save before they are proposed */
    public float $exchangeSaves;

    /**
     * A minute waited or worked: after a promise; after coming late; for a time not promised yet; under a mask that is
     * through; of hands in a break; of hands after closing.
     *
     * @var array<string, float> cost
     */
    public array $costOfAMinute;

    /** cost of a head that finds no place in the day, in minutes waited */
    public float $costOfNoPlace;

    /** places of the search looked at while the page is shown already */
    public int $mostPlacesBehind;

    /** places of the search looked at before the best so far is taken */
    public int $mostPlaces;

    /** the same where only two heads are laid anew */
    public int $mostPlacesOfTwo;

    /** days drawn for the range of a finish */
    public int $draws;

    /** minutes; a shorter gap is no time to go to another head */
    public float $shortestWaitMinutes;

    /** minutes of hands that lie free; a shorter gap is of no use to anybody */
    public int $leastUsefulGapMinutes;

    /** minutes between two times that are offered */
    public int $offersApartMinutes;

    /** minutes at most from when one of a household is through to when the next begins */
    public int $mostBetweenTogetherMinutes;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->gridMinutes = $table->whole('scheduling.grid-minutes');
        $this->mostHoldMinutes = $table->whole('scheduling.most-hold-minutes');
        $this->lateFromMinutes = $table->whole('scheduling.late-from-minutes');
        $this->mostIntoBreakMinutes = $table->whole('scheduling.most-into-break-minutes');
        $this->mostPastClosingMinutes = $table->whole('scheduling.most-past-closing-minutes');
        $this->latestClosingMinute = $table->whole('scheduling.latest-closing-minute');
        $this->dayTurnsAfterMinutes = $table->whole('scheduling.day-turns-after-minutes');
        $this->cleanMinutes = $table->whole('scheduling.clean-minutes');
        $this->punctualWithinMinutes = $table->whole('scheduling.punctual-within-minutes');
        $this->silentFromMinutes = $table->whole('scheduling.silent-from-minutes');
        $this->asideFromMinutes = $table->whole('scheduling.aside-from-minutes');
        $this->underWayWeighs = $table->number('scheduling.under-way-weighs');
        $this->mostUnderWayWaitMinutes = $table->whole('scheduling.most-under-way-wait-minutes');
        $this->exchangeSaves = $table->number('scheduling.exchange-saves');
        $this->mostPlacesBehind = $table->whole('scheduling.most-places-behind');
        $this->costOfAMinute = $table->numbers('scheduling.cost-of-a-minute');
        $this->costOfNoPlace = $table->number('scheduling.cost-of-no-place');
        $this->mostPlaces = $table->whole('scheduling.most-places');
        $this->mostPlacesOfTwo = $table->whole('scheduling.most-places-of-two');
        $this->draws = $table->whole('scheduling.draws');
        $this->shortestWaitMinutes = $table->number('scheduling.shortest-wait-minutes');
        $this->leastUsefulGapMinutes = $table->whole('scheduling.least-useful-gap-minutes');
        $this->offersApartMinutes = $table->whole('scheduling.offers-apart-minutes');
        $this->mostBetweenTogetherMinutes = $table->whole('scheduling.most-between-together-minutes');
    }

    /**
     * Where hours go past midnight, the night belongs to the day before it, until everybody has gone.
     *
     * @param int $closes minute of the day at which the last hours of a week end; past midnight it counts on
     *
     * @return int minute after midnight at which one day turns into the next; 0 midnight
     */
    public function dayTurnsMinute(int $closes): int
    {
        return max(0, $closes + $this->dayTurnsAfterMinutes - self::DAY_MINUTES);
    }
}
