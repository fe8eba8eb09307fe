<?php

declare(strict_types=1);

// La imagen del equilibrio: cómo están la hidratación y la proteína cada día; se distingue: estuvo, ahora, previsto.
return [
    'stands' => ':moisture, :protein, con un margen de :range cada una; residuos :build_up de 100',
    'distance' => [
        'low' => ':what demasiado baja (:by)', 'lowish' => ':what algo baja (:by)', 'right' => ':what como le gusta (:by)',
        'highish' => ':what algo alta (:by)', 'high' => ':what demasiado alta (:by)',
    ],
    'says' => [
        'was' => ':stands',
        'now' => 'Ahora: :stands',
        'after' => 'Tras el lavado de hoy, previsto: :stands',
        'planned' => 'Previsto: :stands',
        'changed' => 'Con el cambio: :stands',
        'as-planned' => 'Como estaba previsto: :stands',
        'known' => 'Por las pruebas: :stands',
        'really' => 'De verdad: :moisture, :protein; residuos :build_up de 100',
    ],
    'wash' => ':day: :kinds',
    'wash-planned' => ':day: :kinds, previsto',
    'kinds' => [
        'wash' => 'lavado', 'mask' => 'mascarilla', 'protein' => 'proteína', 'clarify' => 'lavado profundo', 'trim' => 'corte de puntas',
        'service' => 'color u otro servicio químico', 'swim' => 'baño',
    ],
    'title' => 'Equilibrio del pelo',
    'label' => 'Equilibrio del pelo: hidratación y proteína como distancia a lo que le gusta a este pelo, más arriba es más; :span. :verdict Las flechas leen cada día.',
    'span' => [
        'both' => 'doce semanas atrás hasta ahora, y doce por delante según el plan',
        'ahead' => 'doce semanas por delante, :name',
    ],
    'read' => 'Toca un día para ver detalles. Cada número es la distancia a lo que le gusta a este pelo, en puntos de 100.',
    'step' => ['back' => 'Un día atrás', 'today' => 'Hoy', 'first' => 'Primer día', 'on' => 'Un día adelante'],
    'strata' => 'Qué pelo',
    'words' => [
        'moisture' => 'hidratación', 'protein' => 'proteína', 'now' => 'ahora', 'planned' => 'previsto',
        'more' => 'más de lo que le gusta', 'in' => 'en equilibrio', 'less' => 'menos de lo que le gusta',
    ],
    'key' => [
        'title' => 'Qué significan las marcas',
        'band' => 'en equilibrio', 'moisture-leads' => 'manda la hidratación', 'protein-leads' => 'manda la proteína',
        'ribbon' => 'borde claro: donde está 8 de cada 10 veces',
        'mask' => 'mascarilla', 'protein' => 'proteína', 'clarify' => 'lavado profundo', 'wash' => 'lavado', 'service' => 'servicio químico',
        'tests' => 'pruebas del pelo', 'now' => 'ahora', 'after' => 'tras el lavado de hoy, si se hace como está previsto',
        'planned' => 'atenuado: previsto', 'beside' => 'a trazos: como estaba previsto',
    ],
];
