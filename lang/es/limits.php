<?php

declare(strict_types=1);

return [
    'cost' => 'Dentro de sus límites unos :out de :of días están fuera de equilibrio.',
    'frees-most' => 'Lo que más liberaría: :what, alrededor de :gained.',
    'besides' => 'Además: :others.',
    'one' => ':what, :gained',
    'days' => '{1} :count día|[2,*] :count días',
    'what' => [
        'minutes' => ':to minutos para un día de lavado',
        'minutes-at-home' => ':to minutos para un día de lavado en casa',
        'minutes-on-weekday' => ':to minutos :weekday',
        'salon-only' => 'dejar hacer en casa lo que es solo del salón',
        'stock' => 'comprar lo que escasea',
        'promise' => 'soltar lo acordado',
        'programme' => 'terminar antes el programa',
        'rhythm' => 'un lavado cada :to días',
    ],
];
