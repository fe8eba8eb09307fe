<?php

declare(strict_types=1);

// Lo que salió y lo que saldrá.
return [
    'outbox' => [
        'refused' => 'El servidor lo rechazó.', 'silent' => 'El servidor no respondió a tiempo.',
        'gone' => 'Aquello de lo que trataba ya no existe.', 'unwanted' => 'El cliente no quiere ninguno.',
    ],
    'language' => [
        'label' => 'Mensajes en', 'salon' => 'como escribe el salón', 'of-salon' => 'Mensajes en, para clientes sin idioma propio',
        'wrong' => 'Mensajes en: elige uno de la lista.',
        'names' => ['en' => 'inglés', 'es' => 'español'],
    ],
    'phone' => [
        'label' => 'Teléfono', 'help' => 'se pide a los clientes que llamen ahí',
        'wrong' => 'Teléfono: escribe el número al que llaman los clientes, por ejemplo +351 200 123 456, o déjalo vacío.',
    ],
    'again' => 'Sale otra vez en unos minutos.',
    'not-stuck' => 'Ese recordatorio ya no está atascado; mira cómo está.',
    'send-again' => 'Enviar otra vez',
    'unheard' => 'entregado, y nada más desde entonces: puede que saliera. Envíalo otra vez si crees que no.',
    'under-way' => 'enviándose',
];
