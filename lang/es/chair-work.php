<?php

declare(strict_types=1);

// Cortes de puntas y peinados que se deshacen: lo que viene en la silla además de lavar.
return [
    'title' => 'En la silla',
    'what' => [
        'trim' => 'Cortar unos :mm mm',
        'trim-range' => 'Cortar unos :mm mm (de :least a :most)',
        'take-down' => 'Deshacer el peinado (:style), que entonces llevará :days días',
    ],
    'minutes' => 'unos :minutes min',
    'from' => 'desde el :day',
    'on' => ':day',
    'because' => [
        'rhythm' => 'ya toca por lo que se quiere de la longitud',
        'ends-worn' => 'las puntas están gastadas',
        'ends-much-worn' => 'las puntas están muy gastadas',
        'taper' => 'las puntas están finas',
        'due' => 'ya lleva bastante tiempo',
        'eve' => 'la noche antes del día de lavado: las dos cosas no caben en uno',
        'late' => 'va con retraso, y cada semana se enreda más',
    ],
    'thin' => 'Las puntas finas llegan unos :mm mm hacia arriba; es más de lo que se corta de una vez.',
    'booked' => 'Con cita: :when.',
    'book' => 'Dar cita',
    'no-service' => 'Di en horarios y servicios qué servicio lo hace, y se puede dar cita desde aquí.',
    'home' => [
        'title' => 'En el salón',
        'trim' => 'Toca cortar las puntas hacia el :day: pídenos hora.',
        'take-down' => 'Tu peinado (:style) se deshace el :day. Cuenta con unos :minutes minutos, y avísanos si algo te duele.',
    ],
    'calendar' => [
        'trim' => 'Toca cortar puntas',
        'take-down' => 'Toca deshacer el peinado',
    ],
    'does' => [
        'label' => 'Hace',
        'none' => 'otra cosa',
        'trim' => 'cortes de puntas',
        'take-down' => 'deshacer peinados',
        'wrong' => 'Hace: elige cortes de puntas, deshacer peinados u otra cosa; un día de lavado entero no es ninguna de las dos.',
    ],
    'goal' => [
        'legend' => 'Cortes de puntas',
        'label' => 'Qué se quiere de la longitud',
        'unsaid' => 'sin decir: se corta solo según las puntas',
        'grow' => 'que crezca: retocar cada 16 semanas',
        'keep' => 'mantenerla: lo que creció, cada 12 semanas',
        'shape' => 'mantener una forma: cada 8 semanas',
        'wrong' => 'Qué se quiere de la longitud: elige que crezca, mantenerla, mantener una forma, o sin decir.',
    ],
    'quote' => [
        'usual' => 'lo habitual; aún no hay pasado con él',
        'own' => 'de :count de este cliente, y lo habitual',
        'trim' => 'para un corte de unos :mm mm, y :count de este cliente antes',
        'take-down' => 'por el peinado que se lleva y el tiempo que hace, y :count de este cliente antes',
    ],
    'through' => [
        'trim' => 'Apunta cuántos milímetros se cortaron, y el próximo corte se calcula desde ahí.',
        'take-down' => 'Di cuándo estuvo bien por última vez el peinado, y queda quitado.',
    ],
    'today' => 'Toca: :what',
];
