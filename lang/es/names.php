<?php

declare(strict_types=1);

// Nombres de clientes en una pantalla que otros pueden ver.
return [
    'hide' => 'Ocultar nombres', 'show' => 'Mostrar nombres',
    'hide-how' => 'Iniciales en vez de nombres y sin teléfonos, en todos los aparatos que uses.',
    'show-how' => 'Nombres y teléfonos, en todos los aparatos que uses.',
    'desk' => 'Mostrar en este aparato', 'no-desk' => 'Ocultar también en este aparato',
    'desk-how' => 'En este aparato, en la recepción, se muestran los nombres mientras están ocultos en los demás.',
];
