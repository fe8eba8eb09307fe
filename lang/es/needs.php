<?php

declare(strict_types=1);

// Lo que las próximas dos semanas gastan de las existencias, y de los envases propios de un cliente.
return [
    'salon' => [
        'enough' => 'Días de lavado con cita en los próximos 14 días: hay bastante',
        'short' => 'Días de lavado con cita en los próximos 14 días: falta :kinds',
        'none' => 'En los próximos 14 días no hay ningún día de lavado con cita.',
    ],
    'home' => [
        'enough' => 'Días de lavado en casa en los próximos 14 días: hay bastante',
        'short' => 'Días de lavado en casa en los próximos 14 días: falta :kinds',
    ],
    'label' => 'Hace falta y queda',
    'as' => 'Se usa como',
    'needed' => 'hace falta, mL',
    'left' => 'queda, mL',
    'too-little' => ':ml, muy poco',
    'none-there' => 'no hay',
    'not-counted' => 'aún sin contar',
];
