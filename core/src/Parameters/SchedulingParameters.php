<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The parameters of the Hands line: how finely a day is cut, how long a head may wait, and what waiting costs. */
final class SchedulingParameters
{
    #[Parameter('minutes between the times something can begin', Origin::Chosen, 1, 15)]
    public const GRID_MINUTES = 5;

    #[Parameter(
        'minutes a head may sit on after a mask or hood is through, before hands come back',
        Origin::CommonPractice,
        5,
        30,
    )]
    public const MOST_HOLD_MINUTES = 15;

    #[Parameter('minutes after a promised time a client is let know', Origin::CommonPractice, 5, 30)]
    public const LATE_FROM_MINUTES = 10;

    #[Parameter(
        'cost of a minute waited: after a promise, for a time not promised yet, under a mask that is through',
        Origin::Chosen,
        0.5,
        30,
    )]
    public const COST_OF_A_MINUTE = ['promised' => 12.0, 'wished' => 1.0, 'held' => 2.0];

    #[Parameter('cost of a head that finds no place in the day, in minutes waited', Origin::Chosen, 1000, 1000000)]
    public const COST_OF_NO_PLACE = 10_000.0;

    #[Parameter('places of the search looked at before the best so far is taken', Origin::Chosen, 100, 1000000)]
    public const MOST_PLACES = 400;

    #[Parameter('the same where only two heads are laid anew', Origin::Chosen, 20, 10000)]
    public const MOST_PLACES_OF_TWO = 60;

    #[Parameter('days drawn for the range of a finish', Origin::Chosen, 100, 2000)]
    public const DRAWS = 200;
}
