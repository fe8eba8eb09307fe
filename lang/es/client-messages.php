<?php

declare(strict_types=1);

// What a client reads in a message, in Spanish.
return [
    'when' => 'dddd D [de] MMMM [a las] H:mm',
    'minutes' => '{1} alrededor de un minuto|[2,*] unos :count minutos',
    'booking-subject' => 'Tu cita con nosotros: :when',
    'booking' => 'Te esperamos el :when: :service con :who, :minutes.',
    'booked-subject' => 'Tu cita con nosotros: :when',
    'booked' => 'Tienes cita: :when con :who, :service, :minutes.',
    'deposit' => 'Te pedimos un depósito de :deposit.',
    'cancelled-subject' => 'Tu cita del :when queda cancelada',
    'cancelled' => 'Tu cita del :when, :service con :who, queda cancelada. :call',
    'call' => 'Llámanos para buscar otra: :phone.', 'call-us' => 'Llámanos para buscar otra.',
    'moved-subject' => 'Tu cita con nosotros cambia: :when',
    'moved' => 'Tu cita con nosotros ha cambiado: :when con :who, :service, :minutes.',
    'series-subject' => 'Tus citas con nosotros', 'series' => 'Tienes :count citas para :service: :list.', 'with' => ':when con :who',
    'cancelled-with' => 'Quedan canceladas también: :list.',
    'home-subject' => 'Hoy toca lavado',
    'home' => 'Hoy toca lavado. Tu tarjeta: :card',
    'no-more' => 'No recibir más mensajes: :address',
    'stop' => [
        'title' => 'Recordatorios',
        'ask' => ':salon te escribe sobre tus citas. ¿Prefieres no recibir más mensajes?',
        'do' => 'No recibir más',
        'done' => ':salon ya no te enviará más recordatorios. Si los quieres de nuevo, avísales.',
    ],
];
