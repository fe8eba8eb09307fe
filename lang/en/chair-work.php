<?php

declare(strict_types=1);

// Trims and take-downs: what is to come in the chair beside washing.
return [
    'title' => 'In the chair',
    'what' => [
        'trim' => 'Trim about :mm mm',
        'trim-range' => 'Trim about :mm mm (:least to :most)',
        'take-down' => 'Take the :style down, in for :days days then',
    ],
    'minutes' => 'about :minutes min',
    'from' => 'from :day',
    'on' => ':day',
    'because' => [
        'rhythm' => 'it is time, for the length that is wanted',
        'ends-worn' => 'the ends are worn',
        'ends-much-worn' => 'the ends are badly worn',
        'taper' => 'the tips are thin',
        'due' => 'it has been in long enough',
        'eve' => 'the evening before the wash day: both do not fit into one',
        'late' => 'it is late, and tangles more each week',
    ],
    'thin' => 'The thin tips reach about :mm mm up; that is more than is cut at a time.',
    'booked' => 'Booked for :when.',
    'book' => 'Book it',
    'no-service' => 'Choose under Hours and services which service does it; then it can be booked from here.',
    'home' => [
        'title' => 'At the salon',
        'trim' => 'A trim is due around :day: ask us for a time.',
        'take-down' => 'Your :style come down on :day. Leave about :minutes minutes, and let us know if anything hurts.',
    ],
    'calendar' => [
        'trim' => 'Trim is due',
        'take-down' => 'Take-down is due',
    ],
    'does' => [
        'label' => 'Does',
        'none' => 'something else',
        'trim' => 'trims',
        'take-down' => 'take-downs',
        'wrong' => 'Does: choose trims, take-downs or something else; a whole wash day is neither.',
    ],
    'goal' => [
        'legend' => 'Trims',
        'label' => 'What is wanted of the length',
        'unsaid' => 'not said: trimmed by the ends alone',
        'grow' => 'grow it: a dusting every 16 weeks',
        'keep' => 'keep it: what grew, every 12 weeks',
        'shape' => 'keep a shape: every 8 weeks',
        'wrong' => 'What is wanted of the length: choose grow it, keep it, keep a shape, or not said.',
    ],
    'quote' => [
        'usual' => 'the usual; there is no past with it yet',
        'own' => 'from :count of this client, and the usual',
        'trim' => 'for a trim of about :mm mm, and :count of this client before',
        'take-down' => 'for the style that is worn and how long it has been in, and :count of this client before',
    ],
    'through' => [
        'trim' => 'Write down how many millimetres were cut, and the next trim is planned from it.',
        'take-down' => 'Say when the style was last good, and it counts as taken down.',
    ],
    'today' => ':what is due',
];
