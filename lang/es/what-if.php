<?php

declare(strict_types=1);

// Una cosa hecha de otra manera, preguntada como una frase hecha de menús, y a qué lleva.
return [
    'title' => 'Y si', 'title-of' => 'Y si, para :name', 'lead' => 'Por preguntar no cambia tu plan.',
    'begins' => 'Y si',
    'act' => 'Qué se hace de otra manera', 'treatment' => 'Qué tratamiento', 'number' => 'Número', 'from' => 'desde', 'until' => 'hasta',
    'units' => 'días, minutos, % o mg/L',
    'ask' => 'Muéstrame', 'examples' => 'Por ejemplo', 'back' => 'Volver al plan',
    'acts' => [
        'leave-out' => 'dejamos fuera', 'later' => 'retrasamos', 'wash-every-for' => 'por un tiempo lavamos cada',
        'wash-every' => 'desde ahora lavamos cada', 'minutes-limit' => 'un día de lavado dura como mucho',
        'mask-heat' => 'ponemos gorro o casco sobre la mascarilla', 'mask-heat-off' => 'no usamos calor bajo la mascarilla',
        'seal' => 'sellamos con aceites y mantecas', 'seal-off' => 'dejamos de sellar con aceites y mantecas',
        'pre-wash' => 'ponemos aceite antes del lavado', 'pre-wash-off' => 'quitamos el prelavado',
        'load' => 'usamos mucho producto de peinado', 'load-off' => 'usamos poco producto de peinado',
        'night' => 'las noches son sobre satén', 'night-off' => 'las noches son sobre algodón',
        'humidity' => 'el aire tiene', 'hardness' => 'el agua tiene',
        'no-protein' => 'no damos nada de proteína', 'no-mask' => 'no usamos ninguna mascarilla',
    ],
    'before' => ['later' => 'en'],
    'of' => [
        'later' => 'días', 'wash-every-for' => 'días', 'wash-every' => 'días', 'minutes-limit' => 'minutos',
        'humidity' => '% de humedad', 'hardness' => 'mg/L de dureza',
    ],
    'instances' => [
        'no-masks' => 'Sin mascarillas tres semanas', 'protein' => 'Proteína una semana después', 'rhythm' => 'Lavar cada :days días',
        'heat' => 'Calor bajo la mascarilla', 'heat-off' => 'Sin calor bajo la mascarilla',
    ],
    'changed' => 'con el cambio', 'planned' => 'según el plan',
    'picture' => ['asked' => 'con el cambio, y a trazos según el plan', 'plan' => 'según el plan'],
    'not-tested' => 'Este pelo aún no se ha probado: se cuenta como suele comportarse un pelo así.',
    'turns' => [
        'either' => ':where: :state desde el :day más o menos. Con tu plan: :other-state desde el :other.',
        'new' => ':where: :state desde el :day más o menos. Tu plan lo mantiene en equilibrio.',
        'spared' => ':where: sigue en equilibrio. Con tu plan queda :state hacia el :other.',
        'moved' => ':where: :state desde el :day más o menos en vez del :other.',
        'back' => ':where: deja de estar :state hacia el :day. Tu plan no lo arregla en estas semanas.',
        'not-back' => ':where: sigue :state después de estas semanas. Tu plan lo arregla hacia el :other.',
        'back-moved' => ':where: deja de estar :state hacia el :day en vez del :other.',
    ],
    'states' => [
        'moisture-low' => 'seco', 'moisture-high' => 'demasiado hidratado', 'protein-low' => 'falto de proteína',
        'protein-high' => 'rígido por exceso de proteína',
    ],
    'whole' => 'El pelo',
    'numbers' => 'En números', 'twelve-weeks' => 'Doce semanas', 'difference' => 'diferencia', 'caption' => 'Los dos futuros en doce semanas',
    'strip' => ['changed' => 'cambiado', 'planned' => 'previsto'],
];
