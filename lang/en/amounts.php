<?php

declare(strict_types=1);

/* How much, as a hand measures it. */

return [
    'presses' => [
        'a-section' => '{1} :number press a section|{2} :number presses a section',
        'for-sections' => 'one press for every :sections sections',
        'in-all' => '{1} :number press in all|{2} :number presses in all',
    ],
    'drops' => '{1} :number drop|{2} :number drops',
    'teaspoon' => '{1} :number teaspoon|{2} :number teaspoons',
    'tablespoon' => '{1} :number tablespoon|{2} :number tablespoons',
    'between' => ':least to :most',
    'much' => 'about :ml mL in all (:measure)',
];
