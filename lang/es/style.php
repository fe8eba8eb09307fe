<?php

declare(strict_types=1);

// Un peinado desde el día en que se hace hasta el día en que desaparece.
return [
    'title' => 'Peinado', 'title-of' => 'Peinado de :name', 'lead' => ':style, hecho el :day, día :number', 'none' => 'Ahora no se sigue ninguno.',
    'down-now' => 'Deshazlo ya: tocaba el :day.', 'down-by' => 'Deshazlo antes del :day.',
    'minutes' => 'Unos :minutes minutos.', 'minutes-late' => 'Unos :minutes minutos, más por cada semana que siga puesto: se enreda.',
    'so-far' => 'Hasta ahora', 'nothing' => 'Aún nada. Retocar con agua y un poco de producto, sin cepillar en seco; satén o seda por la noche.',
    'day' => 'Día', 'did' => 'Qué se hizo', 'note' => 'Guardar', 'ends' => 'Cuando ya no está', 'last' => 'Bien por última vez el', 'end' => 'Entonces estuvo bien por última vez',
    'why' => [
        'title' => 'Qué da seguir un peinado',
        'lines' => [
            'Un día con él son tres toques: cuánto se define, cuánto encrespa, cuánta suavidad. Aquí, o el cliente en casa.',
            'Los peinados anteriores quedan a la vista con los días que cada uno estuvo bien, y con lo que dio cada forma de refrescarlo.',
            'Twists, trenzas y nudos se recuerdan antes de que lleven demasiado, con los minutos que hará falta para quitarlos.',
        ],
        'meanwhile' => 'Mientras dura: refrescar con agua y un poco de producto, sin cepillar en seco; satén o seda por la noche.',
    ],
    'new' => 'Un peinado nuevo en su lugar', 'first' => 'Seguir un peinado', 'made' => 'Hecho el', 'stays' => 'Se lleva, si son trenzas o twists', 'days' => 'días',
    'stays-help' => 'vacío: twists 14, trenzas 28, nudos 10', 'follow' => 'Seguirlo', 'before' => 'Peinados anteriores',
    'earlier' => '{1} :day: :style, bien durante un día, :times|[2,*] :day: :style, bien durante :count días, :times',
    'refreshed' => '{0} sin retocar|{1} retocado una vez|[2,*] retocado :count veces',
];
