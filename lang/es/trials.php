<?php

declare(strict_types=1);

// Ensayos, un cambio cada vez, y programas.
return [
    'title' => 'Ensayos', 'title-of' => 'Ensayos de :name', 'lead' => 'Un cambio cada vez, una medida acordada antes, al menos tres o cuatro días de lavado.',
    'many' => 'Hay :count ensayos a la vez.', 'many-why' => 'Cambie lo que cambie, nadie puede decir cuál fue; acaba todos menos uno.',
    'halves' => ':changed frente a :usual, con :sign', 'since' => 'desde el :day, con :sign', 'ended' => ', acabado el :day',
    'more-changed' => 'Cambió más de una cosa.', 'more-why' => 'Si el ensayo no va de eso, dice menos de lo que parece.',
    'sides' => 'lado de siempre: :first · lado cambiado: :second', 'times' => 'antes: :first · después: :second', 'none' => 'ninguno',
    'exact' => '. Prueba exacta de permutación; el intervalo contiene toda diferencia que no contradice.',
    'end' => 'Acabarlo', 'empty' => 'Aún no se ha ensayado nada. Tres cosas cambiadas a la vez no enseñan a nadie qué ayudó; un cambio, probado cuatro veces, sí.',
    'try' => 'Ensayar un cambio', 'what' => 'Qué se cambia', 'how' => 'Cómo', 'by' => 'Medido con', 'from' => 'Desde', 'usual' => 'Como siempre', 'changed' => 'Cambiado', 'whole' => 'toda la cabeza',
    'ways' => ['half-head' => 'una mitad frente a la otra', 'before-after' => 'antes y después'], 'begin' => 'Empezar el ensayo',
    'programmes' => 'Programas', 'programme-since' => ':weeks desde el :day', 'broken-off' => ', parado el :day', 'over' => ', acabado',
    'nothing-yet' => 'Aún nada que contar.', 'kept' => 'Cumplido en :kept de :of :unit (:percent %).', 'before-and-since' => ':sign, antes y desde entonces: :says', 'besides' => 'Además: :what.',
    'break-off' => 'Pararlo', 'no-programme' => 'Un programa se mantiene un tiempo fijo, por ejemplo un primer mes de mascarillas semanales; cuánto se cumplió se lee de los días de lavado.',
    'begin-programme' => 'Empezar un programa', 'programme' => 'Qué', 'for' => 'Durante', 'weeks' => 'semanas', 'weeks-help' => 'vacío: como suele ser', 'begin-it' => 'Empezarlo',
];
