<?php

declare(strict_types=1);

// How a style looks, as a client says it at home, in Spanish.
return [
    'look' => [
        'choose' => 'Cómo está: elige uno de cada fila.',
        'definition' => ['is' => 'Definición', 'sin definición', 'algo de definición', 'bien definido'],
        'frizz' => ['is' => 'Encrespado', 'mucho encrespado', 'algo de encrespado', 'poco encrespado'],
        'moisture' => ['is' => 'Hidratación', 'seco', 'algo seco', 'hidratado'],
    ],
];
