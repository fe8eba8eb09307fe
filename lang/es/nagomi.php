<?php

declare(strict_types=1);

// The words of the trade that a client at home reads, in Spanish.
return [
    'stylings' => ['rake' => 'peinado con los dedos', 'coils' => 'rizos al dedo', 'twists' => 'twists', 'braids' => 'trenzas', 'knots' => 'nudos', 'not-today' => 'al día siguiente'],
];
