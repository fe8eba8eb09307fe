<?php

declare(strict_types=1);

// Lo que dice el plan.
return [
    'day-says' => ':day: :steps, :minutes minutos', 'day-says-by-hand' => ':day: :steps, :minutes minutos, a mano',
    'back' => 'Volver al plan', 'title' => 'Plan', 'title-of' => 'Plan de :name', 'limits' => 'Límites', 'what-if' => 'Y si', 'calendar' => 'Calendario (.ics)',
    'household' => 'Hogar', 'undo' => 'Deshacer', 'redo' => 'Rehacer', 'today' => 'hoy', 'by-hand' => 'movido por ti',
    'key' => ['day' => 'día de lavado', 'mask' => 'mascarilla', 'protein' => 'proteína', 'clarify' => 'lavado profundo', 'hand' => 'movido por ti', 'size' => 'más grande: más largo'],
    'how' => 'Arrastra un día de lavado por la línea, o arriba y abajo para una mascarilla más larga o más corta; o elige uno y usa las flechas. Ves el efecto antes de soltarlo.',
    'line' => ['work' => 'Doce semanas; cada día de lavado se puede mover', 'of' => '{1} Doce semanas de :name, un día de lavado|[0,*] Doce semanas de :name, :count días de lavado', 'promised' => 'acordado'],
    'balance' => ['label' => 'A dónde lleva el plan, día a día: :of'],
    'coming' => [
        'title' => 'Lo que viene', 'what' => 'Qué', 'from' => 'Desde', 'until' => 'Hasta', 'called' => 'Nombre', 'save' => 'Guardar',
    ],
    'agreed' => [
        'title' => 'Acordado con el cliente', 'since' => 'Desde el :day, por :by.', 'kept' => 'El plan mantiene todos sus días.',
        'none' => 'No hay nada acordado; el plan se mueve libre con cada prueba.',
        'now' => 'Acordar el plan como está', 'again' => 'Acordar otra vez el plan como está', 'earlier' => 'Acordado antes',
        'treatments' => '{1} :day, :by: un tratamiento|[2,*] :day, :by: :count tratamientos',
    ],
    'wash-days' => 'Días de lavado',
    'every' => '{1} Cada día; :hours horas en total.|[2,*] Cada :count días; :hours horas en total.',
    'at-most' => 'Como mucho :minutes min cada uno.',
    'dates' => 'Una fecha es cuándo el pelo sale del equilibrio sin ello; entre paréntesis, cuándo lo hace 8 de cada 10 veces.',
    'clashes' => '{1} Un día cualquier lavado posible incumple una regla. Ese día dice abajo qué lo cambiaría.|[2,*] En :count días cualquier lavado posible incumple una regla. Cada uno dice abajo qué lo cambiaría.',
    'frees' => 'Para cambiarlo: :what.', 'or' => '; o ',
    'steps' => 'Todos los pasos',
    'broken-hairs' => '{0} No se esperan pelos rotos al desenredar.|{1} Se espera más o menos un pelo roto al desenredar.|[2,*] Se esperan unos :count pelos rotos al desenredar.',
    'as-above' => ':first Lo demás, como se dijo arriba.',
    'style-day' => 'en su mejor momento el día :day del peinado',
    'colour-too-near' => 'Color :days días antes de :what: deja :apart días entre los dos, para que nada nuevo salga mal poco antes.',
    'acts' => [
        'mask' => 'mascarilla', 'protein' => 'proteína', 'clarifying' => 'lavado profundo',
        'carried' => ':what del :from pasa al :to',
        'mild-protein' => 'proteína suave el :day en vez de fuerte',
        'strong-protein' => 'proteína fuerte el :day en vez de suave',
        'what' => 'Elige mascarilla, proteína o lavado profundo, y un día de lavado antes o después.',
        'no-wash-day' => 'No hay ningún día de lavado tan lejos; un tratamiento va a uno de los :most anteriores o posteriores.',
        'not-planned' => 'Eso no está previsto para ese día.',
        'there-already' => 'El :day ya tiene :what; deja fuera uno de los dos.',
        'mask-of-strong' => 'La proteína fuerte nunca se queda sin su mascarilla; mueve la proteína, y la mascarilla va con ella.',
        'no-strength' => 'Ese día no hay proteína de otra fuerza que cambiar.',
        'strong-needs-a-mask' => 'La proteína fuerte necesita una mascarilla después; elige un día que la tenga.',
        'rows' => ['wash-day' => 'Día de lavado', 'mask' => 'Mascarilla', 'protein' => 'Proteína', 'clarifying' => 'Lavado profundo'],
        'buttons' => [
            'day-earlier' => '‹ un día antes', 'day-later' => 'un día después ›', 'swap' => 'Cambiar con el siguiente',
            'earlier' => '‹ lavado anterior', 'later' => 'lavado siguiente ›', 'longer' => 'Más largo', 'shorter' => 'Más corto',
            'mild-protein' => 'Mejor suave', 'strong-protein' => 'Mejor fuerte', 'leave-out' => 'Dejar fuera',
            'do' => 'Hacerlo', 'leave' => 'Dejarlo',
        ],
    ],
    'child' => [
        'protein' => 'Proteína: nada de proteína fuerte con menos de :years años. Elige proteína suave o ninguna.',
        'heat' => 'Calor: nunca con menos de :years años. Deja fuera el gorro o casco.',
    ],
];
