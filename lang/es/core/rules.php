<?php

declare(strict_types=1);

/* Las reglas de un plan: qué dice cada una y qué liberaría un día de ella, como final de «Para cambiarlo: …». */

return [
    'child-is-spared' => [
        'says' => 'Con menos de :under años: nunca calor ni proteína fuerte, y como mucho :minutes minutos si no se pone otra duración máxima. Con menos de :byHandUnder: proteína fuerte solo a mano.',
        'frees' => 'nada; es así hasta ese cumpleaños',
    ],
    'clarify-apart' => [
        'says' => 'Entre dos lavados profundos o quelantes pasan al menos :days días (:heavy con mucho producto, piscina o agua muy dura).',
        'frees' => 'esperar esos días o poner el lavado a mano',
    ],
    'co-wash-alternates' => [
        'says' => 'El co-wash y el champú se alternan mientras dure lo acordado.',
        'frees' => 'elegir otra limpieza en el método de la casa',
    ],
    'colour-is-fresh' => [
        'says' => 'Un color reciente no recibe lavado profundo ni quelante durante :days días.',
        'frees' => 'esperar esos días o hacer el lavado profundo antes del color',
    ],
    'day-that-counts-is-spared' => [
        'says' => 'Nada de proteína fuerte ni lavado profundo o quelante en un día señalado ni en los :days días anteriores.',
        'frees' => 'hacerlo antes o después de ese día',
    ],
    'dry-hair-is-not-stripped' => [
        'says' => 'El pelo seco o quebradizo no recibe lavado profundo ni quelante; si además los residuos pasan del límite, con mascarilla después.',
        'frees' => 'darle antes hidratación o probarlo otra vez',
    ],
    'in-stock' => [
        'says' => 'Lo que se usa en un día de lavado está en existencias.',
        'frees' => 'pedir más o volver a contar las existencias',
    ],
    'mask-by-calendar' => [
        'says' => 'La casa pone mascarilla por calendario: como muy tarde :days días después de la última.',
        'frees' => 'dejar que las mascarillas vayan según los signos con este cliente',
    ],
    'mask-no-later' => [
        'says' => 'La mascarilla llega como muy tarde :days días después de la última; si no, el primer día posible.',
        'frees' => 'hacer sitio para una mascarilla este día',
    ],
    'mild-first-after-a-service' => [
        'says' => 'Después de color, decoloración u otro servicio químico la proteína fuerte espera :days días; la suave puede ir en el próximo lavado.',
        'frees' => 'esperar esos días o dar proteína suave',
    ],
    'mild-protein-every-other-wash' => [
        'says' => 'La proteína suave va como mucho cada dos lavados, y no justo después de un día de proteína.',
        'frees' => 'dejar un lavado en medio',
    ],
    'no-oil' => [
        'says' => 'Sin aceite para quien sigue un método que no lo usa.',
        'frees' => 'elegir otro prelavado o cambiar el método en cuanto a aceites',
    ],
    'not-at-home' => [
        'says' => 'Lo que se hace solo en el salón no se planea para un día en casa.',
        'frees' => 'reservar ese día en el salón',
    ],
    'not-read-yet' => [
        'says' => 'Un pelo que no se ha probado en :days días no recibe proteína ni, salvo por agua muy dura o baño en piscina o mar, lavado profundo: antes se prueba.',
        'frees' => 'hacer unas pruebas del pelo o poner el día a mano',
    ],
    'oily-scalp-is-shampooed' => [
        'says' => 'Un cuero cabelludo graso recibe champú, nada más suave.',
        'frees' => 'probar otra vez el cuero cabelludo',
    ],
    'one-protein-then-a-look' => [
        'says' => 'Una proteína y después una prueba: mientras nadie haya probado el pelo, la siguiente espera :days días, y la fuerte también hasta después del próximo lavado. La suave espera siempre :mild días tras la fuerte, y la fuerte :strong tras la suave.',
        'frees' => 'esperar esos días o probar el pelo otra vez',
    ],
    'patch-test-first' => [
        'says' => 'Un producto nuevo para alguien sensible espera a su prueba de contacto, 48 horas.',
        'frees' => 'hacer la prueba de contacto 48 horas antes o usar un producto ya conocido',
    ],
    'pre-wash-on-the-day' => [
        'says' => 'El prelavado se pone la noche anterior solo si el día de lavado es demasiado corto para él y lo hay.',
        'frees' => 'ponerlo el mismo día',
    ],
    'programme-is-kept' => [
        'says' => 'Se mantiene lo acordado para estas semanas.',
        'frees' => 'terminar antes el programa',
    ],
    'protein-by-calendar' => [
        'says' => 'La casa da proteína por calendario: como muy tarde :days días después de la última, si las demás reglas lo permiten.',
        'frees' => 'dejar que la proteína vaya según los signos con este cliente',
    ],
    'protein-by-evidence' => [
        'says' => 'Proteína según los signos: el pelo se ha probado en los últimos :days días y no está rígido, y sin ella la proteína estaría baja dentro de :ahead días con al menos un :mild % de probabilidad (fuerte: :strong %).',
        'not-tested' => 'La proteína va según los signos, y el pelo no se ha probado en :days días.',
        'stiff' => 'La proteína va según los signos, y el pelo se notaba rígido la última vez que se probó.',
        'not-due' => 'La proteína va según los signos: espera hasta que estaría baja dentro de :ahead días con al menos un :mild % de probabilidad (fuerte: :strong %).',
        'frees' => 'probar el pelo o poner el tratamiento a mano',
    ],
    'protein-by-hand-only' => [
        'says' => 'Este pelo es sensible a la proteína, o su método la evita: una dosis se planea solo a mano.',
        'frees' => 'poner la dosis a mano',
    ],
    'referred-first' => [
        'says' => 'Con un signo que es cosa de un profesional sanitario solo siguen los cuidados suaves hasta que alguien, con su nombre, lo dé por visto.',
        'frees' => 'que vean el signo y lo dé por bueno alguien con nombre y fecha',
    ],
    'scalp-care-when-due' => [
        'says' => 'Un cuero cabelludo que se descama recibe su cuidado, y ningún otro lo recibe.',
        'frees' => 'probar otra vez el cuero cabelludo',
    ],
    'sore-scalp-is-spared' => [
        'says' => 'Un cuero cabelludo dolorido impide el calor y el lavado profundo o quelante hasta que se dé por bueno.',
        'frees' => 'dar por bueno el cuero cabelludo',
    ],
    'strong-protein-apart' => [
        'says' => 'Entre dos proteínas fuertes pasan al menos :days días.',
        'frees' => 'poner el tratamiento a mano, si lo decide un estilista titulado',
    ],
    'strong-protein-not-when-high' => [
        'says' => 'Nada de proteína fuerte mientras la proteína esté demasiado alta con más de un :percent % de probabilidad.',
        'frees' => 'probar el pelo otra vez; quizá la proteína no esté alta',
    ],
    'strong-protein-then-mask' => [
        'says' => 'A la proteína fuerte le sigue el mismo día una mascarilla sin proteína; las dos son un solo tratamiento.',
        'frees' => 'hacer tiempo para la mascarilla del mismo día',
    ],
    'style-stays-up' => [
        'says' => 'Mientras se lleva un peinado protector se lava con él puesto: sin desenredar, sin mascarilla y sin proteína hasta que se deshaga.',
        'frees' => 'deshacer antes el peinado',
    ],
    'styling-on-the-day' => [
        'says' => 'Se peina al día siguiente solo si el día de lavado es demasiado corto y el siguiente tiene tiempo, o el lavado se pasa aun así.',
        'frees' => 'peinar el mismo día',
    ],
    'two-passes' => [
        'says' => 'Dos pasadas de limpieza bastan; una tercera solo a mano, después de mirar si el pelo se ha quedado áspero.',
        'frees' => 'poner a mano la tercera pasada',
    ],
    'wish-is-kept' => [
        'says' => 'Lo que se pidió dejar fuera de estos días se queda fuera.',
        'frees' => 'quitar ese deseo del plan',
    ],
    'within-minutes' => [
        'says' => 'Un día de lavado no dura más de lo que tiene el cliente.',
        'frees' => 'dar más minutos a ese día',
    ],
];
