<?php

declare(strict_types=1);

// The days of a week, 1 Monday to 7 Sunday, and what there is time for on them.
return [
    'names' => [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
    'on' => [1 => 'Mondays', 'Tuesdays', 'Wednesdays', 'Thursdays', 'Fridays', 'Saturdays', 'Sundays'],
    'legend' => 'Time by weekday',
    'how' => 'The longest wash day on each weekday, at home: long treatments go where there is time. Empty: no limit of its own. 0: hair is not washed on that day.',
    'wrong' => 'Time by weekday: type 10 to 480 minutes, 0 where hair is not washed on that day, or leave it empty.',
    'by-weekday' => 'by weekday: in the terms of the plan',
    'none-left' => 'Time by weekday: leave at least one day of the week to wash on.',
];
