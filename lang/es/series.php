<?php

declare(strict_types=1);

// Un cliente que vuelve cada tantas semanas.
return [
    'title' => 'Otra vez cada pocas semanas', 'lead' => ':service el :day a las :time con :who, y después otra vez:',
    'weeks' => 'Cada cuántas semanas', 'times' => 'Cuántas veces', 'see' => 'Ver los días', 'book' => 'Dar estas citas', 'back' => 'La cita',
    'none' => 'Ese día y cerca de él no hay sitio.',
    'another-day' => 'el :day no hay nada cerca de esa hora', 'another-hour' => 'las :time están ocupadas', 'other-hands' => ':who no está libre',
    'with' => ':day a las :time con :who',
    'choose' => 'Días: elige uno o más de los mostrados.',
    'no-service' => 'Este servicio ya no está en la lista: da cada cita por separado.',
    'closed' => 'Solo se repite lo que aún está por venir: haz antes que vuelva a valer.',
    'said' => '{1} Una cita más para :name.|[2,*] :count citas más para :name.',
    'one-of' => 'Una de :count citas dadas juntas:',
    'following' => '{1} Anular también la que sigue|[2,*] Anular también las :count que siguen',
    'cancelled' => '{0} Anulada; los calendarios se enteran.|{1} Anulada, con la que sigue; los calendarios se enteran.|[2,*] Anulada, con las :count que siguen; los calendarios se enteran.',
];
