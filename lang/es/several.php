<?php

declare(strict_types=1);

// Varios planes uno al lado de otro: un hogar, o los clientes de un estilista.
return [
    'title' => 'Comparar planes', 'household-lead' => 'Todos los de este hogar, doce semanas por delante.',
    'stylist-lead' => 'Clientes que vio :name en las últimas dieciséis semanas, doce semanas por delante.',
    'household' => 'Hogar', 'any' => 'cualquiera', 'stylist' => 'o estilista', 'show' => 'Mostrar',
    'none' => 'Aquí aún no hay nadie. Un hogar se nombra con cada cliente nuevo; los clientes de un estilista son los que tienen cita con él.',
    'together' => 'Junto con otro el :days.',
];
