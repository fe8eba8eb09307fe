<?php

declare(strict_types=1);

// Por qué ha cambiado algo: qué puede haber detrás, qué probar, qué preguntar.
return [
    'days' => ['worse' => 'tiempo y aire: más días entre lavados, aire más seco, o sin sellar', 'dryness' => 'el tiempo y el aire', 'weakness' => 'el tiempo', 'breakage' => 'el tiempo'],
    'try' => [
        'satin' => 'Dormir sobre satén y llevar el pelo suelto durante tres lavados; después mira otra vez.',
        'days' => 'Sellar después del leave-in, o lavar uno o dos días antes, durante tres lavados; después mira otra vez.',
        'mask' => 'Devolver la mascarilla a su ritmo durante tres lavados y no cambiar nada más; después mira otra vez.',
        'detangle' => 'Desenredar en secciones más pequeñas y con más deslizamiento, primero los dedos, durante tres lavados; después cuenta otra vez.',
        'heat-tool' => 'Dejar la herramienta de calor durante tres lavados; después cuenta otra vez.',
        'cleanse' => 'Limpiar un grado más suave, con prelavado, durante tres lavados; después mira otra vez.',
        'protein' => 'Prever una proteína según los signos y mirar antes de la siguiente.',
        'chemical-service' => 'Ningún servicio químico más esta temporada; cortar lo gastado.',
        'one-thing' => 'Cambia solo esta cosa durante tres lavados y nada más; después mira otra vez.',
    ],
    'ask' => [
        'slept-on' => '¿Sobre qué se duerme, y va tapado el pelo?',
        'tight' => '¿Se llevó algo tirante: un moño, trenzas, una gorra, la correa de un casco?',
        'tool' => '¿Qué herramienta, y en mojado o en seco?',
        'skipped' => '¿Se saltó el sellado o el leave-in?',
        'new-water' => '¿Agua nueva, calefacción nueva, mar o piscina?',
        'new-product' => '¿Un producto nuevo, o uno que se acabó?',
    ],
];
