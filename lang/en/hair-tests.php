<?php

declare(strict_types=1);

// What hair tests told.
return [
    'moves-nothing' => 'It moved neither moisture nor protein.',
];
