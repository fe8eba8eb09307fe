<?php

declare(strict_types=1);

/* Por qué un día de lavado está en el plan como está. */

return [
    'usual-wash' => 'El lavado de siempre; no toca nada más.',
    'usual-wash-while-out' => 'El lavado de siempre; otros días recuperan el equilibrio.',
    'not-tested-yet' => 'Aún sin probar: los cuidados suaves de siempre, y prueba el pelo este día.',
    'test-before-the-next' => 'Prueba antes el pelo: nadie lo ha hecho desde su última proteína, y eso decide la siguiente.',
    'test-before-this' => 'Prueba antes el pelo: esta proteína se da solo si todavía la necesita después de la última.',
    'by-hand' => 'Puesto a mano: :reason.',
    'by-hand-by' => 'Puesto a mano por :by: :reason.',
    'not-earlier' => 'Antes no. :rule',
    'broken-on' => ':date: :rule',
    'occasion' => [
        'that-day' => 'Para :what, :date: lavado y peinado para que esté en su mejor momento.',
        'day-before' => 'El día antes de :what, :date: lavado y peinado para que entonces esté en su mejor momento.',
        'days-before' => ':days días antes de :what, :date: lavado y peinado para que entonces esté en su mejor momento.',
        'a-day' => 'el día señalado',
        'swimming' => 'Días de baño: un lavado quelante puede llegar antes de lo habitual.',
    ],
    'washed-in-the-style' => 'Se lava con el peinado puesto: limpia por las rayas, deja correr lo demás, no desenredes. Se deshace el :date.',
    'styled-after' => 'Se peina al día siguiente, unos :minutes min: este día es corto para todo.',
    'treatments' => ['protein' => 'la proteína de cualquier fuerza', 'masks' => 'las mascarillas', 'clarifying' => 'el lavado profundo'],
    'quantities' => ['moisture' => 'la hidratación', 'protein' => 'la proteína', 'build-up' => 'los residuos'],
    'past' => 'Los residuos pasan de :limit de 100:where; el lavado profundo los baja.',
    'low' => [
        'strong-protein' => ':What está baja:where; la proteína fuerte la recupera.',
        'mild-protein' => ':What está baja:where; la proteína suave la recupera.',
        'masks' => ':What está baja:where; las mascarillas la recuperan.',
        'clarifying' => ':What está baja:where; el lavado profundo la recupera.',
    ],
    'skip' => [
        'reserve' => 'Sin :treatment, :what se queda baja:where hacia el :date:range:certainty.',
        'build-up' => 'Sin :treatment, los residuos pasan de :limit de 100:where hacia el :date:range:certainty.',
        'reserve-stays' => 'Sin :treatment, :what sigue en equilibrio estas semanas, pero por poco:certainty.',
        'build-up-stays' => 'Sin :treatment, los residuos siguen por debajo de :limit de 100 estas semanas, pero dejan pasar menos de cada tratamiento.',
    ],
    'where' => ['in' => ' en :stratum', 'first-in' => ' primero en :stratum'],
    'range' => ['between' => ' (del :earliest al :latest)', 'by' => ' (antes del :latest)', 'not-before' => ' (no antes del :earliest)'],
    'likely' => '; probabilidad del :percent %',
    'likely-not' => '; :percent % de que no sea así',
    'held-back' => [
        'rule' => ':says Para cambiarlo: :frees.',
        'no-mask' => 'La hidratación está baja y no hay mascarilla. Lo impide esto: :rules',
        'no-protein' => 'La proteína está baja y no la hay. Lo impide esto: :rules',
        'nothing-clarifies' => 'Los residuos pasan del límite y nada los quita. Lo impide esto: :rules',
        'no-scalp-shampoo' => 'El cuero cabelludo se descama y no hay champú para él. Lo impide esto: :rules',
    ],
    'frees' => [
        'more-than-one' => 'cambiar más de una de estas cosas: ninguna sola libera el día',
        'minutes' => 'dar a ese día al menos :minutes minutos',
    ],
];
