<?php

declare(strict_types=1);

// La cabeza desde arriba, zona por zona.
return [
    'page' => [
        'title' => 'Probar por zonas', 'title-of' => 'Pruebas por zonas, :name', 'lead' => ':moment: toca una zona, pruébala, pasa a la siguiente.', 'what' => 'Qué se prueba',
        'draft' => 'Lo que escribiste antes está abajo; aún no está guardado.', 'throw' => 'Tirarlo', 'none' => 'Aún no se ha probado nada de esto por zonas.', 'last' => 'última prueba (:unit); cuanto más oscuro, más',
        'edge' => 'borde grueso: rellenado ahora', 'last-of' => 'último :value :unit el :day', 'untested' => 'aún sin probar', 'flakes' => 'Descamación pegada, de 0 a 10', 'next' => 'Siguiente zona', 'rest' => 'Sin descamación en lo demás', 'scalp' => 'Todo el cuero cabelludo',
        'scalp-of' => ['itch' => 'Picor', 'oil' => 'Grasa', 'redness' => 'Rojez', 'soreness' => 'Dolor', 'dryness' => 'Tirante o seco'], 'of-ten' => ':what, de 0 a 10', 'day' => 'Día', 'save' => 'Guardar resultados',
    ],
    'label' => 'La cabeza desde arriba, la nariz arriba. :zones.',
    'choose' => 'La cabeza desde arriba, la nariz arriba: elige una zona',
    'zone' => ':zone: porosidad :porosity',
    'zone-grown' => ':zone: porosidad :porosity, lo recién crecido :growth',
    'unread' => ':zone: aún sin probar',
    'measured' => ':zone: :value :unit, :date',
];
