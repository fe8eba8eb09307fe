<?php

declare(strict_types=1);

// Con qué se compara un resultado: una vara cada vez, cada una por su nombre.
return [
    'beside' => 'Junto a',
    'names' => ['usual' => 'lo suyo habitual', 'today' => 'esperado hoy', 'balance' => 'en equilibrio'],
    'usual' => [
        'within' => 'habitual: de :least a :most',
        'apart' => 'lo habitual es de :least a :most; esta vez fuera',
        'changed' => 'cambió: :average de media últimamente, antes lo habitual era de :least a :most',
        'few' => '{0} aún sin probar|{1} probado un día; los primeros :first días dicen lo habitual|[2,*] probado :count días; los primeros :first días dicen lo habitual',
    ],
    'today' => 'esperado hoy: de :least a :most',
    'balance' => [
        'within' => 'en equilibrio: de :least a :most',
        'below' => 'en equilibrio: de :least a :most; está más bajo',
        'above' => 'en equilibrio: de :least a :most; está más alto',
    ],
    'again' => 'repetir: ese día se esperaba :value',
    'that-day' => 'ese día se esperaba de :least a :most',
    'last' => 'la última vez :value',
    'at-zone' => ':sign, :zone',
    'trend' => [
        'within' => 'habitual: de media :average, lo normal es de :lower a :upper',
        'changed' => 'cambió: de media :average, lo normal era de :lower a :upper',
        'few' => '{0} aún sin probar|{1} probado un día; los primeros :first días dicen lo habitual|[2,*] probado :count días; los primeros :first días dicen lo habitual',
        'row' => ['first' => 'uno de los primeros', 'within' => 'habitual', 'changed' => 'cambió'],
        'legend' => 'La franja sale de los primeros :first días con prueba de los últimos :months meses. En la media el '
            . 'resultado más nuevo cuenta :weight, y todos los anteriores el resto.',
    ],
];
