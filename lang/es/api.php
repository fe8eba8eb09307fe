<?php

declare(strict_types=1);

// What another program is told when something cannot be done.
return [
    'problems' => [
        400 => 'Esta petición no se puede responder. Compárala con /api/v1/openapi.json.',
        401 => 'Envía una clave: Authorization: Bearer, y la clave. La dueña o el dueño la crea en Salón, Conexiones. Puede haber caducado o haberse retirado.',
        403 => 'Esta clave no permite eso.',
        404 => 'Aquí no hay nada para esta clave. Compara la dirección y el identificador.',
        405 => 'Esta dirección no admite ese método. Compárala con /api/v1/openapi.json.',
        409 => 'Tal como están las cosas, no se puede hacer.',
        412 => 'Ha cambiado desde que lo leíste. Léelo otra vez y envía el ETag nuevo como If-Match.',
        413 => 'Es demasiado grande. Envía menos de 5 MB.',
        415 => 'Envía JSON, con Content-Type: application/json.',
        422 => 'Algo no está bien. Cada campo en errors dice qué enviar en su lugar.',
        428 => 'Envía If-Match con el ETag que recibiste al leerlo, para que no se pierda el cambio de nadie.',
        429 => 'Demasiadas peticiones. Espera los segundos que dice Retry-After.',
        500 => 'Algo ha fallado aquí. No se ha guardado nada. Envíalo otra vez con la misma Idempotency-Key.',
        503 => 'Ahora no se puede llegar a los datos del salón. Envíalo otra vez con la misma Idempotency-Key.',
    ],
    'unreadable' => 'Esto no es JSON, o lleva algo que no es texto o que no va ahí. Compáralo con /api/v1/openapi.json.',
    'not-given' => 'Esta clave no se dio para :ability. La dueña o el dueño puede crear otra en Salón, Conexiones.',
    'giver-may-not' => 'Quien creó esta clave ya no puede hacer :ability. La dueña o el dueño puede crear otra en Salón, Conexiones.',
    'client-there' => ':name ya está en la clientela. Busca por el nombre, o envía "another": true si es otra persona.',
    'record-there' => 'La persona de esta ficha ya está aquí. Envíala a /records?copy=1 para tomarla como otra.',
    'not-booked' => 'Solo se puede mover o cancelar una visita que no ha empezado.',
    'fields' => [
        'name-part' => 'Envía una parte del nombre, hasta 120 caracteres.',
        'moment' => 'Envía un momento con su desfase, como :such.',
        'day' => 'Envía un día, como :such.',
        'days' => 'Pide :most días como mucho, el último no antes del primero.',
        'cursor' => 'Envía el cursor tal como está en next.',
        'boolean' => 'Envía true o false.',
        'fixed' => 'La persona y el servicio de una reserva no cambian. Cancélala y reserva otra.',
        'to-come' => 'Envía un momento que esté por venir, dentro de dos años.',
    ],
];
