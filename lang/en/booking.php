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
    'another-time' => 'Another time',
    'on-plan' => 'In the salon, :time with :who',
    'move-booking' => ':day is booked in the salon, :time with :who: give the booking another time, and the plan follows.',
    'evening-before' => 'The evening before your visit on :day: :what',
];
