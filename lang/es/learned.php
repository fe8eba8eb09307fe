<?php

declare(strict_types=1);

// Lo que los registros propios dicen de los números con los que trabaja un salón.
return [
    'title' => 'Lo que hemos aprendido aquí',
    'lead' => 'Nagomi viene con números del oficio: cuánto dura la hidratación, cuánto da una mascarilla, cuánto puede fallar una prueba. Sus propios registros dicen cómo son aquí. Nada cambia hasta que usted lo diga.',
    'few' => 'Todavía hay muy poco de lo que aprender. Hacen falta al menos :least clientes con pruebas en :days días de los últimos :months meses; hay :clients.',
    'ask' => 'Aprender de nuestros registros', 'again' => 'Aprender de nuevo',
    'under-way' => 'Aprendiendo de sus registros: :percent % hecho. Puede salir de esta página; sigue solo.',
    'look' => 'Ver cuánto falta',
    'failed' => 'El último intento se interrumpió. Empiécelo otra vez; si vuelve a interrumpirse, avise a quien cuida de su Nagomi.',
    'from' => 'De :clients clientes y :results resultados de pruebas de los últimos :months meses, el :day.',
    'closer' => [
        'yes' => 'Con sus propios números, los resultados caen un :percent % más cerca de lo esperado.',
        'no' => 'Sus propios números no predicen mejor que los que trae Nagomi; no hace falta usarlos.',
    ],
    'held' => 'Ocho de cada diez deberían caer dentro del margen que se les da: con los números con los que viene Nagomi cayeron :shipped de 100, con los suyos :learned de 100.',
    'shipped-now' => 'Trabaja con los números con los que viene Nagomi.',
    'used-now' => 'Trabaja con sus propios números, los del :day, desde el :since (:by).',
    'use' => 'Usar estos números', 'leave' => 'Volver a los números con los que viene Nagomi',
    'use-note' => 'Con ellos se calculan de nuevo todos los clientes, lo que tarda unos minutos. Los planes pueden cambiar en días o minutos. Se puede volver atrás cuando quiera.',
    'numbers-title' => 'Sus números',
    'ships' => 'De serie :number', 'here' => 'Aquí :number', 'between' => '8 de cada 10 veces entre :least y :most',
    'rests' => [
        'own' => 'se apoya sobre todo en sus registros', 'both' => 'se apoya a medias en sus registros', 'shipped' => 'sus registros dicen aún poco de ello',
    ],
    'numbers' => [
        'spread' => ['name' => 'Cuánto se apartan los clientes de lo esperado al principio', 'unit' => ':number puntos de hidratación'],
        'slopes' => ['name' => 'Con qué claridad muestran las pruebas la sequedad y lo demás', 'unit' => ':number puntos de sequedad por 10 puntos de hidratación'],
        'noise' => ['name' => 'Cuánto puede fallar una sola prueba', 'unit' => ':number puntos de sequedad'],
        'moisture-fading' => ['name' => 'La mitad de la hidratación se ha ido a los', 'unit' => ':number días (porosidad media)'],
        'protein-fading' => ['name' => 'La mitad de la proteína se ha ido a los', 'unit' => ':number días (porosidad media)'],
        'moisture-gains' => ['name' => 'Lo que un tratamiento da de hidratación', 'unit' => ':number puntos con una mascarilla'],
        'protein-gains' => ['name' => 'Lo que un tratamiento da de proteína', 'unit' => ':number puntos con proteína fuerte'],
    ],
    'picture' => ':name. :shipped. :here, :between',
    'key' => ['shipped' => 'como viene Nagomi', 'here' => 'aquí', 'range' => '8 de cada 10 veces', 'scale' => 'El borde izquierdo es la mitad de lo que trae Nagomi; el derecho, el doble.'],
    'why' => 'Cómo se calcula',
    'reasons' => [
        'foretold' => 'Cada prueba de los últimos :months meses se predice con lo que se sabía el día anterior, cliente por cliente. Estos números son los que mejor predicen sus pruebas.',
        'drawn' => 'Cada uno se acerca al número con el que viene Nagomi, tanto más cuanto menos digan sus registros. Donde pocos clientes coinciden, el margen es ancho.',
        'leans' => 'El mismo cálculo, probado con clientes inventados para quienes todo es como viene Nagomi, cae un poco al lado; eso se descuenta.',
        'together' => 'Van juntos: cada uno se halló con los demás tal como están aquí, por eso se usan todos a la vez. Las proporciones entre tipos de pelo, pruebas y tratamientos quedan como vienen.',
        'clients' => 'Cuentan los clientes con pruebas en al menos :days días, como mucho los :most con más resultados.',
    ],
    'before' => [
        'title' => 'Antes',
        'failed' => ':day, lo pidió :by: se interrumpió.', 'unused' => ':day, lo pidió :by: de :clients clientes, no se usó.',
        'used' => ':day: en uso desde el :since (:by).', 'left' => ':day: en uso del :since al :until.',
    ],
    'said' => [
        'asked' => 'Ha empezado a aprender. Puede salir de esta página; sigue solo.', 'under-way' => 'Ya está en marcha.',
        'used' => 'Sus propios números están en uso. Se calculan de nuevo todos los clientes; tarda unos minutos.',
        'left' => 'Vuelven a usarse los números con los que viene Nagomi. Se calculan de nuevo todos los clientes; tarda unos minutos.',
        'as-shipped' => 'Los números con los que viene Nagomi ya están en uso.',
    ],
    'wrong' => [
        'few' => 'Todavía hay muy poco de lo que aprender: hacen falta pruebas de al menos :least clientes.',
        'nothing' => 'Aún no hay números que usar. Elija primero Aprender de nuestros registros.',
    ],
];
