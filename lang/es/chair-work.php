<?php

declare(strict_types=1);

// What a client at home reads of trims and take-downs, in Spanish.
return [
    'home' => [
        'title' => 'En el salón',
        'trim' => 'Toca cortar las puntas hacia el :day: pídenos hora.',
        'take-down' => 'Tu peinado (:style) se deshace el :day. Cuenta con unos :minutes minutos, y avísanos si algo te duele.',
    ],
];
