<?php

declare(strict_types=1);

/* Parts of a head that are treated alike, by where they grow. */

return [
    'whole-head' => 'whole head',
    'both' => ':one and :other',
    'root' => ['all' => 'new growth', 'most' => 'new growth', 'at' => 'new growth at :zones'],
    'length' => ['all' => 'the lengths', 'most' => 'most of the hair', 'at' => ':zones'],
    'zones' => [
        'edges' => 'edges', 'front' => 'front', 'left' => 'left', 'right' => 'right',
        'crown' => 'crown', 'centre' => 'centre', 'back' => 'back', 'nape' => 'nape',
    ],
];
