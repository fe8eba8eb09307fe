<?php

declare(strict_types=1);

// Lo que se dice donde un formulario no tiene frase propia para un campo: qué escribir en su lugar, nunca solo que algo está mal.
$choose = ':Attribute: elige uno de la lista.';
$day = ':Attribute: escribe un día que exista, por ejemplo 2027-02-28, dentro de lo que permite el formulario.';
$damaged = ':Attribute: esta parte del formulario está dañada; abre la página otra vez y escríbelo de nuevo.';
$number = ':Attribute: escribe un número, por ejemplo 12 o 12.5.';

return [
    'accepted' => ':Attribute: márcalo para seguir.',
    'after' => $day, 'after_or_equal' => $day, 'before' => $day, 'before_or_equal' => $day, 'date' => $day, 'date_format' => $day, 'date_equals' => $day,
    'alpha_dash' => $damaged, 'array' => $damaged, 'list' => $damaged, 'present' => $damaged, 'ulid' => $damaged, 'uuid' => $damaged, 'json' => $damaged, 'distinct' => ':Attribute: está dos veces; deja una.',
    'between' => ['array' => $damaged, 'file' => ':Attribute: elige un archivo de :min a :max kB.', 'numeric' => ':Attribute: escribe de :min a :max.', 'string' => ':Attribute: escribe de :min a :max letras.'],
    'boolean' => ':Attribute: márcalo, o déjalo.',
    'different' => ':Attribute: elige otro que :other.',
    'email' => ':Attribute: escribe una dirección como name@place.example.',
    'enum' => $choose, 'exists' => $choose, 'in' => $choose, 'not_in' => $choose,
    'file' => ':Attribute: elige un archivo.', 'image' => ':Attribute: elige una foto.', 'mimes' => ':Attribute: elige un archivo de otra clase.', 'uploaded' => ':Attribute: el archivo no llegó; elige uno más pequeño.',
    'integer' => ':Attribute: escribe un número entero.', 'numeric' => $number, 'decimal' => $number,
    'max' => ['array' => ':Attribute: como mucho :max.', 'file' => ':Attribute: elige un archivo de hasta :max kB.', 'numeric' => ':Attribute: escribe :max como mucho.', 'string' => ':Attribute: hasta :max letras.'],
    'min' => ['array' => ':Attribute: al menos :min.', 'file' => ':Attribute: elige un archivo de al menos :min kB.', 'numeric' => ':Attribute: escribe :min al menos.', 'string' => ':Attribute: escribe :min letras al menos.'],
    'regex' => ':Attribute: escríbelo como muestra el ejemplo de al lado.',
    'required' => ':Attribute: escribe o elige algo.', 'required_if' => ':Attribute: escribe o elige algo.', 'required_with' => ':Attribute: escribe o elige algo.', 'required_without' => ':Attribute: escribe o elige algo.', 'filled' => ':Attribute: escribe o elige algo.',
    'size' => ['array' => $damaged, 'file' => ':Attribute: elige un archivo de :size kB.', 'numeric' => ':Attribute: escribe :size.', 'string' => ':Attribute: escribe :size letras.'],
    'string' => ':Attribute: escríbelo en una línea de texto.',
    'unique' => ':Attribute: ya está ocupado; escribe otro.',
    'url' => ':Attribute: escribe una dirección como https://place.example.',
    'attributes' => [],
];
