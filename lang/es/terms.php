<?php

declare(strict_types=1);

// Límites: lo que el plan tiene que respetar además del propio pelo.
return [
    'title' => 'Límites', 'title-of' => 'Límites del plan, :name', 'lead' => 'Lo que el plan tiene que respetar además del propio pelo.',
    'minutes' => 'minutos', 'do' => 'Planear con estos límites',
    'by-hand' => [
        'title' => 'Puesto por ti', 'mask' => ', mascarilla :minutes min', 'rinse-out' => ', acondicionador', 'heat' => ' con calor', 'take-back' => 'Retirar',
        'none' => 'Aún nada. Un día que pones se queda como está, también contra una regla si lo decide un estilista titulado; lo demás se planea alrededor.',
        'day' => 'Día', 'cleanse' => 'Limpieza', 'passes' => 'Pasadas', 'times' => [1 => 'una', 2 => 'dos', 3 => 'tres'], 'protein' => 'Proteína', 'no-protein' => 'ninguna',
        'mask-label' => 'Mascarilla', 'mask-help' => 'vacío: solo acondicionador', 'reason' => 'Motivo', 'reason-help' => 'por qué lo pones', 'heat-label' => 'Mascarilla bajo gorro o casco',
        'do' => 'Poner este día',
    ],
    'promise' => [
        'title' => 'Acordado con el cliente',
        'is' => '{1} Hay un tratamiento acordado, el :day. Moverlo una semana tiene que valer :cost de un día fuera de equilibrio.|[2,*] Hay :count tratamientos acordados, el primero el :day. Mover uno una semana tiene que valer :cost de un día fuera de equilibrio.',
        'release' => 'Retirar el acuerdo', 'none' => 'El plan se mueve libre con cada prueba. Acuérdalo cuando el cliente cuente con él.', 'do' => 'Acordar el plan como está',
    ],
    'away' => ['title' => 'Días fuera', 'how' => 'En estos días no se prevé ningún lavado; lo que toque va antes o justo después.', 'from' => 'Desde', 'until' => 'Hasta'],
    'places' => ['title' => 'Salón y casa', 'days' => 'Días en el salón', 'longest' => 'Lo más largo en casa', 'salon-only' => 'Solo en el salón:'],
    'stock' => [
        'title' => 'Existencias, precio, pruebas de contacto', 'treatment' => 'Tratamiento', 'uses' => 'Usos que quedan', 'price' => 'Precio de un uso',
        'not-before-long' => 'Nuevo para alguien sensible: no antes del', 'not-before' => 'no antes del',
    ],
];
