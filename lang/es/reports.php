<?php

declare(strict_types=1);

// Los informes de un salón.
return [
    'cells' => ['rest' => ':percent % otra cosa', 'none' => 'sin probar'],
    'team' => [
        'title' => 'Equipo', 'lead' => '¿Puntuamos igual? Las diferencias se corrigen solas.', 'back' => 'Volver a informes',
        'news' => '¿Puntuamos igual?',
        'alike' => '{1} Sí: en la única prueba comparada nadie difiere más que por azar.|[2,*] Sí: en las :count pruebas comparadas nadie difiere más que por azar.',
        'higher' => ':name puntúa :test claramente más alto que el resto, en :by :unit.',
        'lower' => ':name puntúa :test claramente más bajo que el resto, en :by :unit.',
        'corrected' => 'Se descuenta solo donde cuente una puntuación así. Puntuad juntos a un cliente de vez en cuando: es lo que más dice.',
        'together' => 'Puntuad juntos a un cliente de vez en cuando, para que siga así.',
        'picture' => 'Lo lejos que puntúa cada uno de lo habitual en el salón, prueba a prueba',
        'key' => ['chance' => 'azar', 'clear' => 'claramente distinto', 'within' => 'dentro del azar', 'lower' => 'puntúa más bajo', 'higher' => 'puntúa más alto'],
        'dot' => ':name, :test: :by :unit, con un margen de :sd',
        'nobody' => 'Hacen falta dos estilistas que puntúen a los mismos clientes para poder decir algo. Que dos puntúen a un cliente el mismo día de vez en cuando: es lo que más dice.',
        'numbers' => 'En números', 'table' => 'Cómo puntúa cada estilista', 'caption' => 'Cuánto puntúa cada estilista una prueba por encima de lo habitual en el salón, con una desviación típica',
        'test' => 'Prueba', 'chance' => 'dentro del azar',
        'note' => 'Por encima de lo habitual en el salón, en la unidad de la prueba, donde está más lejos de lo que estarían diecinueve de veinte sin diferencia. Se mira otra vez cada lunes.',
        'rest' => '{1} Una prueba más se puntúa igual, dentro del azar.|[2,*] :count pruebas más se puntúan igual, dentro del azar.',
        'scatter' => [
            'title' => '¿Cuánto varían los resultados?',
            'nothing' => 'Aún no se puede decir nada: cada lunes se comparan los resultados con lo que se esperaba de ellos.',
            'usual' => 'Lo habitual: los resultados de nadie, ni los de ninguna prueba, varían claramente más.',
            'clear' => [
                'stylist' => 'Los resultados de :which varían claramente más de lo habitual: :times veces lo habitual.',
                'test' => 'Los resultados de «:which» varían aquí claramente más de lo habitual: :times veces lo habitual.',
            ],
            'counted' => 'Lo que varía más cuenta menos, por sí solo, donde cuente un resultado así.',
            'times' => ':times veces lo habitual', 'between' => '{1} con cuatro de cinco de seguridad: de :least a :most · de un resultado|[2,*] con cuatro de cinco de seguridad: de :least a :most · de :count resultados',
            'counts' => ['whole' => 'cuenta del todo', 'less' => 'cuenta un :percent % de uno habitual'],
            'rest' => '{1} Una prueba más varía lo habitual.|[2,*] :count pruebas más varían lo habitual.',
            'scale' => 'Línea del medio: lo habitual; borde izquierdo la mitad, borde derecho el doble. Se mira otra vez cada lunes.',
        ],
        'pairs' => [
            'title' => 'Dobles comprobaciones del mismo día', 'none' => 'Aún no hay ningún cliente puntuado por dos estilistas en el mismo momento.',
            'says' => '{1} Una prueba puntuada dos veces en el mismo momento, por dos de vosotros.|[2,*] :count pruebas puntuadas dos veces en el mismo momento, por dos de vosotros.',
            'repeats' => 'Una puntuación se repite con este margen: :what.', 'repeat' => ':test ± :sd :unit (:pairs)', 'count' => '{1} una pareja|[2,*] :count parejas',
            'day' => 'Día', 'client' => 'Cliente', 'one' => 'Uno', 'other' => 'Otro', 'all' => 'Todas',
        ],
    ],
    'money' => [
        'earned' => 'Ganado en total', 'tax' => 'de ello impuestos', 'kept' => 'Señales de visitas que no se hicieron:',
        'unsaid' => '{1} De una cita que ya pasó nadie dijo cómo fue; no está en ninguna de estas sumas.|[2,*] De :count citas que ya pasaron nadie dijo cómo fueron; no están en ninguna de estas sumas.',
        'say' => 'Decir cómo',
    ],
    'title' => 'Informes', 'span' => '{1} del :from al :until, un día|[2,*] del :from al :until, :count días', 'csv' => 'Como tabla (.csv)',
    'from' => 'Desde', 'until' => 'Hasta', 'show' => 'Mostrar', 'other-days' => 'Otros días', 'how-long' => 'Hasta cuándo atrás',
    'spans' => ['weeks' => '12 semanas', 'half-a-year' => '6 meses', 'year' => '12 meses', 'year-and-a-half' => '18 meses'],
    'news' => [
        'title' => '¿Vamos a mejor?', 'look' => 'Qué significa',
        'balance' => '{1} El pelo estuvo en equilibrio el :percent % del tiempo, en el único cliente probado.|[2,*] El pelo estuvo en equilibrio el :percent % del tiempo, en los :count clientes probados.',
        'better' => 'Va a mejor: :lately % en la segunda mitad, :earlier % en la primera.',
        'worse' => 'Va a peor: :lately % en la segunda mitad, :earlier % en la primera.',
        'same' => 'Sin cambio claro: :lately % en la segunda mitad, :earlier % en la primera.',
        'unsaid' => 'Se sabe demasiado poco para decir si eso cambia.',
        'breakage' => [
            'less' => 'Menos rotura: el :now % de los pelos que salieron estaban rotos, antes el :before %.',
            'more' => 'Más rotura: el :now % de los pelos que salieron estaban rotos, antes el :before %.',
            'alike' => 'Sin cambio claro en la rotura: el :now % de los pelos que salieron estaban rotos, antes el :before %.',
        ],
        'none' => 'En estos días no se probó a nadie, así que aún no se puede decir nada.',
    ],
    'balance' => [
        'title' => 'En equilibrio', 'week' => 'semana del :day: :percent %', 'of-days' => 'de los días en equilibrio',
        'picture' => 'El pelo en equilibrio semana a semana, en porcentaje de días, como se sabía en su momento.',
        'none' => 'En estos días no se probó a ningún cliente; el equilibrio se dice de las últimas doce semanas.',
        'furthest' => 'Quién más lo necesita', 'furthest-why' => 'Menos en equilibrio en estos días.',
    ],
    'time' => [
        'title' => 'Tiempo y dinero', 'none' => 'En este tiempo no se hizo ninguna cita.', 'table' => 'Tiempo por estilista',
        'says' => 'Reservado :booked h, usado :used h.',
        'stylist' => 'Estilista', 'clients' => 'clientes', 'booked' => 'reservado', 'used' => 'usado', 'close' => 'con 10 min de margen', 'earned' => 'ganado',
        'missed' => ':cancelled anuladas, :missed no vinieron.',
    ],
    'products' => [
        'title' => 'Productos', 'none' => 'En este tiempo no se usó nada en un lavado.', 'table' => 'Productos usados',
        'of' => '{0} en productos|{1} en productos en un día de lavado|[2,*] en productos en :count días de lavado', 'each' => 'cada uno',
        'product' => 'Producto', 'used' => 'usado, mL', 'cost' => 'coste', 'no-price' => 'sin precio',
    ],
    'breakage' => [
        'title' => 'Rotura',
        'share' => ':share de los :all pelos que salieron estaban rotos (80 %: de :least a :most), según :counts en :clients.',
        'counts' => '{1} un recuento|[2,*] :count recuentos',
        'clients' => '{1} un cliente: otros pueden diferir mucho|[2,*] :count clientes, con lo que difieren entre sí',
        'before' => ':share en los :days días anteriores (80 %: de :least a :most).',
        'none' => 'En este tiempo no se contaron pelos.',
        'none-before' => 'En los :days días anteriores no se contó ninguno.',
    ],
];
