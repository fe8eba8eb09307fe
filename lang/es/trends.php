<?php

declare(strict_types=1);

// Tendencias: lo habitual en un cliente y lo que ha cambiado.
return [
    'wear-trend' => [
        'alike' => '± :sd; sin cambio más seguro desde el :day', 'more' => '± :sd; más que :mean ± :was del :day',
        'less' => '± :sd; menos que :mean ± :was del :day', 'by' => 'calculado', 'unit' => 'de 100', 'limits' => 'de :least a :most',
    ],
    'title' => 'Tendencias', 'title-of' => 'Tendencias de :name', 'lead' => 'Lo habitual en este cliente, y lo que ha cambiado.',
    'why' => '¿Por qué ha cambiado?', 'csv' => 'Todos los resultados (.csv)', 'groups' => 'Qué pruebas',
    'group' => [
        'breakage' => 'rotura', 'elasticity' => 'elasticidad', 'balance' => 'equilibrio', 'scalp' => 'cuero cabelludo', 'detangling' => 'desenredado',
        'length' => 'longitud', 'wear' => 'desgaste', 'result' => 'resultado',
    ],
    'picture' => ':name: :says. La tabla de abajo lista todos los resultados.',
    'over-time' => ':name a lo largo del tiempo',
    'every' => 'Todos los resultados', 'caption' => ':name, primero lo más nuevo',
    'column' => ['day' => 'Día', 'average' => 'Media móvil', 'usual' => 'Habitual', 'says' => 'Dice', 'by' => 'Probado por'],
    'none' => 'Ninguna de estas se ha probado aún.', 'take' => 'Probarlas en Pruebas', 'none-of' => 'Aún sin probar: :tests.',
    'key' => ['mask' => 'mascarilla', 'protein' => 'proteína', 'clarify' => 'lavado profundo', 'service' => 'corte o servicio químico', 'usual' => 'lo habitual en este cliente', 'average' => 'media reciente'],
    'wear' => 'En desgaste la franja es cuánto puede desviarse.',
];
