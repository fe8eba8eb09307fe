<?php

declare(strict_types=1);

/* Lo que los valores del oficio no pueden ser, y qué dar en su lugar. */

return [
    'one-of' => ':what: elige uno de :choices.',
    'unknown-question' => 'Pregunta de método desconocida: :names.',
    'head' => [
        'hardness' => 'Dureza del agua: da de :least a :most mg/L.', 'humidity' => 'Humedad: da de :least a :most %.',
        'length' => 'Longitud: da de :least a :most mm.', 'sections' => 'Secciones: da de :least a :most secciones.',
        'wash-every' => 'Días entre lavados: da de :least a :most días.',
        'minutes-limit' => 'Día de lavado más largo: da de :least a :most minutos.',
    ],
    'no-zone' => 'Una cabeza tiene al menos una zona con porosidad.',
    'zone-twice' => 'La parte :part de :zone está dos veces; ponla una vez.',
    'sections' => 'Secciones: da de 1 a :most secciones.',
    'stock' => 'Existencias y precios: da 0 o más.',
    'home-minutes' => 'Día de lavado más largo en casa: da de :least a :most minutos.',
    'away' => 'Días fuera: el último día viene antes que el primero.',
    'day-twice' => 'Puesto a mano: un día está dos veces; ponlo una vez.',
    'number-of' => [
        'wash-every' => 'Escribe un número de días.', 'minutes-limit' => 'Escribe un número de minutos.',
        'humidity' => 'Escribe un número de %.', 'hardness' => 'Escribe un número de mg/L.',
    ],
    'whole-number' => 'Escribe un número entero.',
    'wishes' => [
        'span' => 'Deseos: el último día viene antes que el primero.', 'treatment' => 'Deseos: deja fuera uno de :treatments.',
        'days' => 'Deseos: lava cada :least a :most días.',
    ],
    'style-day' => 'Día del peinado: da de 1, el día de lavado, a :most.',
    'occasions' => 'Ocasiones: el último día viene antes que el primero.',
    'programmes' => 'Programas: el último día viene antes que el primero.',
    'salon-minutes' => 'Minutos de un día en el salón: da de :least a :most minutos.',
    'weekday-minutes' => 'Minutos por día de la semana: da de :least a :most minutos, o 0 si ese día no se lava.',
    'no-weekday' => 'Minutos por día de la semana: deja al menos un día para lavar.',
    'no-reason' => 'Motivo: di por qué este día se pone a mano.',
    'no-step' => 'Pasos: di al menos una cosa que se hizo.',
    'step' => [
        'how-long' => 'Minutos: di cuánto duró :kind, de :least a :most minutos.',
        'minutes' => 'Minutos: da de :least a :most minutos.', 'passes' => 'Pasadas: da de 1 a :most.',
        'cleanse' => 'Limpieza: un paso de limpieza, y ningún otro, dice con qué se limpió.',
        'evening' => 'Noche anterior: entonces solo se pone un prelavado.',
        'how' => 'Cómo: elige uno de :choices.', 'no-how' => 'Cómo: déjalo fuera en :kind.',
        'tool' => 'Herramienta: elige dedos, peine o cepillo para desenredar, y déjala fuera en lo demás.',
        'millimetres' => 'Milímetros: di cuánto se cortó, de 0.5 a 1000 mm, y déjalo fuera en lo demás.',
    ],
    'content-share' => 'Parte: da lo mínimo, lo típico y lo máximo en % en peso, de 0 a 100 en orden creciente.',
    'contents' => 'Contenido: elige de :choices.',
    'label-minutes' => 'Etiqueta: da de 1 a :most minutos.',
    'dried-by' => 'Secado con: elige de :choices.',
    'drying-minutes' => 'Minutos de secado: da de :least a :most.',
];
