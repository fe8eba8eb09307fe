<?php

declare(strict_types=1);

return [
    'title' => 'Lo que se hace en casa',
    'none' => 'Todavía no hay ningún lavado en casa guardado de los que pide el plan. Hasta entonces se cuenta con que se deje algún paso, como casi todo el mundo.',
    'lead' => 'De los pasos que el plan pide en casa. Con lo que se deja a menudo el plan cuenta menos; si son mascarillas largas, puede pedirlas cortas.',
    'row' => '{1} anotado :told de 1 vez|[2,*] anotado :told de :times veces',
    'range' => 'La próxima vez alrededor del :share %; 8 de cada 10 veces entre :least y :most %.',
    'way' => 'En casa: :step, anotado :told de :times veces.',
    'steps' => [
        'pre-wash' => 'prelavado', 'clarifying' => 'lavado profundo', 'protein' => 'proteína',
        'short-mask' => 'mascarilla de hasta :minutes minutos', 'long-mask' => 'mascarilla de más de :minutes minutos',
        'conditioner' => 'acondicionador', 'leave-in' => 'leave-in', 'seal' => 'sellado con aceite o manteca',
    ],
];
