<?php

declare(strict_types=1);

// Everyone the salon looks after: who needs something first.
return [
    'title' => 'Clients',
    'search' => 'Search clients by name or phone', 'search-short' => 'Name or phone',
    'compare' => 'Compare plans', 'import' => 'Import a record', 'new' => 'New client',
    'filter' => 'Show',
    'filters' => ['all' => 'All', 'due' => 'Due, not booked', 'booked' => 'Booked', 'sign' => 'Look first'],
    'nobody' => [
        'all' => 'No clients yet.',
        'due' => 'Everyone due this week is booked.',
        'booked' => 'Nobody is booked from today on.',
        'sign' => 'No client has an open sign or a sore scalp.',
    ],
    'not-found' => 'No client matches “:search”. Try a part of the name or of the phone number.',
    'see-all' => 'See all clients',
    'due-since' => 'out of balance since :day', 'due-today' => 'out of balance today', 'due-on' => 'out of balance by :day',
    'booked-on' => 'booked :day', 'next-wash' => 'next wash :day', 'next-wash-today' => 'next wash today',
    'minutes' => ':minutes min',
    'sign' => 'look first: an open sign', 'sore' => 'look first: sore scalp',
    'not-worked-out' => 'Not worked out yet; open it.',
    'part' => 'Clients :from to :to of :count', 'pages' => 'More clients', 'before' => 'Clients before', 'after' => 'Next clients',
    'count' => '{1} One client|[2,*] :count clients',
];
