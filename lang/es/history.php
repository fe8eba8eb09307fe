<?php

declare(strict_types=1);

// Lo que contaron las visitas, y por qué ha cambiado el pelo.
return [
    'visits' => [
        'title' => 'Visitas anteriores', 'title-of' => 'Visitas anteriores de :name', 'lead' => 'Cada visita con pruebas del pelo, primero la última.',
        'count' => '{0} Ninguna aún.|{1} Una en total.|[2,*] :count en total.', 'pages' => 'Más visitas', 'later' => 'Visitas posteriores', 'earlier' => 'Visitas anteriores',
        'none' => 'Aún no se ha probado nada.', 'first' => 'Hacer las primeras pruebas', 'by' => ':moment, por :by', 'nobody' => 'alguien sin nombre',
        'undone' => 'deshecha', 'corrected' => '{1} corregida una vez|[2,*] corregida :count veces', 'correct' => 'Corregir',
    ],
    'results' => [
        'title' => 'Resultados', 'title-of' => 'Resultados de :name', 'lead' => ':day, :moment, por :by',
        'undone' => 'Esta visita se deshizo; sus resultados ya no cuentan. Lo que dijeron se guarda aquí.',
        'again' => 'Corregida por :by el :day: :because', 'left-out' => 'Saltadas: :tests.', 'skipped' => ':test (:why)',
        'off' => 'No como se esperaba', 'none-off' => 'Todo como se esperaba.',
        'as-expected' => '{1} Un resultado como se esperaba|[2,*] :count resultados como se esperaba', 'others' => '{1} Un resultado más|[2,*] :count resultados más',
        'range' => ['below' => 'más bajo de lo esperado', 'above' => 'más alto de lo esperado', 'within' => 'como se esperaba'],
        'between' => 'ese día se esperaba de :least a :most', 'last' => 'la última vez :value',
        'check-again' => 'Repetir:', 'check-again-why' => 'esto no encaja con lo esperado. Cuenta poco hasta que lo hagas otra vez.',
        'confirm' => 'Hecho otra vez, es así',
        'balance' => 'Equilibrio del pelo', 'before' => 'antes de estas pruebas', 'after' => 'después', 'numbers' => 'En números, de 0 a 100',
        'row' => ':what, :part', 'build-up' => 'residuos', 'ruled-out' => 'Descartado: :cells.',
        'not-tested' => 'Estos resultados no dicen nada de cómo está el equilibrio del pelo.',
        'see' => 'A este cliente ahora', 'go-on' => 'Pruebas :moment', 'print' => 'Imprimir estos resultados', 'correct' => 'Corregir esta visita', 'undo' => 'Deshacer esta visita',
        'earlier' => 'Lo que se dijo el :day, por :by',
    ],
    'double' => [
        'title' => 'Dobles comprobaciones del mismo día', 'sign' => 'Prueba', 'other' => 'la otra', 'who' => 'quién', 'unnamed' => 'sin nombre',
        'team' => 'Lo parecido que puntúa el equipo está en', 'team-link' => 'Equipo',
    ],
    'cause' => [
        'title' => '¿Por qué ha cambiado?', 'title-of' => 'Por qué ha cambiado, :name', 'back' => 'Volver a Tendencias', 'complaint' => 'Qué va mal',
        'of' => ['dryness' => 'sequedad', 'weakness' => 'debilidad', 'breakage' => 'rotura'],
        'moved' => ['dryness' => 'Lo que dio hidratación y lo que la quitó', 'weakness' => 'Lo que dio proteína y lo que la quitó', 'breakage' => 'Lo que desgastó el pelo'],
        'sides' => ['dryness' => 'a la izquierda de la línea: quitó, a la derecha: dio', 'weakness' => 'a la izquierda de la línea: quitó, a la derecha: dio', 'breakage' => 'a la derecha de la línea: desgastó, a la izquierda: quitó lo desgastado'],
        'worse' => 'Cambió a peor', 'times' => ':before, después :lately',
        'before' => ':weeks semanas antes', 'lately' => 'últimas :weeks semanas',
        'units' => ['breakage' => 'En unidades de desgaste', 'dryness' => 'En unidades de hidratación', 'weakness' => 'En unidades de proteína'],
        'share' => ':unit, sobre toda la cabeza según la parte de pelo. :chance',
        'ask' => 'Preguntas que hacer', 'one-thing' => 'Cambia una sola cosa durante tres lavados, después prueba otra vez: si se cambian juntas, nadie aprende qué ayudó.',
    ],
];
