<?php

declare(strict_types=1);

// What the plan says.
return [
    'child' => [
        'protein' => 'Protein: no strong protein under :years years. Choose mild protein or none.',
        'heat' => 'Heat: never under :years years. Leave the cap or hood out.',
    ],
];
