<?php

declare(strict_types=1);

/* Qué está mal en una ficha de cuidados, y qué poner en su lugar. */

return [
    'line' => ':path: :instead',
    'too-large' => 'el archivo pasa de 5 MB; la ficha de una cabeza es mucho más pequeña.',
    'no-json' => 'esto no es JSON: :why.',
    'no-object' => 'da un objeto JSON que contenga la ficha.',
    'no-head' => 'da la cabeza.', 'format' => 'da ":format".',
    'version' => 'esta versión lee la versión :version; exporta la ficha otra vez desde una que la escriba.',
    'text' => 'da un texto de :most caracteres como mucho.', 'any-text' => 'da un texto.',
    'id' => 'da de 1 a 64 letras, cifras, puntos, guiones o guiones bajos.',
    'number' => 'da un número de :least a :most :unit.', 'whole-number' => 'da un número entero de :least a :most :unit.',
    'boolean' => 'da true o false.', 'one-of' => 'elige uno de :choices.',
    'day' => 'da un día que exista, de 1990 a 2100, escrito como 2027-01-09.',
    'any-day' => 'da un día que exista, escrito como 2027-01-09.',
    'day-of-year' => 'da un día del año que exista, escrito como 01-31.',
    'object' => 'da un objeto con campos con nombre.', 'list' => 'da una lista.',
    'unknown-field' => 'no es un campo de esta ficha; déjalo fuera.',
    'zone-twice' => 'la parte :part de :zone está dos veces; ponla una vez.', 'no-zone' => 'da al menos una zona.',
    'no-step' => 'di al menos una cosa que se hizo.', 'moment' => ':test se hace en uno de :moments.',
    'cleared-by' => 'di quién lo dio por bueno.',
    'cleared-before' => 'un signo no se da por bueno antes de aparecer; da un día desde :day.',
    'id-twice' => 'el id :id está :times veces; da a cada uno el suyo.',
    'same-day' => ':id es lo mismo que :other: mismo día, mismo lugar, mismos pasos; ponlo una vez.',
];
