<?php

declare(strict_types=1);

/* What is wrong with a year of weather, and what to give instead. */

return [
    'header' => 'Line 1: start with the header :header.',
    'line' => 'Line :line: :instead',
    'time' => 'give a time that exists, a temperature and a humidity, such as 2026-01-31T14:00,6.5,81.',
    'temperature' => 'give the temperature as −60 to 60 °C.',
    'humidity' => 'give the humidity as 0 to 100 %.',
    'more' => 'There may be more; these were the first :most.',
    'too-few' => 'The file holds :days days; give a whole year, at least :fewest days.',
];
