<?php

declare(strict_types=1);

/* Lo que piden las pruebas del pelo, y qué escribir cuando algo no se puede aceptar. */

return [
    'air' => ['celsius' => 'Temperatura', 'humidity-percent' => 'Humedad relativa'],
    'broken-hairs' => [
        'shed' => 'Caídos, con bulbo', 'broken' => 'Rotos, cortos y sin bulbo',
        'days-since-detangled' => 'Días desde el último desenredado',
    ],
    'build-up-signs' => [
        'dull' => 'Sin brillo', 'beads' => 'El agua forma gotas', 'film' => 'Película blanca', 'sticky' => 'Pegajoso en seco',
        'no-lather' => 'La raíz no hace espuma',
    ],
    'comb-count' => ['hairs' => 'Pelos en 60 segundos'],
    'combing-force' => ['newton' => 'Fuerza máxima en el peine'],
    'curl' => ['ring-mm' => 'Diámetro del rizo', 'curled-mm' => 'Longitud rizada', 'stretched-mm' => 'Longitud estirada'],
    'curl-memory' => ['points' => 'Rebote'],
    'density' => [
        'tie-mm' => 'Contorno de la coleta', 'parting' => 'Cuero cabelludo en la raya: 0 ancho, 1 una línea, 2 apenas se ve',
    ],
    'detangling' => [
        'minutes' => 'En todas las secciones', 'sections' => 'Cuántas secciones', 'knots-cut' => 'Nudos que hubo que cortar',
        'seconds' => 'Sección',
    ],
    'detangling-ease' => ['points' => 'Facilidad al desenredar'],
    'drying' => ['minutes' => 'Sigue mojado'],
    'dryness' => ['points' => 'Sequedad'],
    'ends' => ['splits' => 'Puntas abiertas', 'knots' => 'Nudos'],
    'feel' => ['points' => 'Tacto'],
    'hardness' => ['mg-per-l' => 'Dureza'],
    'lather' => ['points' => 'Espuma del primer champú'],
    'length' => ['length-mm' => 'Longitud estirada'],
    'moisture-meter' => ['percent' => 'Agua en el pelo', 'humidity-percent' => 'Humedad relativa en la sala'],
    'pull' => ['hairs' => 'Pelos sujetados', 'came' => 'Salieron'],
    'scalp-at-home' => ['itch' => 'Picor', 'oil' => 'Grasa', 'soreness' => 'Dolor', 'dryness' => 'Tirante o seco'],
    'scalp' => [
        'flakes-edges' => 'Descamación, contorno', 'flakes-front' => 'Descamación, flequillo', 'flakes-left' => 'Descamación, izquierda',
        'flakes-right' => 'Descamación, derecha', 'flakes-crown' => 'Descamación, coronilla', 'flakes-centre' => 'Descamación, centro',
        'flakes-back' => 'Descamación, parte de atrás', 'flakes-nape' => 'Descamación, nuca', 'itch' => 'Picor', 'oil' => 'Grasa',
        'redness' => 'Rojez', 'soreness' => 'Dolor', 'dryness' => 'Tirante o seco',
    ],
    'shed-ball' => [
        'mass-g' => 'Peso de la bola, en seco', 'length-mm' => 'Longitud media de sus pelos', 'diameter-um' => 'Diámetro del pelo',
        'days-since-detangled' => 'Días desde el último desenredado',
    ],
    'squish' => ['points' => 'Chapoteo'],
    'strand-diameter' => ['micrometres' => 'Diámetro'],
    'stripped' => ['points' => 'Áspero'],
    'style-life' => ['days' => 'Días que duró bien el peinado', 'refreshes' => 'Retoques que necesitó'],
    'result' => [
        'definition' => 'Definición', 'frizz' => 'Encrespado', 'clumping' => 'Agrupación', 'softness' => 'Suavidad',
        'shine' => 'Brillo', 'volume' => 'Volumen',
    ],
    'taper' => ['root-mm' => 'Contorno en la raíz', 'tip-mm' => 'Contorno en la punta'],
    'water-in-hair' => ['dry-g' => 'La sección seca', 'wet-g' => 'La sección mojada, escurrida'],
    'wet-stretch' => [
        'rest-mm' => 'Longitud en reposo', 'stretched-mm' => 'Longitud estirada', 'returned-mm' => 'Longitud al volver',
    ],
    'wet-through' => ['minutes' => 'Hasta que toda la cabeza está empapada'],
    'wetting' => ['seconds' => 'Tiempo hasta empaparse', 'soak' => 'Gotas encima', 'slide' => 'Dedos, de punta a raíz'],
    'tools' => ['fingers' => 'los dedos', 'comb' => 'peine', 'brush' => 'cepillo'],
    'units' => [
        'after' => ' :unit', 'of-2' => 'de 2', 'of-10' => 'de 10', 'hairs' => 'pelos', 'minutes' => 'minutos',
        'days' => 'días', 'times' => 'veces', 'a-section' => 'por sección', 'stiff-to-mushy' => '(de rígido a blando)',
        'of-dry-weight' => '% del peso en seco',
    ],
    'problems' => [
        'range' => ':label: escribe de :least a :most:unit.',
        'number' => ':label: escribe un número, de :least a :most:unit.',
        'whole-number' => ':label: escribe un número entero, de :least a :most:unit.',
        'not-asked' => 'Esta prueba no pide eso; déjalo fuera.',
        'unknown-test' => 'Prueba: elige una de :tests.',
        'moment' => 'Momento: :test se hace en uno de :moments.',
        'hairs' => 'Pelos: mide de 1 a 5 pelos; lo mejor son de 3 a 5.',
        'each-hair' => 'Da de cada pelo la longitud en reposo y estirada en mm, y la longitud al volver o que se rompió.',
        'shorter' => 'Longitud estirada: un pelo no se acorta al estirarlo; escribe :least mm o más.',
        'too-long' => 'Longitud estirada: el pelo se rompe mucho antes de medir dos veces y media; escribe :most mm o menos.',
        'returned' => 'Longitud al volver: escribe de :least mm (vuelve del todo) a :most mm (nada).',
        'wet-lighter-than-dry' => 'La sección mojada: el pelo mojado no pesa menos que seco; escribe :least g o más.',
        'more-than-held' => 'Salieron: no salen más pelos de los que se sujetaban; escribe :most o menos.',
        'curled-longer' => 'Longitud rizada: el pelo rizado no es más largo que estirado; escribe :most mm o menos.',
        'sections' => 'Secciones: cronometra de 1 a :most.',
        'tool' => 'Herramienta: elige dedos, peine o cepillo.',
        'taps-on-one-another' => 'Dos toques están uno encima del otro; toca más separado.',
        'taps-in-a-line' => 'Los tres toques están en línea recta; repártelos alrededor del rizo.',
    ],
    'questions' => [
        'unlikely' => ':label: :value:unit es posible, pero lejos de lo habitual, de :least a :most. Corrígelo, o guárdalo otra vez si es así.',
        'stretch' => 'Longitud estirada: un estiramiento del :percent % es posible, pero lejos de lo habitual, de 20 a :most. Corrígelo, o guárdalo otra vez si es así.',
    ],
];
