<?php

declare(strict_types=1);

/* Las unidades de los signos del pelo. */

return [
    'units' => [
        'of-rest-length' => '% de la longitud en reposo', 'of-stretch' => '% del estiramiento',
        'feel' => 'puntos de −5 (rígido) a 5 (blando)', 'hairs' => 'pelos', 'ends' => 'puntas abiertas y nudos por sección',
        'of-the-root' => '% del grosor en la raíz', 'days' => 'días', 'seconds' => 'segundos', 'of-2' => 'de 2',
        'minutes' => 'minutos', 'micrometres' => 'µm', 'millimetres' => 'mm', 'percent' => '%', 'of-80' => 'puntos de 80',
        'minutes-a-section' => 'minutos por sección', 'knots' => 'nudos', 'of-dry-weight' => '% del peso en seco',
        'newton' => 'N', 'hardness' => 'mg/L CaCO₃', 'celsius' => '°C', 'of-10' => 'puntos de 10',
    ],
];
