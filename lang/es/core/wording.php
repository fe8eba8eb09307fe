<?php

declare(strict_types=1);

/* Cómo se escriben los días y los números en lo que dice el núcleo. */

return [
    'decimal-sign' => ',',
    'day' => ':day :month',
    'months' => [
        '1' => 'ene', '2' => 'feb', '3' => 'mar', '4' => 'abr', '5' => 'may', '6' => 'jun',
        '7' => 'jul', '8' => 'ago', '9' => 'sep', '10' => 'oct', '11' => 'nov', '12' => 'dic',
    ],
];
