<?php

declare(strict_types=1);

// A client who comes again every so many weeks.
return [
    'title' => 'Again every few weeks', 'lead' => ':service on :day at :time with :who, and then again:',
    'weeks' => 'Every so many weeks', 'times' => 'How many times', 'see' => 'See the days', 'book' => 'Book these', 'back' => 'The booking',
    'none' => 'There is no room on that day or near it.',
    'another-day' => 'nothing near that time on :day', 'another-hour' => ':time is taken', 'other-hands' => ':who is taken',
    'with' => ':day at :time with :who',
    'choose' => 'Days: choose one or more of those shown.',
    'no-service' => 'This service is no longer on the list: book each day by itself.',
    'closed' => 'Only what is still to come is made again: let it stand first.',
    'said' => '{1} One more time is booked for :name.|[2,*] :count more times are booked for :name.',
    'one-of' => 'One of :count times that were booked together:',
    'following' => '{1} Cancel the one that follows as well|[2,*] Cancel the :count that follow as well',
    'cancelled' => '{0} Cancelled; calendars are updated.|{1} Cancelled, with the one that follows; calendars hear of it.|[2,*] Cancelled, with the :count that follow; calendars hear of it.',
];
