<?php

declare(strict_types=1);

/* Qué está mal en un año de tiempo, y qué dar en su lugar. */

return [
    'header' => 'Línea 1: empieza con la cabecera :header.',
    'line' => 'Línea :line: :instead',
    'time' => 'da una hora que exista, una temperatura y una humedad, por ejemplo 2026-01-31T14:00,6.5,81.',
    'temperature' => 'da la temperatura de −60 a 60 °C.',
    'humidity' => 'da la humedad de 0 a 100 %.',
    'more' => 'Puede haber más; estos eran los primeros :most.',
    'too-few' => 'El archivo tiene :days días; da un año entero, al menos :fewest días.',
];
