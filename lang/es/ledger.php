<?php

declare(strict_types=1);

// Cómo llegamos aquí: una escalera desde el inicio hasta ahora, y detrás el libro entero.
return [
    'title' => 'Cómo llegamos aquí', 'title-of' => 'Cómo llegamos aquí, :name',
    'lead' => 'Lo que se llevaron los días, lo que se hizo, y lo que corrigieron las pruebas.',
    'which' => 'Qué pelo', 'weeks' => ':count semanas', 'span' => 'Hasta dónde atrás', 'what' => 'Qué',
    'of' => ['moisture' => 'Hidratación', 'protein' => 'Proteína', 'build_up' => 'Residuos'],
    'says' => [
        'up' => ':what, hacia arriba: :start el :day, :end ahora, de 100.', 'down' => ':what, hacia abajo: :start el :day, :end ahora, de 100.',
        'same' => ':what: :end, como el :day, de 100.',
        'parts' => 'Tratamientos :done, los días entre ellos :days, las pruebas lo corrigieron :tests.',
        'nothing' => 'De estas semanas aún no hay nada guardado.',
    ],
    'kinds' => ['days' => 'días entre medias', 'tests' => 'corregido por pruebas', 'done' => 'hecho ese día', 'all' => 'todo lo de ese día y los anteriores'],
    'step-says' => ':day: :what, :by',
    'picture' => ':what paso a paso de :start a ahora, franja: lo que le gusta a este pelo.',
    'start' => 'inicio', 'now' => 'ahora', 'band' => 'lo que le gusta a este pelo', 'likes' => 'le gusta',
    'days' => 'Día a día', 'day' => ':day, hasta :level', 'amount' => ':by',
    'all' => [
        'title' => 'Todas las líneas', 'why' => 'Todas las líneas, con un decimal: cada columna se puede sumar a mano.',
        'label' => 'Libro', 'caption' => 'Libro de :part desde la noche del :day, en unidades de reserva de 0 a 100',
        'day' => 'Día', 'line' => 'Línea', 'rounding' => 'Redondeo de las líneas de arriba a un decimal',
        'today' => 'Saldo hoy', 'doubt' => 'Margen (una desviación típica)',
        'target' => 'Lo que le gusta a este pelo, cómodo :half a cada lado; residuos cómodos por debajo de :limit',
    ],
];
