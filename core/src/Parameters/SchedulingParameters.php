<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** How finely a day is cut, how long a head may wait, and what waiting costs. */
final readonly class SchedulingParameters
{
    /** minutes between the times something can begin */
    public int $gridMinutes;

    /** minutes a head may sit on after a mask or hood is through, before hands come back */
    public int $mostHoldMinutes;

    /** minutes after a promised time a client is let know */
    public int $lateFromMinutes;

    /**
     * A minute waited: after a promise, for a time not promised yet, under a mask that is through.
     *
     * @var array<string, float> cost
     */
    public array $costOfAMinute;

    /** cost of a head that finds no place in the day, in minutes waited */
    public float $costOfNoPlace;

    /** places of the search looked at before the best so far is taken */
    public int $mostPlaces;

    /** the same where only two heads are laid anew */
    public int $mostPlacesOfTwo;

    /** days drawn for the range of a finish */
    public int $draws;

    /** minutes; a shorter gap is no time to go to another head */
    public float $shortestWaitMinutes;

    /** minutes between two times that are offered */
    public int $offersApartMinutes;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->gridMinutes = $table->whole('scheduling.grid-minutes');
        $this->mostHoldMinutes = $table->whole('scheduling.most-hold-minutes');
        $this->lateFromMinutes = $table->whole('scheduling.late-from-minutes');
        $this->costOfAMinute = $table->numbers('scheduling.cost-of-a-minute');
        $this->costOfNoPlace = $table->number('scheduling.cost-of-no-place');
        $this->mostPlaces = $table->whole('scheduling.most-places');
        $this->mostPlacesOfTwo = $table->whole('scheduling.most-places-of-two');
        $this->draws = $table->whole('scheduling.draws');
        $this->shortestWaitMinutes = $table->number('scheduling.shortest-wait-minutes');
        $this->offersApartMinutes = $table->whole('scheduling.offers-apart-minutes');
    }
}
