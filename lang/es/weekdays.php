<?php

declare(strict_types=1);

// Los días de la semana, de 1 lunes a 7 domingo, y para qué hay tiempo en ellos.
return [
    'names' => [1 => 'lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábado', 'domingo'],
    'on' => [1 => 'los lunes', 'los martes', 'los miércoles', 'los jueves', 'los viernes', 'los sábados', 'los domingos'],
    'legend' => 'Tiempo por día de la semana',
    'how' => 'El día de lavado más largo de cada día de la semana, en casa: los tratamientos largos van donde hay tiempo. Vacío: sin límite propio. 0: ese día no se lava.',
    'wrong' => 'Tiempo por día de la semana: escribe de 10 a 480 minutos, 0 si ese día no se lava, o déjalo vacío.',
    'by-weekday' => 'por día de la semana: en los límites del plan',
    'none-left' => 'Tiempo por día de la semana: deja al menos un día para lavar.',
];
