<?php

declare(strict_types=1);

/* Lo que significa una medida por sí sola. */

return [
    'air' => [
        'dry' => 'aire seco: saca hidratación, más emoliente', 'sticky' => 'aire pegajoso: leave-in más ligero, fijación más firme',
        'easy' => 'aire fácil para los rizos',
    ],
    'broken-hairs' => [
        'says' => ':shed; :broken',
        'fewer-shed' => 'menos caídos que los :least a :most habituales en este tiempo',
        'more-shed' => 'más caídos que los :least a :most habituales en este tiempo; si sigue así, que lo vea un profesional sanitario',
        'usual-shed' => 'tantos caídos como los :least a :most habituales en este tiempo',
        'more-broken' => ':broken rotos son más del doble de los de un pelo en equilibrio (:usual)',
        'usual-broken' => ':broken rotos; un pelo en equilibrio tiene :usual',
        'fewer-than-one' => 'menos de uno', 'about' => 'unos :hairs',
        'share' => 'el :share % de lo que salió se rompió (del :least al :most % con un :certainty % de certeza)',
    ],
    'build-up-signs' => [
        'much' => 'muchos residuos: los tratamientos apenas llegan; lavado profundo', 'some' => 'algunos residuos',
        'few' => 'pocos signos de residuos', 'none' => 'ningún signo de residuos',
    ],
    'comb-count' => ['own-usual' => 'solo dice algo comparado con lo habitual en este pelo'],
    'combing-force' => [
        'own-usual' => 'solo dice algo comparado con lo habitual en este pelo: el deslizamiento la baja, los enredos y la cutícula gastada la suben',
    ],
    'curl' => [
        'shows' => 'muestra el :percent % de su longitud', 'pattern' => 'patrón :pattern (práctica común, sin fuente)',
    ],
    'curl-memory' => [
        'limp' => 'rizos flojos y sin fuerza: quizá toca proteína', 'springs-back' => 'rebota y se mantiene',
        'usual' => 'mantiene los rizos más o menos como un pelo en equilibrio',
    ],
    'density' => ['thin' => 'una coleta fina', 'thick' => 'una coleta gruesa', 'medium' => 'una coleta de grosor medio'],
    'detangling' => [
        'slow' => 'lento: puede ayudar más deslizamiento, secciones más pequeñas o un prelavado', 'under' => 'menos de :minutes minutos por sección',
        'slowest' => ':means; la más lenta fue la sección :section con :minutes min (:tool)',
        'knots' => 'nudos que no se pudieron soltar con masaje', 'no-knot' => 'no hubo que cortar ningún nudo',
    ],
    'detangling-ease' => [
        'hard' => 'difícil de desenredar: seco, gastado o con residuos', 'some-work' => 'desenredado con algo de trabajo',
        'easy' => 'desenredado con facilidad',
    ],
    'drying' => [
        'slow' => 'seca despacio: como la porosidad baja, o bajo mantecas pesadas', 'fast' => 'seca rápido: como la porosidad alta',
        'medium' => 'seca como la porosidad media',
    ],
    'dryness' => [
        'dry' => 'seco: la hidratación está baja', 'full' => 'lleno de hidratación, quizá más de la que necesita',
        'usual' => 'tan hidratado como suele estarlo un pelo en equilibrio',
    ],
    'ends' => ['worn' => 'puntas gastadas: conviene pensar en cortarlas', 'usual' => 'puntas como siempre'],
    'feel' => [
        'stiff' => 'tirando a rígido: manda la proteína, o falta hidratación',
        'soft' => 'tirando a blando: manda la hidratación, o falta proteína', 'neither' => 'ni rígido ni blando',
    ],
    'hardness' => [
        'soft' => 'agua blanda (US Geological Survey)', 'moderate' => 'agua algo dura (US Geological Survey)',
        'hard' => 'agua dura (US Geological Survey)', 'very-hard' => 'agua muy dura (US Geological Survey)',
    ],
    'lather' => [
        'hardly' => 'apenas hace espuma: residuos, poca agua o poco champú', 'a-little' => 'hace algo de espuma',
        'clean' => 'hace espuma como un pelo limpio',
    ],
    'length' => ['kept' => 'con los meses dice cuánto de lo que creció se ha conservado'],
    'moisture-meter' => [
        'no-humidity' => 'dice poco sin la humedad de la sala',
        'as-much' => 'tanta como retiene el pelo en ese aire, :usual % (Robbins)',
        'less' => 'menos de la que retiene el pelo en ese aire, :usual % (Robbins)',
        'more' => 'más de la que retiene el pelo en ese aire: aún no está seco, o recubierto, :usual % (Robbins)',
    ],
    'pull' => [
        'ordinary' => 'salieron :came de :held: lo corriente',
        'more' => 'salieron :came de :held, más que el :count corriente entre tantos|salieron :came de :held, más que los :count corrientes entre tantos',
        'too-few' => ':more; con tan pocos el azar pesa mucho: sujeta unos :hairs para más seguridad',
        'again' => ':more; repite otro día, y si sigue así que lo vea un profesional sanitario',
    ],
    'result' => [
        'good' => 'como debe ser', 'more' => 'más de lo que tiene un pelo en equilibrio', 'less' => 'menos de lo que da un pelo en equilibrio',
    ],
    'scalp' => [
        'refer' => 'mucha descamación con rojez, o dolor: que lo vea un profesional sanitario antes de tratar',
        'hardly-a-flake' => 'apenas descamación', 'some-flakes' => 'algo de descamación', 'flaky' => 'descamación: limpia antes el cuero cabelludo',
        'hardly-itches' => 'apenas pica', 'itches-a-little' => 'pica un poco',
        'itches' => 'pica: pregunta desde cuándo y después de qué',
        'not-oily' => 'sin grasa', 'a-little-oily' => 'algo graso', 'oily' => 'graso: limpia antes',
        'not-red' => 'sin rojez', 'a-little-red' => 'algo rojo', 'red' => 'rojo: sin calor, sin limpieza fuerte',
        'not-sore' => 'sin dolor', 'a-little-sore' => 'duele un poco',
        'sore-at-home' => 'duele: míralo en el salón, y que lo vea un profesional sanitario antes de tratar si no se calma',
        'tight' => 'tirante y seco: limpia más suave o más tarde', 'a-little-tight' => 'algo tirante', 'not-tight' => 'nada tirante',
    ],
    'shed-ball' => [
        'more' => 'alrededor de 1 pelo de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): más de lo habitual; si sigue así, que lo vea un profesional sanitario|unos :count pelos de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): más de lo habitual; si sigue así, que lo vea un profesional sanitario',
        'fewer' => 'alrededor de 1 pelo de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): menos de lo habitual|unos :count pelos de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): menos de lo habitual',
        'usual' => 'alrededor de 1 pelo de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): lo habitual|unos :count pelos de :mass mg; lo habitual en este tiempo son :least a :most (American Academy of Dermatology): lo habitual',
    ],
    'squish' => ['more-water' => 'más agua antes que más producto', 'enough' => 'suficiente agua y producto'],
    'strand-diameter' => [
        'fine' => 'pelo fino (fino por debajo de 60, grueso por encima de 80 µm; franjas habituales de manual, de memoria)',
        'medium' => 'pelo medio (fino por debajo de 60, grueso por encima de 80 µm; franjas habituales de manual, de memoria)',
        'coarse' => 'pelo grueso (fino por debajo de 60, grueso por encima de 80 µm; franjas habituales de manual, de memoria)',
    ],
    'stripped' => [
        'stripped' => 'áspero: la próxima limpieza debería ser más suave',
        'supple' => 'limpio y flexible; aguantaría una limpieza más fuerte', 'clean' => 'limpio, no áspero',
    ],
    'style-life' => [
        'long' => 'duró como un buen peinado al aire, cinco días o más', 'few-days' => 'duró unos días',
        'short' => 'cayó en pocos días: demasiado hidratado, falto de proteína o seco',
    ],
    'taper' => [
        'thin' => 'puntas finas: el :percent % del pelo llega al final', 'half' => 'cerca de la mitad del pelo llega al final',
        'most' => 'la mayor parte del pelo llega al final',
    ],
    'water-in-hair' => ['little' => 'poca agua: más agua antes que más producto', 'well' => 'bien mojado'],
    'wet-stretch' => [
        'all-back' => 'recupera todo el estiramiento', 'most-back' => 'recupera casi todo el estiramiento',
        'keeps-part' => 'se queda con parte del estiramiento',
        'short-snap' => 'estira poco y se rompe: demasiado seco, demasiada proteína, o tan débil que toca proteína; lo aclara el historial',
        'snaps' => 'estira y se rompe: débil', 'gummy' => 'largo, gomoso, no vuelve: falta proteína o sobra hidratación',
        'little' => 'estira poco: seco, o mucha proteína', 'not-all-back' => 'no vuelve del todo: quizá toca proteína',
        'healthy' => 'estira y vuelve como un pelo mojado sano',
    ],
    'wet-through' => [
        'slow' => 'lento: porosidad baja, aceite o residuos no dejan entrar el agua', 'readily' => 'toma bien el agua',
    ],
    'wetting' => [
        'slow' => 'tarda en mojarse: como la porosidad baja', 'at-once' => 'se moja enseguida: como la porosidad alta',
        'medium' => 'se moja como la porosidad media', 'beads' => 'las gotas se quedan encima: como con porosidad baja, o con residuos',
        'sinks' => 'las gotas entran despacio', 'soaks' => 'las gotas entran enseguida: como con porosidad alta',
        'smooth' => 'se desliza suave: la cutícula está lisa', 'a-little-rough' => 'se desliza algo áspero',
        'rough' => 'se desliza áspero: la cutícula está levantada',
    ],
];
