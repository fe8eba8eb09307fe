<?php

declare(strict_types=1);

// Lo que se dice cuando algo ya está hecho.
return [
    'booking' => [
        'note' => 'El día de lavado está en marcha.',
        'store' => ':name tiene cita.',
    ],
    'booking-note' => [
        'here' => 'Apuntado: ha llegado.',
        'later' => 'Apuntado; el día se ordena alrededor.',
        'begin' => 'El día de lavado está en marcha.',
        'over' => 'Apuntado; los clientes siguientes se desplazan.',
        'through' => 'Apuntado como hecho.',
        'no-show' => 'Apuntado. Llama en los próximos días.',
        'cancel' => 'Anulada; los calendarios se enteran.',
        'again' => 'Vuelve a valer.',
        'keep' => 'Guardado: el día de lavado se planea en el tiempo que hay.',
        'as-planned' => 'Vuelve a durar lo que pide el plan.',
        'unsaid' => 'Deshecho: vale como antes.',
    ],
    'calendar-feed' => [
        'mine' => 'Una dirección nueva; la anterior ya no abre nada.',
    ],
    'client-products' => [
        'react' => 'Apuntado; se avisa donde aparezca para este cliente.',
    ],
    'clients' => [
        'update' => 'Guardado; el equilibrio y el plan están al día.',
        'take-zone' => 'Cambiado; lo que era esa zona hasta entonces se guarda, y el equilibrio está al día.',
        'take-zone-2' => 'Para esa zona no hay ningún hallazgo seguro distinto de lo escrito.',
        'store' => ':name está guardado. Haz las primeras pruebas en Pruebas.',
    ],
    'import' => [
        'taken' => 'Importado: :what.', 'nothing' => 'No se ha importado nada.', 'already' => 'Esto ya se importó.',
        'changed' => 'Algo ha cambiado desde que lo miraste. Se ha leído otra vez; míralo de nuevo.',
        'undone' => 'Sacado otra vez: :what.', 'nothing-out' => 'No se ha sacado nada.', 'stay' => 'Alguien ha trabajado con estos desde entonces, y se quedan: :names.',
        'left' => '{1} Se queda una cita o un lavado que cambió desde entonces.|[2,*] Se quedan :count citas o lavados que cambiaron desde entonces.',
        'too-late' => 'Una importación se puede deshacer durante un día; esta es más antigua.',
        'clients' => '{0} ningún cliente|{1} un cliente|[2,*] :count clientes', 'bookings' => '{0} ninguna cita|{1} una cita|[2,*] :count citas',
        'details' => '{0} nada añadido|{1} un dato añadido|[2,*] :count datos añadidos',
        'wash_days' => '{0} ningún lavado|{1} un lavado pasado|[2,*] :count lavados pasados',
    ],
    'data-transfer' => [
        'drop' => 'Se deja; no se importó nada.',
    ],
    'history' => [
        'update' => 'Corregida. Lo que dijo antes esta visita está abajo.',
        'destroy' => 'Esa visita ya se deshizo antes.',
        'destroy-2' => 'Deshecha: los resultados de esa visita se retiran.',
    ],
    'home-routine' => [
        'store' => 'Días: escribe cuánto tiempo abre el enlace, de 1 a 365 días.',
        'store-2' => 'El enlace está hecho. Quien lo tenga puede abrir esta rutina y nada más.',
        'withdraw' => 'Anulado: ese enlace ya no abre nada.',
    ],
    'opening-hours' => [
        'back' => 'Retirado.',
        'leave' => '{0} Apuntado.|{1} Apuntado. 1 cita cae en esos días: muévela, o llama.|[2,*] Apuntado. :count citas caen en esos días: muévelas, o llama.',
    ],
    'picture' => [
        'store' => 'Guardada, sin el lugar donde se hizo.',
        'destroy' => 'Borrada, y con ella el archivo.',
    ],
    'plan' => [
        'occasion' => 'Apuntado; el plan está al día con ello.',
        'without-occasion' => 'Una ocasión quitada.',
        'without-occasion-2' => 'Quitada; el plan está al día sin ella.',
        'undo' => 'Deshecho: :what',
        'undo-none' => 'Deshecho: no hay nada que deshacer.',
        'redo' => 'Hecho otra vez: :what',
        'redo-none' => 'Hecho otra vez: no hay nada que rehacer.',
    ],
    'plan-terms' => [
        'update' => 'Guardado; el plan se ajusta.',
        'set-by-hand' => 'Puesto. Ese día se queda como está; lo demás se planea alrededor.',
        'take-back' => 'Retirado; el plan vuelve a decidir ese día.',
        'promise' => 'Acordado. Lo que hay ahora en el plan solo se mueve por un buen motivo.',
        'release' => 'Soltado: el plan vuelve a moverse libre.',
    ],
    'products' => [
        'store' => 'Está en las existencias.',
        'store-namesake' => 'Está en las existencias, y no es el único con ese nombre: cambia el de uno para que un lavado diga con cuál se hizo.',
        'stock' => 'Cuánto: un nivel necesita el tamaño del envase; escríbelo antes, o cuántos mL quedan.',
        'recall' => 'Por qué: di en pocas palabras por qué se retira.',
        'recall-2' => 'Retirado: avisa donde aparezca.',
        'release' => 'Ya no está retirado.',
        'teach' => 'Aprendido; se revisaron otra vez todas las listas de ingredientes.',
        'forget' => 'Olvidado; se revisaron otra vez todas las listas de ingredientes.',
        'import' => 'Archivo: elige un CSV de hasta 2 MB, con name y kind en la cabecera.',
        'destroy' => ':name ya no está en las existencias.',
        'taken-in' => '{1} Un producto importado.|[0,*] :count productos importados.',
        'update' => 'Cambiado.',
    ],
    'record' => [
        'store' => ':name está importado, con todo lo que tenía la ficha.',
    ],
    'safety-flag' => [
        'raise' => 'Apuntado. Lo que impide se queda fuera del plan hasta que alguien con nombre lo dé por bueno.',
        'clear' => 'Dado por bueno; el plan está al día sin ese límite.',
    ],
    'salon' => [
        'update' => 'Guardado. Los clientes nuevos empiezan desde aquí; los que tienes mantienen lo suyo.',
    ],
    'shared' => [
        'noted' => 'Apuntado.',
        'counted' => 'Contado.',
        'saved' => 'Guardado.',
        'withdrawn' => 'Retirado.',
    ],
    'style' => [
        'begin' => 'El peinado se sigue desde ese día.',
        'end' => 'Cuánto duró ha pasado a las pruebas del pelo.',
    ],
    'trial' => [
        'store' => 'El ensayo está en marcha. Toma su medida en Pruebas cada día de lavado.',
        'end' => 'El ensayo ha acabado; lo que dijo queda.',
    ],
    'wash-day' => [
        'store' => 'El lavado está guardado; el plan se ha puesto al día.',
        'destroy' => 'Deshecho: ese día de lavado se retira.',
    ],
];
