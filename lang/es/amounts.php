<?php

declare(strict_types=1);

/* How much, as a hand measures it, in Spanish. */

return [
    'presses' => [
        'a-section' => '{1} :number pulsación por sección|{2} :number pulsaciones por sección',
        'for-sections' => 'una pulsación para cada :sections secciones',
        'in-all' => '{1} :number pulsación en total|{2} :number pulsaciones en total',
    ],
    'drops' => '{1} :number gota|{2} :number gotas',
    'teaspoon' => '{1} :number cucharadita|{2} :number cucharaditas',
    'tablespoon' => '{1} :number cucharada|{2} :number cucharadas',
    'between' => 'de :least a :most',
    'much' => 'unos :ml mL en total (:measure)',
];
