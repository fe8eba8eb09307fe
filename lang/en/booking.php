<?php

declare(strict_types=1);

// What bookings say, at the desk and on the plan.
return [
    'by-the-plan' => 'The plan',
    'asks' => 'The plan now takes :asks minutes; :minutes are kept free, and beside the others there is no room for more. Give it another time, or keep the wash day to what there is.',
    'asks-short' => 'takes :asks min by now, :minutes are kept free',
    'keep' => 'Keep it to :minutes minutes',
    'kept' => 'The wash day is planned into :minutes minutes to the end of styling, as was said here.',
    'as-planned' => 'Let it take what the plan asks for',
    'passed' => 'Time: :time has passed by now; choose one from now on, or another day.',
    'two-chairs' => ':name is booked already from :from to :until with :who, for :service. Choose a time before or after.',
    'not-today' => 'That is said on the day itself: this booking is for :day. Give it another time first.',
    'still-to-come' => 'It is still to come, on :day: cancel it, or give it another time.',
    'how' => 'How it goes',
    'says' => [
        'here' => 'Is here', 'begin' => 'Begin', 'no-show' => 'Did not come', 'through' => 'Through', 'over' => '10 minutes over',
    ],
    'comes-later' => 'Comes later, at',
    'round-it' => 'Lay the day out round it',
    'another-time' => 'Another time',
    'on-plan' => 'In the salon, :time with :who',
    'move-booking' => ':day is booked in the salon, :time with :who: give the booking another time, and the plan follows.',
    'salon-days' => 'such as 2027-02-28, 2027-03-28; wash days that are booked are known; none at all: no difference is made',
    'evening-before' => 'The evening before your visit on :day: :what.',
];
