<?php

declare(strict_types=1);

// Lo que cuesta una visita, y qué de ello es descuento, impuesto y señal.
return [
    'title' => 'Precio',
    'by-the-list' => 'según la lista',
    'by-hand' => 'según lo acordado',
    'base' => ':base hasta :minutes minutos',
    'just-base' => 'según la lista de precios',
    'quarters' => '{1} un cuarto de hora más, :each|[2,*] :count cuartos de hora más, :each cada uno',
    'steps' => '{1} pelo más largo de :from cm, :each|[2,*] pelo más largo de :from cm, :count veces :each',
    'length-unknown' => 'nadie midió la longitud, así que no se suma nada por ella',
    'list-now' => 'Según la lista ahora serían :price (:why). Lo dicho vale hasta que lo cambies.',
    'tax-is-added' => 'se suma un :rate % de impuestos, :due en total',
    'lines' => [
        'price' => 'Precio', 'discount' => 'Descuento', 'tax-in' => 'Impuesto incluido, :rate %', 'tax-on' => 'Impuesto, :rate %',
        'due' => 'Suma', 'paid' => 'Señal pagada', 'kept' => 'Señal que se queda', 'left' => 'Queda por pagar', 'back' => 'Por devolver',
        'asked' => 'Señal pedida, aún sin pagar', 'returned' => 'Señal devuelta',
    ],
    'deposit' => [
        'asked' => 'Pedida', 'paid' => 'Pagada', 'kept' => 'Se queda', 'returned' => 'Devuelta',
        'with-booking' => 'se pide una señal de :deposit',
        'decide' => 'Se pagó una señal de :deposit: di abajo si se queda o se devuelve.',
    ],
    'change' => 'Cambiar precio, descuento o señal',
    'fields' => [
        'price' => 'Precio', 'price-help' => 'vacío: según la lista', 'discount' => 'Descuento',
        'discount-help' => 'una parte como 10 %, o una suma como 5', 'because' => 'Por qué el descuento',
        'deposit' => 'Señal', 'deposit-help' => 'vacío: ninguna', 'state' => 'La señal ahora', 'keep' => 'Guardarlo',
    ],
    'said' => 'El precio está guardado: suma :due.',
    'wrong' => [
        'hundredths' => 'Un precio tiene como mucho dos decimales: escríbelo así, 65,50.',
        'whole' => ':currency no tiene moneda más pequeña: escribe un número entero, sin decimales.',
        'price' => 'Precio: escribe de 0 a :most, por ejemplo 65, o déjalo vacío para lo que dice la lista.',
        'no-list' => 'Precio: escríbelo, por ejemplo 65; este servicio ya no está en la lista.',
        'discount' => 'Descuento: escribe una parte como 10 %, o una suma hasta el precio como 5, o déjalo vacío.',
        'because' => 'Por qué el descuento: dilo en hasta 120 letras.',
        'deposit' => 'Señal: escribe más de 0 y hasta lo que suma la visita, por ejemplo 20, o déjalo vacío.',
        'state' => 'La señal ahora: elige una de la lista.',
        'kept' => 'Una señal se queda solo de una visita anulada o perdida: elige otra cosa.',
    ],
    'salon' => [
        'tax' => 'Impuesto', 'rate' => 'Impuesto sobre servicios', 'added' => 'Se suma a los precios de abajo', 'how' => 'Vacío: no se muestra impuesto. Qué se grava y cuánto es ley local. Los precios lo incluyen, o se les suma.',
        'rate-wrong' => 'Impuesto sobre servicios: escribe de 0 a 100 %, por ejemplo 23 u 8.25, o déjalo vacío.',
        'more' => 'Precio por minutos y longitud, señal',
        'quarter' => 'Cada cuarto de hora más', 'long' => 'Pelo más largo de', 'step' => 'Cada 5 cm más', 'deposit' => 'Señal',
        'more-how' => 'Cuartos de hora enteros más allá de los minutos de arriba, sin contar el secado sin manos; tramos de 5 cm empezados de pelo estirado más allá de la longitud. Vacío: no cuenta.',
        'quarter-wrong' => 'Cada cuarto de hora más: escribe más de 0 y hasta :most, por ejemplo 5, o déjalo vacío.',
        'long-wrong' => 'Pelo más largo de: escribe de 1 a 200 cm y lo que cuesta cada 5 cm más, o deja los dos vacíos.',
        'step-wrong' => 'Cada 5 cm más: escribe más de 0 y hasta :most, y desde qué longitud, o deja los dos vacíos.',
        'deposit-wrong' => 'Señal: escribe más de 0 y hasta :most, por ejemplo 20, o déjalo vacío.',
    ],
];
