<?php

declare(strict_types=1);

// A client as the front desk knows them.
return [
    'of' => ':name, contacto',
    'lead' => 'Cómo localizar, y qué hay reservado.',
    'book' => 'Reservar',
    'reach' => 'Nombre y contacto',
    'save' => 'Guardar',
    'to-come' => 'Reservado',
    'before' => 'Últimamente',
    'none' => ['to-come' => 'No hay nada reservado.', 'before' => 'Aún no hay ninguna visita.'],
    'said' => 'El contacto de :name está guardado.',
];
