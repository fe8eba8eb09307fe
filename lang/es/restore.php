<?php

declare(strict_types=1);

// Por qué un archivo no hace un salón.
return [
    'large' => 'El archivo pasa de 60 MB, más de lo que admite una página. En el terminal de esta máquina: php artisan nagomi:restore-salon, y el archivo.',
    'no-archive' => 'Esto no es el archivo de un salón. Llévate el salón entero en Importar y exportar, y da ese archivo.',
    'newer' => 'El archivo se hizo con otra versión; pon primero esta máquina en esa versión.',
    'damaged' => 'El archivo está dañado: :file no es lo que era.',
    'here' => 'Este salón, o un cliente suyo, ya está aquí. Un archivo hace un salón donde no hay nada de él.',
    'address' => 'Alguien ya entra aquí con :email.',
];
