<?php

declare(strict_types=1);

// What a client at home reads of a visit, in Spanish.
return [
    'evening-before' => 'La noche antes de tu visita del :day: :what.',
];
