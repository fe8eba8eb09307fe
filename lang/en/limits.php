<?php

declare(strict_types=1);

return [
    'cost' => 'Within its limits about :out of :of days are out of balance.',
    'frees-most' => ':what would free most: about :gained.',
    'besides' => 'Besides: :others.',
    'one' => ':what, :gained',
    'days' => '{1} :count day|[2,*] :count days',
    'what' => [
        'minutes' => ':to minutes for a wash day',
        'minutes-at-home' => ':to minutes for a wash day at home',
        'minutes-on-weekday' => ':to minutes on :weekday',
        'salon-only' => 'letting be done at home what is for the salon only',
        'stock' => 'buying what has run short',
        'promise' => 'releasing the promise',
        'programme' => 'breaking the programme off',
        'rhythm' => 'a wash every :to days',
    ],
];
