<?php

declare(strict_types=1);

// Días de lavado: lo que se hizo de verdad.
return [
    'their-own' => ':name (suyo)',
    'title' => 'Días de lavado', 'title-of' => 'Días de lavado de :name', 'lead' => 'Lo que se hizo de verdad.',
    'from-plan' => 'Rellenado según el plan del :day; cambia lo que fue distinto.',
    'day' => 'Día', 'where' => 'Dónde', 'pre-wash' => 'Prelavado', 'pre-wash-time' => 'Tiempo de prelavado', 'cleanse' => 'Limpieza', 'passes' => 'Pasadas',
    'passes-help' => 'una tercera solo después de mirar si está áspero', 'protein' => 'Proteína', 'protein-help' => 'siempre mascarilla tras la proteína fuerte', 'protein-time' => 'Tiempo de proteína',
    'conditioning' => 'Acondicionador o mascarilla', 'conditioning-time' => 'Su tiempo', 'detangling' => 'El desenredado llevó', 'detangling-help' => 'con reloj; vacío: no se midió', 'tool' => 'Desenredado con', 'not-detangled' => 'sin desenredar', 'hair-was' => 'El pelo estaba',
    'trim' => 'Corte de puntas', 'trim-unit' => 'mm cortados', 'heat-tool' => 'Herramienta de calor', 'put-up' => 'Recogido', 'swim' => 'Baño', 'heat' => 'Mascarilla bajo gorro o casco', 'leave-in' => 'Leave-in',
    'seal' => 'Sellado con aceite o manteca', 'wetting' => 'Solo mojado otra vez, para retocar', 'chemical' => 'Color, decoloración u otro servicio químico',
    'none' => 'ninguno', 'no' => 'no', 'not-said' => 'sin decir', 'minutes' => 'minutos', 'with-products' => 'Con qué productos', 'with' => ':what con',
    'save' => 'Guardar el lavado', 'so-far' => 'Lavados hasta ahora', 'about' => 'hacia el :day',
    'take-out' => 'Borrar este lavado', 'take-out-why' => 'El equilibrio y el plan se calculan como si no hubiera sido. La ficha de cuidados guarda una copia, si la exportas antes.',
    'take-out-do' => 'Borrar el lavado del :day',
];
