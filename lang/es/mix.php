<?php

declare(strict_types=1);

/* Hacer una mezcla: dónde va, para quién, y cuánto dura. */

return [
    'page' => [
        'lead' => 'Partes en porcentaje, llevadas a una cantidad; valen los topes que protegen la piel.', 'what' => 'Qué lleva', 'name' => 'Nombre en la etiqueta', 'rest' => 'El resto es', 'batch' => 'Cantidad',
        'part-of' => 'Parte :number', 'share' => 'Parte', 'scale' => 'Calcular', 'mix' => 'Mezcla', 'part' => 'Parte', 'drops' => 'gotas', 'print' => 'Imprimir la etiqueta',
    ],
    'use' => ['label' => 'Va', 'scalp' => 'en el cuero cabelludo y se queda', 'rinsed-off' => 'puesta y se aclara en minutos'],
    'for' => [
        'label' => 'Para', 'nobody' => 'nadie en particular', 'child' => 'alguien de menos de 12', 'young' => 'alguien de 12 a 15',
        'pregnancy' => 'un embarazo', 'asthma' => 'alguien con asma',
    ],
    'water' => 'Con agua y sin conservante una mezcla dura unos :days días, en frío.',
    'unknown' => 'Lo que aquí nadie conoce por su nombre cuenta como aceite esencial.',
    'keeps' => [
        'fresh' => 'Fresca: úsala el mismo día, y tira lo que quede.',
        'water' => 'Con agua y sin conservante dura :days días, en frío.',
        'unknown' => 'Algo de lo que lleva no se conoce aquí: guárdala :days días como mucho, en frío.',
        'oil' => 'Sin agua dura unos :days días, a oscuras y en fresco; no si ya huele.',
    ],
    'made' => 'Hecha el :made; dura hasta el :until. :keeps :drops gotas por mililitro (práctica común, sin fuente).',
];
