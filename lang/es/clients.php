<?php

declare(strict_types=1);

// Todos los que cuida el salón: quién necesita algo primero.
return [
    'title' => 'Clientes',
    'search' => 'Buscar clientes por nombre o teléfono', 'search-short' => 'Nombre o teléfono',
    'compare' => 'Comparar planes', 'import' => 'Importar una ficha', 'new' => 'Cliente nuevo',
    'filter' => 'Mostrar',
    'filters' => ['all' => 'Todos', 'due' => 'Toca, sin cita', 'booked' => 'Con cita', 'sign' => 'Mirar antes'],
    'nobody' => [
        'all' => 'Aún no hay clientes.',
        'due' => 'Todos los que tocan esta semana tienen cita.',
        'booked' => 'Nadie tiene cita desde hoy.',
        'sign' => 'Ningún cliente tiene un signo abierto ni el cuero cabelludo dolorido.',
    ],
    'not-found' => 'Ningún cliente coincide con «:search». Prueba con una parte del nombre o del teléfono.',
    'see-all' => 'Ver todos los clientes',
    'due-since' => 'fuera de equilibrio desde el :day', 'due-today' => 'hoy fuera de equilibrio', 'due-on' => 'fuera de equilibrio hacia el :day',
    'booked-on' => 'cita el :day', 'next-wash' => 'próximo lavado el :day', 'next-wash-today' => 'próximo lavado hoy',
    'minutes' => ':minutes min',
    'sign' => 'mirar antes: un signo abierto', 'sore' => 'mirar antes: cuero cabelludo dolorido',
    'not-worked-out' => 'Aún sin calcular; ábrelo.',
    'part' => 'Clientes :from a :to de :count', 'pages' => 'Más clientes', 'before' => 'Clientes anteriores', 'after' => 'Clientes siguientes',
    'count' => '{1} Un cliente|[2,*] :count clientes',
];
