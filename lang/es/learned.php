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
        'clear' => 'Con sus propios números el próximo resultado no se predice mejor, pero se apartan claramente de los que trae Nagomi: el equilibrio entre pruebas sale distinto.',
        'no' => 'Sus propios números no predicen mejor que los que trae Nagomi; no hace falta usarlos.',
    ],
    'held' => 'Ocho de cada diez deberían caer dentro del margen que se les da: con los números con los que viene Nagomi cayeron :shipped de 100, con los suyos :learned de 100.',
    'shipped-now' => 'Trabaja con los números con los que viene Nagomi.',
    'used-now' => 'Trabaja con sus propios números, los del :day, desde el :since (:by).',
    'use' => 'Usar estos números', 'leave' => 'Volver a los números con los que viene Nagomi',
    'use-note' => 'Con ellos se calculan de nuevo todos los clientes, lo que tarda unos minutos. Los planes pueden cambiar en días o minutos. Se puede volver atrás cuando quiera.',
    'looked-at' => ':what (Visto el :day.)',
    'differs' => 'Sus registros dicen otra cosa que lo que supone Nagomi. :name: aquí :here, no :shipped.',
    'by-itself' => 'nadie (una vez al mes por sí solo)',
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
    'results' => [
        'title' => '¿Salen los resultados como se esperan?',
        'none' => 'Ningún cliente tuvo pruebas en los últimos :months meses; no se puede decir nada.',
        'all' => ':held de cada 100 resultados de los últimos :months meses cayeron dentro del margen que se les da; deberían ser 80 (resultados: :results, clientes: :clients).',
        'few' => 'Son muy pocos para decir más: hacen falta al menos :results resultados de :clients clientes.',
        'close' => 'Sí; algunos márgenes podrían incluso ser más estrechos.',
        'well' => 'Sí: ninguna prueba, estilista, porosidad ni espera entre pruebas llama la atención.',
        'general' => 'No es solo una de estas cosas: aprenda de sus registros más abajo.',
        'alarm' => [
            'test' => [
                'higher' => 'Los resultados de «:which» salen aquí más altos de lo esperado.', 'lower' => 'Los resultados de «:which» salen aquí más bajos de lo esperado.',
                'scattered' => 'Los resultados de «:which» varían aquí más de lo esperado.', 'narrow' => 'Los resultados de «:which» varían aquí menos de lo esperado.',
            ],
            'stylist' => [
                'higher' => 'Los resultados de :which salen más altos de lo esperado.', 'lower' => 'Los resultados de :which salen más bajos de lo esperado.',
                'scattered' => 'Los resultados de :which varían más de lo esperado.', 'narrow' => 'Los resultados de :which varían menos de lo esperado.',
            ],
            'porosity' => [
                'higher' => 'Con porosidad «:which» los resultados salen más altos de lo esperado.', 'lower' => 'Con porosidad «:which» los resultados salen más bajos de lo esperado.',
                'scattered' => 'Con porosidad «:which» los resultados varían más de lo esperado.', 'narrow' => 'Con porosidad «:which» los resultados varían menos de lo esperado.',
            ],
            'since' => [
                'higher' => 'Los resultados :which salen más altos de lo esperado.', 'lower' => 'Los resultados :which salen más bajos de lo esperado.',
                'scattered' => 'Los resultados :which varían más de lo esperado.', 'narrow' => 'Los resultados :which varían menos de lo esperado.',
            ],
        ],
        'plans' => [
            'chance' => 'Los planes hechos en días de pruebas predijeron :foretold de cada 100 días en equilibrio en las :weeks semanas siguientes; llegaron :came de cada 100. Eso no pasa de casualidad (planes: :plans, clientes: :clients).',
            'more' => 'Los planes hechos en días de pruebas predijeron :foretold de cada 100 días en equilibrio en las :weeks semanas siguientes; llegaron :came de cada 100, más de lo que explica la casualidad (planes: :plans, clientes: :clients). Hace falta hacer menos de lo planeado.',
            'less' => 'Los planes hechos en días de pruebas predijeron :foretold de cada 100 días en equilibrio en las :weeks semanas siguientes; solo llegaron :came de cada 100, y la casualidad no lo explica (planes: :plans, clientes: :clients). Mire si lo planeado se hace en casa y aprenda de sus registros más abajo.',
        ],
        'above-says' => ':above de cada 100 están por encima de lo esperado; deberían ser 50.',
        'held-says' => ':held de cada 100 están dentro de su margen; deberían ser 80.',
        'advice' => [
            'narrow' => 'No hay nada malo en ello; aprender de sus registros puede estrechar los márgenes.',
            'test' => 'Háganla una vez juntos, paso a paso; si sigue así, aprenda de sus registros más abajo.',
            'stylist' => 'Puntúen juntos a un cliente de vez en cuando. Que alguien puntúe alto o varíe mucho se tiene en cuenta solo: vea Equipo en Informes.',
            'porosity' => 'Pruebe otra vez la porosidad de estos clientes; si sigue así, aprenda de sus registros más abajo.',
            'since' => 'La hidratación o la proteína pueden irse aquí antes o después de lo esperado: aprenda de sus registros más abajo.',
        ],
        'by' => ['test' => 'Por prueba', 'stylist' => 'Por estilista', 'porosity' => 'Por porosidad', 'since' => 'Por el tiempo desde las últimas pruebas'],
        'since' => [
            'first' => 'en las primeras pruebas de un cliente', 'days' => 'hasta 10 días después de las últimas pruebas', 'weeks' => 'hasta 5 semanas después de las últimas pruebas',
            'months' => 'hasta 14 semanas después de las últimas pruebas', 'long' => 'más de 14 semanas después de las últimas pruebas',
        ],
        'numbers' => 'En números', 'column' => ['results' => 'Resultados', 'held' => 'Dentro del margen, de 100', 'above' => 'Por encima de lo esperado, de 100'],
        'picture' => 'Dónde cayeron los resultados en lo que se esperaba, de muy por debajo a muy por encima: :columns %',
        'below' => 'muy por debajo', 'above' => 'muy por encima', 'even' => 'como debería ser',
        'help' => 'Como mucho los últimos 1.000 días de pruebas. Cada resultado cae en algún lugar de lo que se esperaba de él. Si todo va bien, las diez columnas llegan más o menos a la línea. Altas en los dos extremos: los resultados varían más de lo esperado. Altas en un extremo: salen más altos o más bajos.',
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
