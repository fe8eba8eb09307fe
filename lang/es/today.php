<?php

declare(strict_types=1);

// El día de un vistazo: quién es el siguiente, qué necesita, si las manos van a tiempo y los envases llenos.
return [
    'calls' => [
        'missed' => 'No vino el :day.',
        'sign' => 'Un signo que impide tratamientos aún no se ha dado por bueno: pregunta qué dijo el profesional sanitario.',
    ],
    'title' => 'Hoy',
    'clients' => '{0} nadie tiene cita|{1} un cliente|[2,*] :count clientes',
    'to-come' => ':count por venir',
    'all-done' => 'todos están hechos',
    'before' => 'El día anterior', 'after' => 'El día siguiente', 'book' => 'Dar cita', 'end' => 'Fin del día',
    'nobody-works' => 'Este día no trabaja nadie.', 'hours-link' => 'Horarios y ausencias',
    'stale' => '{1} El plan de un cliente se está poniendo al día. Mira otra vez en un minuto, o ábrelo para tenerlo ya.|[2,*] Los planes de :count clientes se están poniendo al día. Mira otra vez en un minuto, o abre uno para tenerlo ya.',
    'empty' => 'Aún nadie. Da una cita, o mira a quién le toca.',
    'under-way' => 'En la silla', 'still-to-come' => 'Por venir',
    'over' => ':count ya fuera', 'over-title' => 'Ya fuera: :what',
    'over-kinds' => ['done' => ':count hechos', 'cancelled' => ':count anuladas', 'no-show' => '{1} uno no vino|[2,*] :count no vinieron'],
    'with' => ':service con :who', 'more-minutes' => ':minutes min más',
    'acts' => ['here' => 'Llegó', 'begin' => 'Empezar', 'through' => 'Hecho', 'over' => '+10 min'],
    'test-first' => 'Probar antes', 'why' => 'Por qué',
    'cards' => [
        'title' => 'Ahora', 'free' => 'libre', 'break' => 'descanso', 'away' => 'aún no está',
        'until' => 'hasta las :time', 'from' => 'desde las :time', 'done' => 'hecho hacia las :time',
        'hands-free' => 'manos libres hasta las :time', 'processing' => 'actúa',
        'beside' => ':name actúa hasta las :time', 'next' => 'después :name, a las :time', 'nobody' => 'hoy nadie más',
        'here' => ':name ya está aquí',
        'not-here' => 'después :name, aún no está',
    ],
    'left-open' => 'El lavado de :name del :day quedó sin terminar: aún no cuenta nada de él.', 'left-open-finish' => 'Terminarlo',
    'call' => 'Llamar', 'short' => 'Escasea', 'short-of' => 'hacen falta :needed mL, quedan :left mL',
    'short-none' => 'hacen falta :needed mL, ninguno anotado en Productos',
    'due' => 'Toca, sin cita', 'due-none' => 'Todos los que tocan esta semana tienen cita.',
    'due-now' => 'ya fuera de equilibrio',
    'due-in' => '{1} mañana fuera de equilibrio|[2,*] fuera de equilibrio en :count días',
    'book-link' => 'Dar cita',
    'minutes-late' => ':minutes min', 'hours-late' => ':hours h', 'hours-and-minutes-late' => ':hours h :minutes',
];
