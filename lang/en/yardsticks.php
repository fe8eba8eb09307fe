<?php

declare(strict_types=1);

// What a reading is held against: one yardstick at a time, each by its name.
return [
    'beside' => 'Beside',
    'names' => ['usual' => 'own usual', 'today' => 'expected today', 'balance' => 'in balance'],
    'usual' => [
        'within' => 'usual: :least to :most',
        'apart' => 'usually :least to :most; off it this once',
        'changed' => 'changed: :average on average lately, usually :least to :most before',
        'few' => '{0} not read yet|{1} read on one day; the first :first days say what is usual'
            . '|[2,*] read on :count days; the first :first days say what is usual',
    ],
    'today' => 'expected today: :least to :most',
    'balance' => [
        'within' => 'in balance: :least to :most',
        'below' => 'in balance: :least to :most; it is lower',
        'above' => 'in balance: :least to :most; it is higher',
    ],
    'again' => 'check again: :value was expected that day',
    'that-day' => ':least to :most expected that day',
    'last' => 'last time :value',
    'at-zone' => ':sign, :zone',
    'trend' => [
        'within' => 'usual: on average :average, :lower to :upper is normal',
        'changed' => 'changed: on average :average, :lower to :upper was normal',
        'few' => '{0} not read yet|{1} read on one day; the first :first days say what is usual'
            . '|[2,*] read on :count days; the first :first days say what is usual',
        'row' => ['first' => 'one of the first', 'within' => 'usual', 'changed' => 'changed'],
        'legend' => 'The band comes from the first :first test days of the last :months months. In the average the newest '
            . 'result counts :weight, all before it the rest.',
    ],
];
