<?php

declare(strict_types=1);

/* Partes de una cabeza que se tratan igual, según dónde crecen. */

return [
    'whole-head' => 'toda la cabeza',
    'both' => ':one y :other',
    'root' => ['all' => 'lo recién crecido', 'most' => 'lo recién crecido', 'at' => 'lo recién crecido (:zones)'],
    'length' => ['all' => 'los largos', 'most' => 'casi todo el pelo', 'at' => ':zones'],
    'zones' => [
        'edges' => 'contorno', 'front' => 'flequillo', 'left' => 'izquierda', 'right' => 'derecha',
        'crown' => 'coronilla', 'centre' => 'centro', 'back' => 'parte de atrás', 'nape' => 'nuca',
    ],
];
