<?php

declare(strict_types=1);

// When the salon is open, also past midnight.
return [
    'how' => 'Type from and until, a break between: 9:00–12:30 13:30–18:00. Past midnight goes with the day before: 18:00–2:00. Leave a day off empty.',
    'wrong' => ':day: type from and until, such as 9:00–12:30 13:30–18:00, or leave it empty. Hours end at :latest at night at the latest.',
    'too-long' => ':day: from the first hand to the last a day has at most fifteen hours; shorten one.',
    'in-the-night' => ':day: someone works until :closes at night, and that night ends at :turns; begin then or later.',
    'saved' => 'Saved. Bookings already made keep their times and prices.',
    'late' => ':days last until :until at night.',
    'late-one' => ':days lasts until :until at night.',
    'and' => ' and ',
    'night' => 'Before :turns it is the night after that day.',
    'after-midnight' => ':time after midnight',
    'clocks' => 'The clocks change at :time in this night: nobody is booked beyond that.',
];
