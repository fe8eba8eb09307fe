<?php

declare(strict_types=1);

/* What values of the trade cannot be, and what to give instead. */

return [
    'one-of' => ':what: choose one of :choices.',
    'unknown-question' => 'Unknown question of method: :names.',
    'head' => [
        'hardness' => 'Water hardness: give :least to :most mg/L.', 'humidity' => 'Humidity: give :least to :most %.',
        'length' => 'Length: give :least to :most mm.', 'sections' => 'Sections: give :least to :most sections.',
        'wash-every' => 'Days between wash days: give :least to :most days.',
        'minutes-limit' => 'Longest wash day: give :least to :most minutes.',
    ],
    'no-zone' => 'A head has at least one zone with a porosity.',
    'zone-twice' => 'The :part part of :zone stands there twice; give it once.',
    'sections' => 'Sections: give 1 to :most sections.',
    'stock' => 'Stock and prices: give 0 or more.',
    'home-minutes' => 'Longest wash day at home: give :least to :most minutes.',
    'away' => 'Days away: the last day comes before the first.',
    'day-twice' => 'Set by hand: a day is set twice; set it once.',
    'number-of' => [
        'wash-every' => 'Type a number of days.', 'minutes-limit' => 'Type a number of minutes.',
        'humidity' => 'Type a number of %.', 'hardness' => 'Type a number of mg/L.',
    ],
    'whole-number' => 'Type a whole number.',
    'wishes' => [
        'span' => 'Wishes: the last day comes before the first.', 'treatment' => 'Wishes: leave out one of :treatments.',
        'days' => 'Wishes: wash every :least to :most days.',
    ],
    'style-day' => 'Day of the style: give 1, the wash day, to :most.',
    'occasions' => 'Occasions: the last day comes before the first.',
    'programmes' => 'Programmes: the last day comes before the first.',
    'salon-minutes' => 'Minutes of a day in the salon: give :least to :most minutes.',
    'weekday-minutes' => 'Minutes by weekday: give :least to :most minutes, or 0 where hair is not washed on that day.',
    'no-weekday' => 'Minutes by weekday: leave at least one day of the week to wash on.',
    'no-reason' => 'Reason: say why this day is set by hand.',
    'no-step' => 'Steps: say at least one thing that was done.',
    'step' => [
        'how-long' => 'Minutes: say how long the :kind took, :least to :most minutes.',
        'minutes' => 'Minutes: give :least to :most minutes.', 'passes' => 'Passes: give 1 to :most.',
        'cleanse' => 'Cleanse: a cleansing step, and no other, says what it cleansed with.',
        'evening' => 'Evening before: only a pre-wash is put on then.',
        'how' => 'How: choose one of :choices.', 'no-how' => 'How: leave it out for :kind.',
        'tool' => 'Tool: choose fingers, comb or brush for detangling, and leave it out elsewhere.',
        'millimetres' => 'Millimetres: say how much a trim cut, 0.5 to 1000 mm, and leave it out elsewhere.',
    ],
    'content-share' => 'Share: give the least, the typical and the most in % by weight, rising from 0 to 100.',
    'contents' => 'Contents: choose of :choices.',
    'label-minutes' => 'Label: give 1 to :most minutes.',
    'dried-by' => 'Dried by: choose of :choices.',
    'drying-minutes' => 'Minutes of drying: give :least to :most.',
];
