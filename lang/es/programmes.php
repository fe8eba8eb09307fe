<?php

declare(strict_types=1);

return [
    'weeks' => '{1} una semana|[2,*] :count semanas',
    'days-left' => '{1} queda un día|[2,*] quedan :count días',
    'begun' => 'Está en marcha: el plan lo mantiene hasta que acabe, y los días de lavado dicen solos si se cumplió.',
    'broken-off' => 'Interrumpido; el plan vuelve a ir según los signos y la casa, y lo que dijo queda.',
    'contradicts' => 'Qué: «:other» va hasta el :until y dice lo contrario de lo mismo. Interrúmpelo antes, o empieza después.',
    'planned' => 'Se hicieron :washed de :planned días de lavado previstos.',
    'running' => ':kind hasta el :until',
    'see' => 'Ver o interrumpir',
    'keeps' => 'El plan mantiene: :what.',
];
