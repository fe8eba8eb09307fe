<?php

declare(strict_types=1);

// What the next two weeks take from the shelf, and from a client's own bottles.
return [
    'salon' => [
        'enough' => 'Wash days booked for the next 14 days: there is enough',
        'short' => 'Wash days booked for the next 14 days: too little :kinds',
        'none' => 'No wash day is booked for the next 14 days.',
    ],
    'home' => [
        'enough' => 'Wash days at home in the next 14 days: there is enough',
        'short' => 'Wash days at home in the next 14 days: too little :kinds',
    ],
    'label' => 'Needed and left',
    'as' => 'Used as',
    'needed' => 'needed, mL',
    'left' => 'left, mL',
    'too-little' => ':ml, too little',
    'none-there' => 'none there',
    'not-counted' => 'not counted yet',
];
