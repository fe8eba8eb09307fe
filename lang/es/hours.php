<?php

declare(strict_types=1);

// Cuándo está abierto el salón, también pasada la medianoche.
return [
    'how' => 'Escribe desde y hasta, con un descanso en medio: 9:00–12:30 13:30–18:00. Pasada la medianoche va con el día anterior: 18:00–2:00. Deja vacío un día libre.',
    'wrong' => ':day: escribe desde y hasta, por ejemplo 9:00–12:30 13:30–18:00, o déjalo vacío. El horario acaba como muy tarde a las :latest de la noche.',
    'too-long' => ':day: de la primera mano a la última un día tiene como mucho quince horas; acorta una.',
    'in-the-night' => ':day: alguien trabaja hasta las :closes de la noche, y esa noche acaba a las :turns; empieza entonces o más tarde.',
    'saved' => 'Guardado. Las citas ya dadas mantienen sus horas y precios.',
    'late' => ':days duran hasta las :until de la noche.',
    'late-one' => ':days dura hasta las :until de la noche.',
    'and' => ' y ',
    'night' => 'Antes de las :turns es la noche después de ese día.',
    'after-midnight' => ':time pasada la medianoche',
    'clocks' => 'Esta noche cambia la hora a las :time: no se da cita a nadie más allá.',
];
