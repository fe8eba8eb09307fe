<?php

declare(strict_types=1);

// Pruebas del pelo: una tarjeta por prueba, qué cambia, y la lista entera a un toque.
return [
    'again' => 'repetido y sale igual',
    'on-picture' => [
        'title' => 'Medir en una foto', 'how' => 'La foto se queda en esta tableta. Junto al pelo, a la misma distancia, tiene que haber algo de longitud conocida.', 'picture' => 'Foto',
        'scale' => 'Entre los dos primeros toques', 'card' => '85.6 mm: el lado largo de una tarjeta bancaria', 'first' => 'Elige antes una foto.',
        'label' => 'La foto. Las flechas mueven la cruz, Intro toca, Retroceso quita el último toque.', 'take' => 'Usar esto', 'back' => 'Quitar el último toque',
    ],
    'wide-as' => 'Rizo tan ancho como',
    'measure' => ['optional' => 'puede quedar vacío', 'start' => 'Empezar', 'picture' => 'En una foto', 'device' => 'Leer: :device'],
    'title' => 'Pruebas del pelo', 'title-of' => 'Pruebas del pelo de :name', 'correct' => 'Corregir una visita', 'correct-of' => 'Corregir una visita de :name',
    'lead' => 'Haz tantas pruebas como te dé tiempo.',
    'correct-lead' => 'Lo que se guardó antes queda junto a lo que guardes ahora.',
    'past' => 'Visitas anteriores', 'moments' => 'Cuándo', 'on-head' => 'zona por zona',
    'when' => 'Día, zona y unidades', 'day' => 'Día', 'zone' => 'Zona', 'whole-head' => 'toda la cabeza', 'because' => 'Por qué se corrige',
    'typed-in' => 'Escrito en :units', 'kind-in' => ':kind en',
    'draft' => 'Lo que escribiste antes sigue aquí; aún no está guardado.', 'throw-away' => 'Tirarlo',
    'recommended' => 'Recomendado ahora, :time, en cualquier orden.',
    'walk' => 'Pruebas recomendadas', 'all' => 'Todas las pruebas', 'one-by-one' => 'Una por una',
    'back' => 'Atrás', 'next' => 'Siguiente prueba', 'save' => 'Guardar resultados', 'save-correction' => 'Guardar la corrección',
    'skip' => 'Saltar porque …', 'skip-of' => 'Saltar :test', 'skipped-last' => 'Saltada la última vez: :why.',
    'surer' => ':time, hace más seguro el resultado', 'bit-surer' => ':time, hace algo más seguro el resultado', 'followed' => ':time, se sigue de visita en visita',
    'seconds' => ':count segundos', 'minutes' => ':count min',
    'more' => '{1} Una prueba más: :tests|[2,*] :count pruebas más: :tests',
    'none-of-these' => 'Ninguna de estas',
    'clinician' => [
        'title' => 'Algo para un profesional sanitario, o cuero cabelludo dolorido', 'what' => 'Qué es', 'seen' => 'Visto',
        'seen-help' => 'qué y dónde; se guarda cifrado', 'save' => 'Guardar este signo',
        'red' => 'antes, profesional sanitario: sin proteína, calor ni limpieza fuerte', 'sore' => 'cuero cabelludo dolorido: sin calor ni limpieza fuerte',
    ],
    'changes' => 'Qué cambia', 'before' => 'antes', 'now' => 'ahora', 'ruled-out' => 'Descartado: :cells.',
    'check-again' => 'Repetir:',
    'check-again-why' => 'esto no encaja con lo esperado; cuenta poco hasta que lo hagas otra vez.',
    'moves' => 'mueve la hidratación :moisture, la proteína :protein',
    'about-minutes' => '{1} alrededor de un minuto|[2,*] unos :count minutos',
    'last-wash' => '{0} último lavado: hoy|{1} último lavado: ayer|[2,*] último lavado: hace :count días',
    'moves-nothing' => 'No movió ni la hidratación ni la proteína.',
    'snapped' => 'se rompió', 'hair' => 'Pelo :number', 'on-ruler' => 'En una regla', 'two-more' => 'Dos pelos más',
    'rest' => 'En reposo', 'stretched' => 'Estirado hasta', 'returned' => 'Vuelve a',
    'ruler' => [
        'title' => 'Un pelo mojado en la regla', 'label' => 'Regla de 300 mm',
        'how' => 'Arrastra cada marca hasta donde llega el pelo en tu regla, o muévela con las flechas: 1 mm, con Mayús 10 mm.',
        'rest' => 'en reposo', 'stretched' => 'estirado', 'returned' => 'vuelto',
        'take' => 'Usar estas longitudes', 'take-next' => 'Usarlas, siguiente pelo', 'close' => 'Cerrar',
    ],
    'answers' => [
        'build-up-signs' => ['no', 'un poco', 'claramente'],
        'wetting' => ['soak' => ['Se quedan encima', 'Entran despacio', 'Entran enseguida'], 'slide' => ['suave', 'algo áspero', 'áspero']],
    ],
    'scales' => ['feel' => 'Tacto, de −5 rígido a 5 blando', 'dryness' => 'Sequedad, de 0 a 10'], 'of-ten' => ':label, de 0 a 10',
    'tool' => 'Herramienta en la mano', 'first-section' => 'Empezar la sección 1', 'or-sections' => 'o sección por sección, arriba',
    'seconds-of' => 'Segundos de la sección :number',
];
