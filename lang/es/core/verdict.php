<?php

declare(strict_types=1);

/* Cómo está el pelo y qué viene después, en una línea. */

return [
    'not-tested' => 'Aún sin probar: los cuidados suaves de siempre, y antes una prueba.',
    'not-tested-until' => 'Aún sin probar: los cuidados suaves de siempre, y antes una prueba, :when.',
    'stands' => ':Standing.',
    'stands-and-next' => ':Standing; :next.',
    'with-build-up' => ':standing, con residuos',
    'perhaps' => 'quizá :cell, aún no es seguro',
    'probably-as-well' => ':shared, probablemente también :more',
    'perhaps-as-well' => ':shared, quizá también :more',
    'rather' => 'probablemente :one, quizá :other',
    'sides' => [
        'dry' => 'seco', 'too-moist' => 'demasiado hidratado', 'short-of-protein' => 'falto de proteína',
        'stiff-with-protein' => 'rígido por exceso de proteína',
    ],
    'cells' => [
        'in balance' => 'en equilibrio', 'dry' => 'seco', 'over-moist' => 'demasiado hidratado', 'weak' => 'falto de proteína',
        'stiff' => 'rígido por exceso de proteína', 'depleted' => 'seco y falto de proteína',
        'limp' => 'lacio: demasiado hidratado, falto de proteína', 'brittle' => 'quebradizo: seco y rígido por exceso de proteína',
        'overloaded' => 'demasiado de ambas cosas',
    ],
    'clarify' => 'lavado profundo :when',
    'mask' => 'mascarilla :when',
    'strong-protein' => 'proteína fuerte :when',
    'mild-protein' => 'proteína suave :when',
    'strong-protein-and-mask' => 'proteína fuerte y mascarilla :when',
    'mild-protein-and-mask' => 'proteína suave y mascarilla :when',
    'protein-can-wait' => 'la proteína puede esperar hasta el :date',
    'today' => 'hoy',
    'tomorrow' => 'mañana',
    'on' => 'el :date',
];
